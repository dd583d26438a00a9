{{-- Where the money goes: one bar, each part numbered and named below, with a pattern of its own. --}}
<figure class="money">
    <figcaption>Where {{ $sheet['asked'] }} goes</figcaption>
    <svg viewBox="0 0 600 56" preserveAspectRatio="none" role="img" aria-label="{{ implode(', ', array_map(fn ($part) => "{$part['label']} {$part['shown']}", $sheet['bar'])) }}">
        <defs>
            @foreach ([[45, 7], [0, 6], [135, 7], [90, 9], [45, 4], [0, 3], [135, 4], [90, 4], [20, 9], [70, 9], [160, 5]] as $number => [$turned, $apart])
                <pattern id="part-{{ $number }}" width="{{ $apart }}" height="{{ $apart }}" patternUnits="userSpaceOnUse" patternTransform="rotate({{ $turned }})"><path d="M0 0h{{ $apart }}" class="hatch" /></pattern>
            @endforeach
        </defs>
        @php $x = 0.0; @endphp
        @foreach ($sheet['bar'] as $number => $part)
            <g @class(['stays' => $part['label'] === 'what stays'])>
                <rect x="{{ round($x, 2) }}" y="0" width="{{ round($part['part'] * 600, 2) }}" height="56" class="ground" />
                @if (! in_array($part['label'], ['what stays', 'missing'], true))
                    <rect x="{{ round($x, 2) }}" y="0" width="{{ round($part['part'] * 600, 2) }}" height="56" fill="url(#part-{{ $number % 11 }})" />
                @endif
            </g>
            @php $x += $part['part'] * 600; @endphp
        @endforeach
    </svg>
    <ol>
        @foreach ($sheet['bar'] as $number => $part)
            <li><svg viewBox="0 0 20 20" aria-hidden="true"><rect width="20" height="20" @class(['ground', 'is-stays' => $part['label'] === 'what stays']) />@if (! in_array($part['label'], ['what stays', 'missing'], true))<rect width="20" height="20" fill="url(#part-{{ $number % 11 }})" />@endif</svg> <span>{{ $part['label'] }}</span> <b>{{ $part['shown'] }}</b></li>
        @endforeach
    </ol>
</figure>
