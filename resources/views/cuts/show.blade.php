@php $units = $plan->units(); @endphp
<x-page :title="'Cut sheet: '.$plan->name()" here="plans">
    <main class="cut-sheet px-8 pt-5 pb-16">
        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$inks" /></defs></svg>
        <p class="text-[13.5px] editor-only"><a href="{{ route('plans.show', $saved) }}">{{ $plan->name() }}</a></p>
        <div class="flex flex-wrap items-baseline gap-x-5 gap-y-2">
            <h1 class="text-3xl">Cut sheet<span class="sr-only">, {{ $plan->name() }}</span></h1>
            <span class="print-only text-[17px]">{{ $plan->name() }}</span>
            <span class="text-[17px]"><b id="ticked">{{ count($ticked) }}</b> of {{ $sheet->count() }} ticked</span>
            <nav class="orders ml-auto editor-only" aria-label="order">
                @foreach (Davrin\Core\Cut\CutOrder::cases() as $case)
                    <a href="{{ route('cuts.show', [$saved, 'order' => $case->value]) }}" @if ($case === $order) aria-current="true" @endif>{{ $case->words() }}</a>
                @endforeach
            </nav>
            <span class="editor-only flex gap-3">
                <a class="act" href="{{ route('cuts.pdf', [$saved, 'order' => $order->value]) }}">PDF, Letter</a>
                <a class="act" href="{{ route('cuts.pdf', [$saved, 'order' => $order->value, 'paper' => 'a4']) }}">PDF, A4</a>
            </span>
        </div>
        <x-notices />
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
                    <p>Have at hand: {{ implode(', ', $sheet->toBuy) }}. Lay a new roll beside what is there in daylight before you cut it: runs of the mill differ.</p>
                @endif
                @if ($result->verdict->short)
                    <p class="refused">The plan is short: some pieces are on no roll. What can be done stands under its warning.</p>
                @endif
            </div>
            @foreach ($sheet->rolls as $roll)
                @php $strip = collect($strips->strips[$roll->mesh->id])->first(fn ($strip) => in_array($roll->roll->number, $strip->numbers, true)); @endphp
                <section class="sheet-roll" id="roll-{{ $roll->mesh->id }}-{{ $roll->roll->number }}">
                    <h2><x-swatch :ink="$inks[$roll->mesh->id]" /> {{ $roll->mesh->name() }}, {{ $units->exact($roll->mesh->width()) }}. {{ $roll->name }}</h2>
                    <x-roll-strip :strip="$strip" :ink="$inks[$roll->mesh->id]" :name="$roll->mesh->name()" />
                    @foreach ($roll->groups() as $cuts)
                        <div class="alike">
                            <b>{{ count($cuts) }} x {{ $units->needed($cuts[0]->segment->length) }}@if ($cuts[0]->isTied)<span>, not cut</span>@endif</b>
                            <ul>
                                @foreach ($cuts as $cut)
                                    <li>
                                        <form method="post" action="{{ route('cuts.tick', $saved) }}" hx-post="{{ route('cuts.tick', $saved) }}" hx-trigger="change" hx-swap="none">
                                            @csrf
                                            <input type="hidden" name="cut" value="{{ $cut->key }}">
                                            <label title="{{ $cut->for }}"><input type="checkbox" name="done" value="1" @checked(in_array($cut->key, $ticked, true)) data-tick autocomplete="off"> {{ $cut->segment->tie === null ? $cut->for : ($cut->segment->element === null ? 'tail, ' : '').'tie '.$cut->segment->tie }} <span>{{ $units->needed($cut->total) }}</span></label>
                                            <noscript><button class="quiet">tick</button></noscript>
                                        </form>
                                    </li>
                                @endforeach
                            </ul>
                        </div>
                    @endforeach
                    <p class="goes-back">{{ $roll->label === null ? $units->available($roll->roll->left()).' left: too short to keep' : "Back on the shelf: $roll->label" }}</p>
                </section>
            @endforeach
            <div class="editor-only mt-6 flex flex-wrap items-center gap-4">
                @if ($saved->cut_at)
                    <p><b>All of it was cut</b> on {{ $saved->cut_at->format('M j, Y') }}; the shelf knows of it.</p>
                    <form method="post" action="{{ route('cuts.undo', $saved) }}">
                        @csrf
                        @method('delete')
                        <button class="act">Undo: put it back on the shelf</button>
                    </form>
                @elseif (! $result->verdict->short)
                    <form method="post" action="{{ route('cuts.work', $saved) }}">
                        @csrf
                        <button class="act act-strong">All of it is cut: take it off the shelf</button>
                    </form>
                    <p class="max-w-md text-[13.5px] text-soft">Lengths leave the rolls on the shelf, what is left goes back on it, offcuts of {{ $units->exact($plan->settings->keepFrom()) }} and more too. It can be undone.</p>
                @endif
            </div>
        @endif
    </main>
</x-page>
