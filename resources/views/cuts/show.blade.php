@php [$units, $sheet, $ticked] = [$page->units, $page->sheet, $cut->tickedCuts()]; @endphp
<x-page :title="'Cut sheet: '.$page->name" here="plans">
    <main class="cut-sheet px-8 pt-5 pb-16">
        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$page->inks" /></defs></svg>
        <p class="text-[13.5px] editor-only"><a href="{{ $page->fromUrl }}">{{ $page->from }}</a></p>
        <div class="flex flex-wrap items-baseline gap-x-5 gap-y-2">
            <h1 class="text-3xl">Cut sheet<span class="sr-only">, {{ $page->name }}</span></h1>
            @if ($page->isOfSeveral())
                <span class="text-[17px]">@foreach ($page->plans as [$words, $url])@if ($url)<a href="{{ $url }}">{{ $words }}</a>@else{{ $words }}@endif{{ $loop->last ? '' : ($loop->remaining === 1 ? ' and ' : ', ') }}@endforeach</span>
            @else
                <span class="print-only text-[17px]">{{ $page->name }}</span>
            @endif
            <span class="text-[17px]"><b id="ticked">{{ count($ticked) }}</b> of {{ $sheet->count() }} ticked</span>
            <nav class="orders ml-auto editor-only" aria-label="order">
                @foreach (Davrin\Core\Cut\CutOrder::cases() as $case)
                    <a href="{{ $cut->sheetUrl() }}?order={{ $case->value }}" @if ($case === $page->order) aria-current="true" @endif>{{ $case->words() }}</a>
                @endforeach
            </nav>
            <span class="editor-only flex gap-3">
                <a class="act" href="{{ $cut->sheetUrl() }}.pdf?order={{ $page->order->value }}">PDF, Letter</a>
                <a class="act" href="{{ $cut->sheetUrl() }}.pdf?order={{ $page->order->value }}&amp;paper=a4">PDF, A4</a>
            </span>
        </div>
        <x-notices />
        @if ($unticked = session('unticked'))
            <form method="post" action="{{ $cut->sheetUrl() }}" class="refused mt-4 flex flex-wrap items-center gap-4" role="alert">
                @csrf
                <p>{{ $unticked['ticked'] === 0 ? 'None' : "Only {$unticked['ticked']}" }} of the {{ Davrin\Core\Words\Words::count($unticked['all'], 'cut') }} {{ $unticked['ticked'] === 1 ? 'is' : 'are' }} ticked. Was all of it cut?</p>
                <button class="act act-strong" name="all" value="1" autofocus>Yes, all of it is cut</button>
                <a class="act" href="{{ $cut->sheetUrl() }}">No, go on</a>
            </form>
        @endif
        @if (($changed ?? []) !== [])
            <p class="editor-only mt-2">{{ Davrin\Core\Words\Words::list($changed) }} {{ count($changed) === 1 ? 'is' : 'are' }} not as cut here any more. <a href="{{ $page->fromUrl }}">Lay {{ count($changed) === 1 ? 'it' : 'them' }} on the rolls as {{ count($changed) === 1 ? 'it is' : 'they are' }} now</a>.</p>
        @endif
        @if ($sheet->rolls === [])
            <p class="mt-8 text-[17px]">Nothing is cut for this plan yet. Put a layer of mesh on the ties, and its cuts stand here.</p>
        @else
            <div class="ways">
                @foreach ($sheet->ways as $way)
                    <p>{{ $way }}</p>
                @endforeach
                @foreach ($sheet->cautions as $caution)
                    <p class="caution">{{ $caution->words() }}</p>
                @endforeach
                @if ($sheet->toBuy !== [])
                    <p>Have at hand: {{ implode(', ', $sheet->toBuy) }}. Lay a new roll beside what is there in daylight before you cut it: dye lots vary.</p>
                @endif
                @if ($page->isShort && $page->isOfSeveral())
                    <p class="refused">There is not mesh enough for all of these: some pieces are on no roll. Take fewer copies, or more mesh into their plans.</p>
                @endif
                @foreach ($sheet->warnings as $warning)
                    <p class="warned">{{ $warning }}</p>
                @endforeach
                @if ($sheet->isWarned() && ! $page->isOfSeveral())
                    <p class="editor-only"><a href="{{ $page->fromUrl }}">What can be done stands under the warning in the plan</a>.</p>
                @endif
            </div>
            @foreach ($page->pages[$number - 1] as $roll)
                <section class="sheet-roll" id="roll-{{ $roll->key }}-{{ $roll->roll->number }}">
                    <h2><x-swatch :ink="$page->inks[$roll->key]" /> {{ $roll->wound->name() }}, {{ $units->exact($roll->wound->width()) }}. {{ $roll->name }}@if ($kept = $page->kept($roll))<span class="kept">, stored: {{ $kept }}</span>@endif</h2>
                    @foreach ($roll->warnings as $warning)
                        <p class="warned">{{ $warning }}</p>
                    @endforeach
                    <x-roll-strip :strip="$page->strip($roll)" :ink="$page->inks[$roll->key]" :name="$roll->wound->name()" />
                    @foreach ($roll->groups() as $cuts)
                        <div class="alike">
                            <b>{{ count($cuts) }} x {{ $units->needed($cuts[0]->segment->length) }}@if ($cuts[0]->isTied)<span>, not cut</span>@endif @if ($cuts[0]->whose)<span class="whose">for {{ $cuts[0]->whose }}</span>@endif</b>
                            <ul>
                                @foreach ($cuts as $its)
                                    <li>
                                        <form method="post" action="{{ $cut->sheetUrl() }}/ticks" hx-post="{{ $cut->sheetUrl() }}/ticks" hx-trigger="change" hx-swap="none">
                                            @csrf
                                            <input type="hidden" name="cut" value="{{ $its->key }}">
                                            <input type="hidden" name="order" value="{{ $page->order->value }}">
                                            @if ($number > 1)
                                                <input type="hidden" name="page" value="{{ $number }}">
                                            @endif
                                            <label title="{{ $its->for }}"><input type="checkbox" name="done" value="1" @checked(in_array($its->key, $ticked, true)) @disabled($cut->cutAt() !== null) data-tick autocomplete="off"> {{ $its->segment->tie === null ? $its->for : ($its->segment->element === null ? 'tail, ' : '').'tie '.$its->segment->tie }} <span>{{ $units->needed($its->total) }}</span></label>
                                            @if ($cut->cutAt() === null)<noscript><button class="quiet">tick</button></noscript>@endif
                                        </form>
                                    </li>
                                @endforeach
                            </ul>
                        </div>
                    @endforeach
                    <p class="goes-back">{{ ucfirst($roll->rest($units)) }}</p>
                </section>
            @endforeach
            @if (count($page->pages) > 1)
                <nav class="pages mt-6" aria-label="pages of the cut sheet">
                    <span>Page {{ $number }} of {{ count($page->pages) }}</span>
                    @foreach ([[$number - 1, 'prev', 'Rolls before'], [$number + 1, 'next', 'Rolls after']] as [$other, $rel, $words])
                        @if ($other >= 1 && $other <= count($page->pages))
                            <a class="act editor-only" rel="{{ $rel }}" href="{{ $cut->sheetUrl() }}?order={{ $page->order->value }}&amp;page={{ $other }}">{{ $words }}</a>
                        @endif
                    @endforeach
                    <span class="text-soft">All pages are in the PDF.</span>
                </nav>
            @endif
            <div class="editor-only mt-6 flex flex-wrap items-center gap-4">
                @if ($cut->cutAt())
                    <p><b>All of it was cut</b> on {{ $cut->cutAt()->format('M j, Y') }}; the shelf knows of it. This sheet stays as it was then.</p>
                    <form method="post" action="{{ $cut->sheetUrl() }}/cuts">
                        @csrf
                        @method('delete')
                        <button class="act">Undo: put it back on the shelf</button>
                    </form>
                @elseif (! $page->isShort)
                    <form method="post" action="{{ $cut->sheetUrl() }}">
                        @csrf
                        <button class="act act-strong">All of it is cut: take it off the shelf</button>
                    </form>
                    <p class="max-w-md text-[13.5px] text-soft">Lengths leave the rolls on the shelf, what is left goes back on it, and pieces {{ $units->exact($page->keepFrom) }} and longer are kept. It can be undone.</p>
                @endif
            </div>
        @endif
        @if ($sheet->labels() !== [])
            <form method="post" action="{{ $cut->sheetUrl() }}/labels" class="editor-only mt-4 flex items-center gap-4">
                @csrf
                <button class="act">Print {{ Davrin\Core\Words\Words::count(count($sheet->labels()), 'label') }} for what goes back</button>
                <a class="text-[13.5px]" href="{{ route('labels.show') }}">to the label printer</a>
            </form>
        @endif
        @if ($page->isOfSeveral())
            <form method="post" action="{{ $cut->sheetUrl() }}" class="editor-only mt-6">
                @csrf
                @method('delete')
                <button class="quiet">Put this sheet away</button>
            </form>
        @endif
    </main>
</x-page>
