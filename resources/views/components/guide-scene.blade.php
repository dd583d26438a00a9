{{-- What lies on the table at one step, drawn from its layers. --}}
@props(['scene', 'label' => ''])
@php $box = $scene->box->times(App\Drawing\Path::SCALE); @endphp
<svg {{ $attributes->class('scene') }} viewBox="{{ round($box->left, 1) }} {{ round($box->top, 1) }} {{ round($box->wide(), 1) }} {{ round($box->high(), 1) }}" @if ($label === '') aria-hidden="true" @else role="img" aria-label="{{ $label }}" @endif>
    @foreach ($scene->layers as $layer)
        @if (isset($layer['patch']))
            @php [$patch, $ink] = [$layer['patch'], $layer['ink']]; @endphp
            @foreach ($patch->mirrored ? [$layer['turn'], trim("{$layer['turn']} scale(-1 1)")] : [$layer['turn']] as $turn)
                <g fill="{{ $patch->hollow ? 'none' : "url(#mesh-$ink->id)" }}" stroke="{{ $patch->hollow ? $ink->fill : $ink->dark }}" @if ($patch->hollow) stroke-width="3.4" @endif @if ($turn !== '') transform="{{ $turn }}" @endif>
                    <path class="edge" d="{{ $patch->edge }}" />
                    @if ($patch->shade !== '')<path d="{{ $patch->shade }}" fill="{{ $ink->dark }}" opacity="0.45" stroke="none" />@endif
                    @if ($patch->shine !== '')<path d="{{ $patch->shine }}" fill="{{ $ink->light }}" opacity="0.3" stroke="none" />@endif
                    @if ($patch->folds !== '')<path d="{{ $patch->folds }}" fill="none" stroke="{{ $ink->dark }}" stroke-opacity="0.75" stroke-width="{{ $patch->hollow ? 2 : 1 }}" />@endif
                </g>
            @endforeach
        @elseif (isset($layer['path']))
            <path class="s-{{ $layer['class'] }}" d="{{ $layer['path'] }}" />
        @else
            <text x="{{ round($layer['x'], 1) }}" y="{{ round($layer['y'], 1) }}" text-anchor="middle">{{ $layer['text'] }}</text>
        @endif
    @endforeach
</svg>
