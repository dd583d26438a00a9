{{-- One roll or heap: how much of it is left, to scale, who holds it, and the ways to measure it. --}}
@props(['stock', 'item', 'ink', 'weight' => null])
@php
    $gauge = App\Shelf\Gauge::of($stock);
    $slip = $item->slip();
    $open = old('stock') === (string) $stock->id ? old('way') : null;
@endphp
<article class="stock" id="stock-{{ $stock->id }}">
    <div class="flex flex-wrap items-baseline gap-x-3">
        <b class="text-[16px]">{{ $stock->shown($stock->amount) }}</b>
        <span class="text-soft">{{ ['full' => 'full roll', 'part' => 'opened roll', 'loose' => 'loose pieces', 'heap' => 'lying here'][$stock->kind->value] }}, {{ $stock->known }}{{ $stock->lot ? ", lot $stock->lot" : '' }}{{ $stock->kept !== '' ? ", $stock->kept" : '' }}</span>
        <form class="ml-auto" method="post" action="{{ route('labels.stock', $stock) }}">
            @csrf
            <button class="quiet">print its label</button>
        </form>
        <form method="post" action="{{ route('stock.gone', $stock) }}">
            @csrf
            <button class="quiet">used up</button>
        </form>
    </div>
    @if ($gauge)
        <svg class="gauge" viewBox="0 0 {{ $gauge::WIDTH + 2 }} 18" aria-hidden="true">
            <rect class="ghost" x="1" y="1" width="{{ $gauge::WIDTH }}" height="16" />
            <rect x="1" y="1" width="{{ $gauge->left }}" height="16" fill="url(#mesh-{{ $ink->id }})" />
            @if ($gauge->held > 0)
                <rect class="held" x="1" y="1" width="{{ $gauge->held }}" height="16" />
            @endif
        </svg>
    @endif
    @foreach ($stock->reservations as $reservation)
        <p class="text-[13.5px]">{{ $stock->shown($reservation->amount) }} held for <a href="{{ $reservation->build_id === null ? route('plans.show', $reservation->plan_id) : route('builds.show', $reservation->build_id) }}">{{ $reservation->holder() }}</a>{{ $loop->last ? '; '.$stock->shown($stock->free()).' free' : '' }}</p>
    @endforeach
    <div class="flex flex-wrap gap-x-5 text-[13.5px]">
        @if ($gauge)
            @foreach (['weight' => 'weigh it', 'across' => 'measure it across', 'cuts' => 'count what was cut', 'tape' => 'measure it with the tape'] as $way => $words)
                <details class="measure" name="measure-{{ $stock->id }}" @if ($open === $way || ($way === 'weight' && $weight && request('stock') == $stock->id)) open @endif>
                    <summary>{{ $words }}</summary>
                    <form method="post" action="{{ route('stock.measure', $stock) }}">
                        @csrf
                        <input type="hidden" name="way" value="{{ $way }}">
                        <input type="hidden" name="stock" value="{{ $stock->id }}">
                        @switch ($way)
                            @case ('weight')
                                <label>new it weighed <input class="blank" name="newWeight" size="8" value="{{ $open === $way ? old('newWeight') : ($slip->write()['newWeight'] === 'not weighed' ? '' : $slip->write()['newWeight']) }}" placeholder="310 g" required autocomplete="off"></label>
                                <label>its core <input class="blank" name="coreWeight" size="8" value="{{ $open === $way ? old('coreWeight') : ($slip->write()['coreWeight'] === 'not weighed' ? '' : $slip->write()['coreWeight']) }}" placeholder="40 g" required autocomplete="off"></label>
                                <label>now <input class="blank" name="now" size="8" value="{{ $weight && request('stock') == $stock->id ? $weight : ($open === $way ? old('now') : '') }}" placeholder="175 g" required autocomplete="off"></label>
                                <a class="quiet" href="{{ route('shelf.show', [$item, 'scale' => 1, 'stock' => $stock->id]) }}#stock-{{ $stock->id }}">take it from the scale</a>
                                @break
                            @case ('across')
                                <label>new it was <input class="blank" name="newAcross" size="8" value="{{ $open === $way ? old('newAcross') : ($slip->lengthIfAny('newAcross') ? $stock::units()->exact($slip->lengthIfAny('newAcross')) : '') }}" placeholder="4 1/2 in" required autocomplete="off"> across</label>
                                <label>its core <input class="blank" name="coreAcross" size="8" value="{{ $open === $way ? old('coreAcross') : ($slip->lengthIfAny('coreAcross') ? $stock::units()->exact($slip->lengthIfAny('coreAcross')) : '') }}" placeholder="1 1/2 in" required autocomplete="off"></label>
                                <label>now <input class="blank" name="across" size="8" value="{{ $open === $way ? old('across') : '' }}" placeholder="3.3 in" required autocomplete="off"></label>
                                @break
                            @case ('cuts')
                                <label>since then were cut <input class="blank" name="cuts" size="22" value="{{ $open === $way ? old('cuts') : '' }}" placeholder="4 x 19 in, 22 in" required autocomplete="off"></label>
                                @break
                            @default
                                <label>there are <input class="blank" name="tape" size="10" value="{{ $open === $way ? old('tape') : '' }}" placeholder="131 in" required autocomplete="off"></label>
                        @endswitch
                        <button class="act">Save what is left</button>
                    </form>
                </details>
            @endforeach
        @else
            @php $counted = old('stock') === (string) $stock->id && old('way') === 'count'; @endphp
            <details class="measure" name="measure-{{ $stock->id }}" @if ($counted) open @endif>
                <summary>count them</summary>
                <form method="post" action="{{ route('stock.measure', $stock) }}">
                    @csrf
                    <input type="hidden" name="way" value="count">
                    <input type="hidden" name="stock" value="{{ $stock->id }}">
                    <label>there are <input class="blank" name="count" size="7" value="{{ $counted ? old('count') : '' }}" placeholder="{{ $stock->amount }}" required autocomplete="off"></label>
                    <button class="act">So many are left</button>
                </form>
            </details>
        @endif
        <details class="measure" name="measure-{{ $stock->id }}" @if ($open === 'note') open @endif>
            <summary>{{ $item->ware()->isWound() ? 'where, which lot' : 'where it is stored' }}</summary>
            <form method="post" action="{{ route('shelf.note', $stock) }}">
                @csrf
                <input type="hidden" name="stock" value="{{ $stock->id }}">
                <input type="hidden" name="way" value="note">
                <label>stored in <input class="blank" name="kept" size="16" maxlength="60" value="{{ $open === 'note' ? old('kept') : $stock->kept }}" placeholder="where?" autocomplete="off"></label>
                @if ($item->ware()->isWound())
                    <label>lot <input class="blank" name="lot" size="8" maxlength="16" value="{{ $open === 'note' ? old('lot') : $stock->lot }}" placeholder="none" autocomplete="off"></label>
                @endif
                <button class="act">Note it</button>
            </form>
        </details>
    </div>
</article>
