{{-- The roll that is in hand: what is off it, the piece that comes next, what stays on it, and where it is kept. --}}
@php
    [$longest, $x] = [max(1, $roll->length->units, $roll->used()->units), 0.0];
    $scale = 560 / $longest;
    $left = $roll->left();
@endphp
<div class="bench-roll" data-roll="{{ $roll->key }}" hidden>
    <p><b>{{ $wound->name() }}{{ $roll->number === 0 ? ', on no roll yet' : ', roll '.$roll->number.', a '.$roll->origin->value.' of '.$units->exact($roll->length) }}{{ $roll->lot === null ? '' : ", lot $roll->lot" }}</b>
        <span>{{ $roll->isSpent ? 'nothing comes off it any more' : ($left->isZero() ? 'nothing stays on it' : $units->available($left).' stays on it') }}{{ $stored === '' ? '' : "; stored: $stored" }}</span></p>
    <svg viewBox="0 0 640 34" role="img" aria-label="{{ $units->needed($roll->used()) }} comes off it, cut by cut">
        @foreach ($roll->cuts as $cut)
            @php [$width, $at] = [$cut->length->units * $scale, $x]; $x += $width; @endphp
            <g data-cut="{{ $cut->id }}" data-of="{{ $cut->element() }}"><rect x="{{ round($at, 2) }}" y="4" width="{{ round($width, 2) }}" height="26" fill="{{ $ink ? "url(#mesh-$ink->id)" : 'none' }}" />@if ($cut->tie !== null && $width > 20)<text x="{{ round($at + $width / 2, 2) }}" y="22" fill="{{ $ink?->text }}">{{ $cut->tie }}</text>@endif</g>
        @endforeach
        @if (! $left->isZero())
            <rect class="bench-rest" x="{{ round($x, 2) }}" y="8" width="{{ round($left->units * $scale, 2) }}" height="18" fill="{{ $ink?->fill }}" />
        @endif
    </svg>
</div>
