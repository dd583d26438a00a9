@php
    [$price, $problems, $typed] = [$priced->price, $request->problems(), $request->asTyped()];
    [$low, $high] = $priced->range();
    $query = fn (array $other): string => route('plans.price', [$saved, ...array_filter($other + $typed, fn ($its) => $its !== null)], false);
@endphp
<x-page :title="'What '.$saved->name.' costs, and what to ask'" here="plans">
    <main class="whole prices">
        @include('whole.heading', ['here' => 'price'])
        <h1>What {{ $saved->name }} costs, and what to ask</h1>
        <x-notices />
        <div class="pricing">
            @include('prices.sheet')
            <section class="asking" aria-label="What to ask">
                <form method="get" action="{{ route('plans.price', $saved) }}" class="sentence what-if" hx-get="{{ route('plans.price', $saved, false) }}" hx-trigger="input delay:250ms, change" hx-target="#content" hx-select="#content" hx-swap="morph" hx-ext="morph" hx-replace-url="true" hx-sync="this:replace">
                    In a batch of <input class="blank" type="text" inputmode="numeric" name="copies" size="3" maxlength="6" value="{{ $request->typed('copies') ?: 1 }}" aria-label="how many pieces are made together" autocomplete="off" @if (isset($problems['copies'])) aria-invalid="true" aria-describedby="problem-copies" @endif>, one takes me <input class="blank" type="text" name="minutes" size="7" maxlength="12" value="{{ $request->typed('minutes') }}" placeholder="{{ $priced->sheet->minutes }} min" aria-label="minutes that one takes" autocomplete="off" @if (isset($problems['minutes'])) aria-invalid="true" aria-describedby="problem-minutes" @endif>.
                    I sell it at <select class="blank" name="place" aria-label="where it is sold" autocomplete="off">
                        @foreach ($priced->prices as $id => $there)
                            <option value="{{ $id }}" @selected($id === $priced->at())>{{ $there->place->name() }}</option>
                        @endforeach
                    </select>
                    for <input class="blank asked" type="text" inputmode="decimal" name="asked" size="9" maxlength="14" value="{{ $request->typed('asked') }}" placeholder="{{ $price->friendly->shown() }}" aria-label="the price that is asked" autocomplete="off" data-asked @if (isset($problems['asked'])) aria-invalid="true" aria-describedby="problem-asked" @endif>.
                    <input class="asking-range" type="range" min="{{ $low }}" max="{{ $high }}" step="1" value="{{ $price->asked->cents }}" data-asked-range data-decimals="{{ $price->asked->currency->decimals() }}" aria-label="try another price" autocomplete="off">
                    @foreach ($problems as $field => $problem)
                        <span class="problem" id="problem-{{ $field }}" role="alert">{{ $problem }}</span>
                    @endforeach
                    <noscript><button class="act">Work it out</button></noscript>
                </form>
                <div class="answers" aria-live="polite">
                    <p @class(['hour', 'is-loss' => $sheet['isLoss']])><b>{{ $sheet['hour'] ?? 'no time' }}</b> <span>{{ $sheet['hour'] === null ? 'is counted' : "is what an hour really earns at {$sheet['asked']}" }}</span></p>
                    @if ($sheet['isLoss'])
                        <p class="refused">{{ $sheet['asked'] }} loses money: an hour of yours counts {{ $priced->sheet->terms->work->money('rate')->shown() }}, and this price does not pay it. Ask {{ $price->breakEven->shown() }} or more.</p>
                    @endif
                    @include('prices.answers')
                </div>
                <table class="everywhere">
                    <thead><tr><th scope="col">Elsewhere</th><th scope="col">ask</th><th scope="col">loses below</th><th scope="col">an hour earns</th></tr></thead>
                    <tbody>
                        @foreach ($priced->prices as $id => $there)
                            <tr @class(['is-here' => $id === $priced->at()])>
                                <th scope="row"><a href="{{ $query(['place' => $id, 'asked' => null]) }}" @if ($id === $priced->at()) aria-current="true" @endif>{{ $there->place->name() }}</a></th>
                                <td>{{ $there->asked->shown() }}</td><td>{{ $there->breakEven->shown() }}</td><td>{{ $there->anHour()?->shown() ?? 'not known' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <div class="take-along">
                    <form method="post" action="{{ route('plans.keep-price', $saved) }}">
                        @csrf
                        @foreach (['place' => $priced->at(), 'asked' => $price->asked->canonical()] + $typed as $name => $value)
                            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                        @endforeach
                        <button class="act act-strong">Ask {{ $sheet['asked'] }}: keep this sheet</button>
                    </form>
                    <a class="act" href="{{ route('plans.price-pdf', [$saved, ...$typed]) }}">PDF, Letter</a>
                    <a class="act" href="{{ route('plans.price-pdf', [$saved, ...$typed, 'paper' => 'a4']) }}">PDF, A4</a>
                    <a class="act" href="{{ route('plans.price-csv', [$saved, ...$typed]) }}">CSV</a>
                </div>
                @if ($kept->isNotEmpty())
                    <p class="looked-at">Kept before:
                        @foreach ($kept as $its)
                            <a class="quiet" href="{{ route('prices.show', $its) }}">{{ $its->asked }} at {{ $its->place }}, {{ $its->created_at->format('M j') }}</a>{{ $loop->last ? '' : ';' }}
                        @endforeach
                    </p>
                @endif
            </section>
        </div>
        <h2 class="mt-8 text-xl">What I price by</h2>
        <p class="looked-at">It holds for every plan. A price that is kept stays as it was.</p>
        @include('prices.terms')
    </main>
</x-page>
