<x-page title="Which roll is cheaper" here="prices">
    <main class="whole prices" id="rolls">
        <p class="whole-way"><a class="quiet" href="{{ route('prices.index') }}">prices</a></p>
        <h1>Which roll is cheaper</h1>
        <p class="max-w-3xl">The price of a yard says little, that of a square foot more, that of a finished piece everything: it counts the ends that are left, and that a narrow mesh takes more layers.</p>
        @if ($terms->offers !== [] && $cut->plan !== null)
            <form method="get" action="{{ route('prices.rolls') }}" class="sentence what-if mt-2" hx-get="{{ route('prices.rolls', absolute: false) }}" hx-trigger="change" hx-target="#rolls" hx-select="#rolls" hx-swap="morph" hx-ext="morph" hx-push-url="true" hx-sync="this:replace">
                For <input class="blank" type="text" inputmode="numeric" name="copies" size="3" maxlength="20" value="{{ $cut->typedCopies === '' ? 1 : $cut->typedCopies }}" aria-label="how many pieces are made together" autocomplete="off" @if ($cut->refused) aria-invalid="true" aria-describedby="problem" @endif>
                of <select class="blank" name="plan" aria-label="the plan" autocomplete="off">
                    @foreach ($cut->plans as $id => $name)
                        <option value="{{ $id }}" @selected($id === $cut->plan->id)>{{ $name }}</option>
                    @endforeach
                </select>@if ($cut->materials !== []), instead of
                    <select class="blank" name="material" aria-label="the material that is cut from another roll" autocomplete="off">
                        @foreach ($cut->materials as $id => $name)
                            <option value="{{ $id }}" @selected($id === $cut->material)>{{ $name }}</option>
                        @endforeach
                    </select>@endif.
                @if ($cut->refused)
                    <span class="problem" id="problem" role="alert">{{ $cut->refused }}</span>
                @endif
                <noscript><button class="act">Work it out</button></noscript>
            </form>
        @endif
        @if ($cut->offers !== [])
            <div class="scrolls" tabindex="0" role="region" aria-label="Rolls on offer">
                <table class="everywhere offers">
                    <thead><tr><th scope="col">Roll</th><th scope="col">a yard</th><th scope="col">a square foot</th><th scope="col">layers</th><th scope="col">rolls opened</th><th scope="col">a piece, by length used</th><th scope="col">a piece, by what is opened</th></tr></thead>
                    <tbody>
                        @foreach ($cut->offers as $its)
                            <tr @class(['is-here' => $loop->first && count($cut->offers) > 1 && $its->opened])>
                                <th scope="row">{{ $its->offer->name() }}</th>
                                <td>{{ $its->offer->aYard()->shown }}</td>
                                <td>{{ $its->offer->aSquareFoot()->shown }}</td>
                                @if ($its->opened)
                                    <td>{{ $its->layersWords() }}</td>
                                    <td>{{ $its->rolls }}</td>
                                    <td>{{ $its->used->shown }}</td>
                                    <td><b>{{ $its->opened->shown }}</b>@if ($loop->first && count($cut->offers) > 1) <i>cheapest</i>@endif</td>
                                @else
                                    <td colspan="4" class="cannot">{{ $its->refused }}</td>
                                @endif
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <p class="looked-at">Delivery is shared by the rolls of an order. As many layers are counted as come near the width of the plan's own roll; only this material is.</p>
        @elseif ($terms->offers === [])
            <p class="mt-3 text-[17px]">No roll is on offer yet. Add what you see in the shop or on the market.</p>
        @elseif ($cut->plan === null)
            <p class="mt-3 text-[17px]">No plan hangs on the wall yet, so nothing can be cut from them.</p>
        @endif
        <section class="terms mt-5" aria-label="What is on offer">
            @foreach ($terms->offers as $id => $line)
                <div class="term">
                    <x-terms-form :line="$line" :problem="$terms->problem" />
                    <form method="post" action="{{ route('prices.edit') }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ $id }}">
                        <button class="quiet" name="do" value="remove-offer">take away</button>
                    </form>
                </div>
            @endforeach
            @if ($terms->problem && $terms->problem->address === null)
                <p class="problem" role="alert">{{ $terms->problem->sentence }}</p>
            @endif
            <form method="post" action="{{ route('prices.edit') }}">
                @csrf
                <button class="quiet" name="do" value="add-offer">add a roll on offer</button>
            </form>
            @if ($terms->mayUndo)
                <form method="post" action="{{ route('prices.undo') }}">
                    @csrf
                    <button class="quiet">undo the last change of these</button>
                </form>
            @endif
        </section>
    </main>
</x-page>
