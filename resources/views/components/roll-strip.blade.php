@props(['strip', 'ink', 'lit' => null, 'name'])
@php
    $height = $strip->height;
    $middle = $height / 2 + 1;
    $coilAt = $strip->end + ($strip->coil > 0 ? 16 + $strip->coil : 0);
@endphp
<svg class="roll" viewBox="0 -6 760 {{ $height + 14 }}" role="img" aria-label="{{ $name }}, {{ $strip->name() }}: {{ $strip->used }} used, {{ $strip->left }} left">
    @foreach ($strip->cuts as $cut)
        <g>
            <title>{{ $cut['words'] }}</title>
            <rect class="cut @if (str_contains($cut['kind'], 'tail')) tail @endif @if (in_array($lit, $cut['ties'], true)) at-tie @endif" data-of="{{ $cut['part'] }}" x="{{ $cut['x'] }}" y="1" width="{{ $cut['width'] }}" height="{{ $height }}" fill="url(#mesh-{{ $ink->id }})" />
        </g>
    @endforeach
    {{-- Over all the cuts, as a long number is wider than a short piece. --}}
    @foreach (count($strip->numbers) === 1 ? $strip->cuts : [] as $cut)
        @if ($cut['numbered'])
            @php [$at, $plate] = [$cut['x'] + $cut['width'] / 2, App\Drawing\RollStrip::numberWidth($cut['tie']) + 1]; @endphp
            <rect x="{{ $at - $plate / 2 }}" y="{{ $middle - 7.5 }}" width="{{ $plate }}" height="15" rx="3" fill="{{ $ink->fill }}" pointer-events="none" />
            <text class="cut-number" x="{{ $at }}" y="{{ $middle + 4 }}" fill="{{ $ink->text }}">{{ $cut['tie'] }}</text>
        @endif
    @endforeach
    @if ($strip->coil > 0)
        <rect x="{{ $strip->end }}" y="1" width="16" height="{{ $height }}" fill="{{ $ink->fill }}" opacity="0.45" />
        <g transform="translate({{ $coilAt }} {{ $middle }})">
            <circle r="{{ $strip->coil }}" fill="{{ $ink->fill }}" stroke="#22302c" />
            <path class="coil" d="{{ $strip->spiral() }}" stroke="{{ $ink->light }}" />
            <circle class="core" r="3" />
        </g>
    @endif
    <text class="roll-words" x="{{ $coilAt + $strip->coil + 8 }}" y="{{ $middle + 4.5 }}">{{ count($strip->numbers) > 1 ? 'x '.count($strip->numbers).', ' : '' }}{{ $strip->coil > 0 ? $strip->left.' left'.(count($strip->numbers) > 1 ? ' on each' : '') : 'nothing left' }}{{ $strip->change ? ', roll '.$strip->change->toRoll.' from tie '.$strip->change->tie : '' }}</text>
</svg>
