{{-- Pieces of one layer on one row: each shape is drawn once, outward up, and put into its places. --}}
@php $name = $layer->name; @endphp
<defs>
    @foreach ($layer->shapes as $index => $shape)
        <g id="{{ $name }}-{{ $index }}-edge">
            <path id="{{ $name }}-{{ $index }}-outline" d="{{ $shape->edge }}" />
            @if ($shape->mirrored)
                <use href="#{{ $name }}-{{ $index }}-outline" transform="scale(-1 1)" />
            @endif
        </g>
        <g id="{{ $name }}-{{ $index }}">
            <g id="{{ $name }}-{{ $index }}-half">
                <path d="{{ $shape->edge }}" />
                <path d="{{ $shape->shade }}" fill="{{ $layer->ink->dark }}" opacity="0.45" stroke="none" />
                <path d="{{ $shape->shine }}" fill="{{ $layer->ink->light }}" opacity="0.3" stroke="none" />
                <path d="{{ $shape->folds }}" fill="none" stroke="{{ $layer->ink->dark }}" stroke-opacity="0.75" stroke-width="1" />
            </g>
            @if ($shape->mirrored)
                <use href="#{{ $name }}-{{ $index }}-half" transform="scale(-1 1)" />
            @endif
        </g>
    @endforeach
</defs>
<g class="elements" fill="url(#mesh-{{ $layer->ink->id }})" stroke="{{ $layer->ink->dark }}" data-of="{{ $layer->id }}" aria-hidden="true">
    @foreach ($layer->elements as $element)
        <use href="#{{ $name }}-{{ $element['shape'] }}{{ $element['missing'] ? '-edge' : '' }}" transform="translate({{ $element['x'] }} {{ $element['y'] }}) rotate({{ $element['turn'] }})" @class(['missing' => $element['missing'], 'at-tie' => in_array($lit, $element['ties'], true)])/>
    @endforeach
</g>
