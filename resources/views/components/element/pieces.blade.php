@props(['layer', 'lit' => null])
<g fill="url(#mesh-{{ $layer->ink->id }})" stroke="{{ $layer->ink->dark }}" data-of="{{ $layer->id }}" aria-hidden="true">
    @foreach ($layer->elements as $element)
        <g class="element @if ($element['missing']) missing @endif @if ($element['tie'] === $lit) at-tie @endif">
            <path class="edge" d="{{ $element['edge'] }}" />
            <path class="deep" d="{{ $element['shade'] }}" fill="{{ $layer->ink->dark }}" />
            <path class="high" d="{{ $element['shine'] }}" fill="{{ $layer->ink->light }}" />
            <path class="folds" d="{{ $element['folds'] }}" stroke="{{ $layer->ink->dark }}" />
        </g>
    @endforeach
</g>
