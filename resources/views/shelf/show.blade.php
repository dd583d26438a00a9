@php use Davrin\Core\Measure\Length; use Davrin\Core\Measure\Units; @endphp
<x-page :title="$item->name" here="shelf">
    <main class="shelf-item px-8 pt-5 pb-16" id="item">
        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="[$things->ink]" /></defs></svg>
        <p class="text-[13.5px]"><a href="{{ route('shelf.index') }}">The shelf</a></p>
        <div class="mt-1 flex flex-wrap items-baseline gap-4">
            <h1 class="text-3xl">{{ $item->name }}</h1>
            <span class="text-[17px]">{{ $item->together() === 0 ? 'nothing left' : $item->togetherWords() }}</span>
            @if ($item->weightWords())<span class="text-soft">{{ $item->weightWords() }}</span>@endif
            @if ($item->isLow())<span class="low">low</span>@endif
            <form class="ml-auto" method="post" action="{{ route($item->isArchived() ? 'shelf.restore' : 'shelf.archive', $item) }}">
                @csrf
                <button class="quiet">{{ $item->isArchived() ? 'put it back on the shelf' : 'put it away' }}</button>
            </form>
        </div>
        <x-notices />
        @if ($silent)
            <p class="refused" role="alert">{{ $silent }}</p>
        @endif
        <div class="halves">
            <section>
                <form method="post" action="{{ route('shelf.edit', $item) }}" hx-post="{{ route('shelf.edit', $item) }}" hx-trigger="change" hx-target="#item" hx-select="#item" hx-swap="morph" hx-ext="morph">
                    @csrf
                    <x-sentence :line="$sentence" :problem="$problem" class="text-[16px] leading-8" />
                    @if ($problem)
                        <x-problem :problem="$problem" kept="The shelf is as it was." />
                    @endif
                    <noscript><button class="act">Save</button></noscript>
                </form>
                <form class="came" method="post" action="{{ route('shelf.take', $item) }}">
                    @csrf
                    <label>{{ $item->ware()->isWound() ? 'Add' : 'Add so many' }} <input class="blank" name="came" value="{{ old('stock') ? '' : old('came') }}" size="{{ $item->ware()->isWound() ? 22 : 6 }}" maxlength="400" placeholder="{{ $item->ware()->isWound() ? '2 x 10 yd' : '25' }}" required autocomplete="off"></label>
                    <label>stored in <input class="blank" name="kept" value="{{ old('stock') ? '' : old('kept') }}" size="14" maxlength="60" placeholder="where?" autocomplete="off"></label>
                    <button class="act act-strong">Add</button>
                    @if ($item->ware()->isWound())
                        <p class="mt-1 text-[13px] text-soft">Rolls, opened ones, loose pieces: "2 x 10 yd lot B7, 131 in, 6 x 20 in". A new roll goes by its label and an opened one as measured, unless you write "measured" or "by label".</p>
                    @endif
                </form>
            </section>
            <section>
                <h2 class="text-lg">What there is of it</h2>
                @if ($stock->isEmpty())
                    <p class="mt-2 text-soft">Nothing just now.</p>
                @endif
                @foreach ($stock as $one)
                    <x-shelf-stock :stock="$one" :item="$item" :ink="$things->ink" :weight="$weight" />
                @endforeach
                <x-pages :of="$stock" class="mt-4" label="more of it" order="the longest first" before="Longer ones" after="Shorter ones" />
            </section>
        </div>
        @if ($history->isNotEmpty())
            <section class="mt-8 max-w-4xl">
                <h2 class="text-lg">What happened to it</h2>
                <ol class="history">
                    @foreach ($history as $movement)
                        <li @class(['undone' => $movement->undone_at])>
                            <time datetime="{{ $movement->created_at->toIso8601String() }}">{{ $movement->created_at->format('M j, Y') }}</time>
                            <span>{{ $movement->words }}</span>
                            <b>{{ $movement->amount < 0 ? '-' : '+' }} {{ $movement->stock->shown(abs($movement->amount)) }}</b>
                            @if ($movement->undone_at)
                                <span class="text-soft">undone</span>
                            @else
                                <form method="post" action="{{ route('stock.undo', $movement) }}">
                                    @csrf
                                    <button class="quiet">{{ in_array($movement->id, $goesTogether, true) ? 'undo all these cuts' : 'undo' }}</button>
                                </form>
                            @endif
                        </li>
                    @endforeach
                </ol>
            </section>
        @endif
    </main>
</x-page>
