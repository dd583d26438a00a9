@props(['thing'])
@php $ink = $thing->ink; @endphp
<svg class="things" viewBox="0 0 172 {{ $thing->height }}" height="{{ $thing->height }}" role="img" aria-label="{{ implode('; ', array_column($thing->things, 'words')) ?: 'nothing left' }}">
    @foreach ($thing->things as $one)
        <g>
            <title>{{ $one['words'] }}</title>
            @switch ($one['kind'])
                @case ('roll')
                    @if ($one['part'] < 1)
                        <rect class="ghost" x="{{ $one['x'] - ($one['ghost'] - $one['width']) / 2 }}" y="{{ $one['y'] }}" width="{{ $one['ghost'] }}" height="{{ $one['height'] }}" rx="3" />
                    @endif
                    <rect x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}" rx="2.5" fill="url(#mesh-{{ $ink->id }})" stroke="{{ $ink->dark }}" />
                    <ellipse cx="{{ $one['x'] + $one['width'] / 2 }}" cy="{{ $one['y'] }}" rx="{{ $one['width'] / 2 }}" ry="3.4" fill="{{ $ink->light }}" stroke="{{ $ink->dark }}" />
                    <ellipse class="core" cx="{{ $one['x'] + $one['width'] / 2 }}" cy="{{ $one['y'] }}" rx="3.2" ry="1.5" />
                    @break
                @case ('loose')
                    @for ($y = 0; $y < $one['height']; $y += 3)
                        <rect x="{{ $one['x'] + ($y % 2) }}" y="{{ $one['y'] + $y }}" width="{{ $one['width'] }}" height="2.6" fill="{{ $ink->fill }}" stroke="{{ $ink->dark }}" stroke-width="0.5" />
                    @endfor
                    @break
                @default
                    <rect class="ghost" x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}" rx="2" />
                    <rect x="{{ $one['x'] }}" y="{{ $one['y'] + $one['height'] * (1 - $one['part']) }}" width="{{ $one['width'] }}" height="{{ $one['height'] * $one['part'] }}" rx="2" fill="{{ $ink->fill }}" stroke="{{ $ink->dark }}" />
            @endswitch
        </g>
    @endforeach
    @if ($thing->more > 0)
        <text x="{{ $thing->end }}" y="{{ $thing->height - 2 }}">+ {{ $thing->more }}</text>
    @endif
</svg>
