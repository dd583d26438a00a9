<x-page title="Shelf" here="shelf">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-3">
            <h1 class="mr-auto text-3xl">The shelf</h1>
            <a class="act" href="{{ route('scraps.show') }}">What scraps make</a>
            <a class="act" href="{{ route('imports.save') }}" download>Save as CSV</a>
            <x-open-file :to="route('imports.open')" accept=".csv,.tsv,.txt,text/csv" :most="App\Http\Controllers\ShelfFileController::MOST_BYTES">Open a CSV file</x-open-file>
            <form method="post" action="{{ route('shelf.store') }}" class="flex items-end gap-2">
                @csrf
                <select class="blank" name="ware" aria-label="what to put on the shelf" autocomplete="off">
                    @foreach ($wares as $key => $ware)
                        <option value="{{ $key }}">{{ $ware->noun()[0] }}</option>
                    @endforeach
                </select>
                <button class="act act-strong">Add an item</button>
            </form>
        </div>
        <x-notices />
        <form method="get" action="{{ route('shelf.index') }}" class="look" role="search" hx-get="{{ route('shelf.index') }}" hx-trigger="change, input delay:250ms from:#look-q" hx-target="#boards" hx-select="#boards" hx-swap="outerHTML" hx-push-url="true">
            <span>Show</span>
            <select class="blank" name="kind" aria-label="kind" autocomplete="off">
                <option value="">everything</option>
                @foreach ($wares as $key => $ware)
                    <option value="{{ $key }}" @selected($look->ware() === $key)>{{ $ware->noun()[1] }}</option>
                @endforeach
            </select>
            <span>in</span>
            <select class="blank" name="colour" aria-label="colour" autocomplete="off">
                <option value="">any colour</option>
                @foreach (Davrin\Core\Colour\Family::cases() as $family)
                    <option value="{{ $family->value }}" @selected($look->family() === $family)>{{ $family->value }}</option>
                @endforeach
            </select>
            <span>of</span>
            <select class="blank" name="width" aria-label="width" autocomplete="off">
                <option value="">any width</option>
                @foreach ($widths as $width => $words)
                    <option value="{{ $width }}" @selected($look->width() === (int) $width)>{{ $words }}</option>
                @endforeach
            </select>
            <label for="look-q">named or stored in</label>
            <input class="blank" id="look-q" type="search" name="q" value="{{ $look->words() }}" size="16" maxlength="60" placeholder="anything" autocomplete="off">
            @if ($away > 0 || $look->archived())
                <label class="ml-3 text-[13.5px]"><input type="checkbox" name="away" value="1" @checked($look->archived())> put away ({{ $away }})</label>
            @endif
            <noscript><button class="act">Look</button></noscript>
        </form>

        <div id="boards">
            <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$things->getCollection()->pluck('ink')" /></defs></svg>
            @if ($things->isEmpty())
                <section class="mt-10 max-w-xl text-[17px]">
                    @if ($look->isNarrow())
                        <p>Nothing on the shelf is like that. <a href="{{ route('shelf.index') }}">Show everything</a></p>
                    @else
                        <p>The shelf is empty. Put the rolls on it that you have, opened ones too: then plans are cut from them first, and nothing is bought twice.</p>
                        <p class="mt-3">An opened roll need not be unrolled: it is weighed, or measured across.</p>
                    @endif
                </section>
            @endif
            <ul class="boards">
                @foreach ($things as $thing)
                    <x-shelf-thing :thing="$thing" />
                @endforeach
            </ul>
            {{ $things->links('plans.pages') }}
        </div>
        <div class="mt-8 flex flex-wrap items-baseline gap-x-8 gap-y-2 text-[13.5px]">
        @if ($rounding = session('rounding'))
            <form method="post" action="{{ route('currency') }}" class="refused flex w-full flex-wrap items-center gap-4" role="alert">
                @csrf
                <input type="hidden" name="currency" value="{{ $rounding['currency'] }}">
                <p class="max-w-2xl">{{ $rounding['words'] }}</p>
                <button class="act act-strong" name="may_round" value="1" autofocus>Count in {{ $rounding['name'] }}</button>
                <a class="act" href="{{ route('shelf.index') }}">Keep {{ $currency->name() }}</a>
            </form>
        @endif
        <form method="post" action="{{ route('units') }}" class="flex items-baseline gap-2">
            @csrf
            <span>The shelf speaks in {{ $units->value }}.</span>
            @php $other = $units === Davrin\Core\Measure\Units::Inches ? Davrin\Core\Measure\Units::Metric : Davrin\Core\Measure\Units::Inches; @endphp
            <input type="hidden" name="units" value="{{ $other->value }}">
            <button class="quiet">Speak in {{ $other->value }}</button>
        </form>
        <form method="post" action="{{ route('currency') }}" class="flex items-baseline gap-2">
            @csrf
            <label for="currency">Its prices are in</label>
            <select class="blank" id="currency" name="currency" autocomplete="off">
                @foreach (Davrin\Core\Measure\Currency::cases() as $each)
                    <option value="{{ $each->value }}" @selected($each === $currency)>{{ $each->name() }}</option>
                @endforeach
            </select>
            <button class="quiet">Change it; figures stay</button>
        </form>
        </div>
    </main>
</x-page>
