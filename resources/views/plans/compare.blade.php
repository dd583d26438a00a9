@php
    $ids = array_map(fn ($plan) => $plan->id, $comparing->chosen);
    $with = fn (array $ids): string => route('compare', ['plans' => array_values($ids)] + ($sought === '' ? [] : ['q' => $sought]), false);
    $isFull = count($ids) >= Davrin\Core\Compare\Comparison::MOST;
@endphp
<x-page title="Compare plans" here="plans">
    <main class="whole compare">
        <p class="whole-way"><a class="quiet" href="{{ route('plans.index') }}">Plans</a></p>
        <h1>Compare plans</h1>
        @if ($comparing->comparison === null)
            <p class="max-w-xl text-[17px]">{{ $comparing->chosen === [] ? 'Choose two plans, or up to four.' : 'One is chosen. Choose another to hold it against.' }} They are drawn to one scale, and each difference from the first is told.</p>
        @endif
        @if ($comparing->drawings !== [])
            <div class="scrolls" tabindex="0" role="region" aria-label="The plans side by side">
                <table class="side-by-side">
                    <thead>
                        <tr>
                            <th scope="col" class="text-left text-[13px] font-normal text-soft">drawn to one scale</th>
                            @foreach ($comparing->chosen as $index => $plan)
                                <th scope="col">
                                    <svg viewBox="{{ $comparing->frame->left }} {{ $comparing->frame->top }} {{ $comparing->frame->wide() }} {{ $comparing->frame->high() }}" role="img" aria-label="{{ $comparing->drawings[$index]->words() }}">
                                        <defs><x-mesh-patterns :inks="$comparing->drawings[$index]->inks" /></defs>
                                        <x-mesh-on-form :drawing="$comparing->drawings[$index]" />
                                    </svg>
                                    <a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a>
                                    <a class="quiet" href="{{ $with(array_diff($ids, [$plan->id])) }}" aria-label="take out {{ $plan->name }}">take out</a>
                                    @if (! $loop->first)
                                        <a class="quiet" href="{{ $with([$plan->id, ...array_diff($ids, [$plan->id])]) }}" aria-label="put first {{ $plan->name }}">put first</a>
                                    @endif
                                </th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($comparing->comparison->rows ?? [] as $row)
                            <tr>
                                <th scope="row">{{ ucfirst($row->label) }}{{ $row->label === 'price to ask' ? ", $comparing->place" : '' }}</th>
                                @foreach ($row->cells as $cell)
                                    <td>
                                        <b>{{ Str::unbroken($cell->shown) }}</b>
                                        @if ($cell->differs)<span>{{ Str::unbroken($cell->differs) }}</span>@endif
                                        @if ($cell->isBest)<i>{{ $row->best }}</i>@endif
                                    </td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        <section class="mt-6" aria-label="Plans to choose from">
            <x-search :sought="$sought" label="Find a plan" hint="a name, a form, a technique, a mesh" :keep="['plans' => $ids]" />
            @if ($isFull)
                <p class="looked-at mt-1">Four are compared at once. Take one out to put in another.</p>
            @endif
            <ul class="to-compare">
                @forelse ($comparing->others as $plan)
                    <li>
                        @if ($plan->revision->card?->isCurrent())
                            <img src="{{ App\Plans\Picture::url($plan->id, $plan->revision->id) }}" alt="" width="44" height="44" loading="lazy" decoding="async">
                        @endif
                        @if ($isFull)
                            <span>{{ $plan->name }}</span>
                        @else
                            <a class="quiet" href="{{ $with([...$ids, $plan->id]) }}">{{ $plan->name }}</a>
                        @endif
                    </li>
                @empty
                    <li>{{ $sought === '' ? 'No other plan hangs on the wall.' : "No other plan bears \"$sought\"." }}</li>
                @endforelse
            </ul>
        </section>
    </main>
</x-page>
