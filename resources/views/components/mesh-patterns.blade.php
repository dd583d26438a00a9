{{-- The hatch of each mesh, so that colours are told apart without colour too. --}}
@props(['inks'])
@foreach ($inks as $ink)
    <pattern id="mesh-{{ $ink->id }}" width="7" height="7" patternUnits="userSpaceOnUse" @if ($ink->hatch === 'slant') patternTransform="rotate(38)" @elseif ($ink->hatch === 'cross') patternTransform="rotate(45)" @endif>
        <rect width="7" height="7" fill="{{ $ink->fill }}" />
        <g stroke="{{ $ink->dark }}" stroke-width="1.3" fill="none">
            @switch ($ink->hatch)
                @case ('slant') <path d="M1 0V7" /> @break
                @case ('dots') <circle cx="2" cy="2" r="0.9" fill="{{ $ink->dark }}" stroke="none" /><circle cx="5.5" cy="5.5" r="0.9" fill="{{ $ink->dark }}" stroke="none" /> @break
                @case ('cross') <path d="M0 1H7M1 0V7" stroke-width="0.9" /> @break
                @case ('waves') <path d="M0 2Q1.75 0 3.5 2T7 2" /> @break
                @case ('bars') <path d="M2 0V7" stroke-width="1.8" /> @break
                @case ('stripes') <path d="M0.8 0V7M3 0V7" stroke-width="1.5" /><path d="M5.6 0V7" stroke="{{ $ink->light }}" stroke-width="1" /> @break
                @case ('checks') <path d="M0 0H3.5V3.5H0ZM3.5 3.5H7V7H3.5Z" fill="{{ $ink->dark }}" fill-opacity="0.55" stroke="none" /> @break
                @case ('prints') <path d="M1 2.2L2.2 1L3.4 2.2L2.2 3.4ZM4.4 5.6H6.4M5.4 4.6V6.6" stroke-width="0.9" /> @break
                @case ('dashes') <path d="M0 2H4M3.5 5.5H7" /> @break
            @endswitch
        </g>
    </pattern>
@endforeach
