@props(['layer', 'lit' => null])
<defs>
    @foreach ($layer->shapes as $index => $shape)
        <g id="{{ $layer->name }}-{{ $index }}">
            <path id="{{ $layer->name }}-{{ $index }}-edge" d="{{ $shape['edge'] }}" />
            <path d="{{ $shape['shade'] }}" fill="{{ $layer->ink->dark }}" opacity="0.45" stroke="none" />
            <path d="{{ $shape['shine'] }}" fill="{{ $layer->ink->light }}" opacity="0.3" stroke="none" />
            <path d="{{ $shape['folds'] }}" fill="none" stroke="{{ $layer->ink->dark }}" stroke-opacity="0.75" stroke-width="1" />
        </g>
    @endforeach
</defs>
<g class="elements" fill="url(#mesh-{{ $layer->ink->id }})" stroke="{{ $layer->ink->dark }}" data-of="{{ $layer->id }}" aria-hidden="true">
    @foreach ($layer->elements as $element)
        <use href="#{{ $layer->name }}-{{ $element['shape'] }}{{ $element['missing'] ? '-edge' : '' }}" transform="rotate({{ $element['turn'] }})" @class(['missing' => $element['missing'], 'at-tie' => $element['tie'] === $lit])/>
    @endforeach
</g>
