{{-- Pieces of one layer on one row: each shape is drawn once, outward up, and put into its places. --}}
@php [$name, $scale] = [$part->name, App\Drawing\Path::SCALE]; @endphp
<defs>
    @foreach ($part->shapes as $index => $shape)
        <g id="{{ $name }}-{{ $index }}-edge">
            @foreach ($shape->patches as $patch)
                <path d="{{ $patch->edge }}" />
                @if ($patch->mirrored)
                    <path d="{{ $patch->edge }}" transform="scale(-1 1)" />
                @endif
            @endforeach
        </g>
        <g id="{{ $name }}-{{ $index }}">
            @foreach ($shape->patches as $which => $patch)
                @php $ink = $part->inks[$index][$patch->piece]; @endphp
                <g fill="{{ $patch->hollow ? 'none' : "url(#mesh-$ink->id)" }}" stroke="{{ $patch->hollow ? $ink->fill : $ink->dark }}" @if ($patch->hollow) stroke-width="3.4" @endif @if ($patch->mirrored) id="{{ $name }}-{{ $index }}-{{ $which }}" @endif>
                    <path class="edge" d="{{ $patch->edge }}" />
                    @if ($patch->shade !== '')
                        <path d="{{ $patch->shade }}" fill="{{ $ink->dark }}" opacity="0.45" stroke="none" />
                    @endif
                    @if ($patch->shine !== '')
                        <path d="{{ $patch->shine }}" fill="{{ $ink->light }}" opacity="0.3" stroke="none" />
                    @endif
                    @if ($patch->folds !== '')
                        <path d="{{ $patch->folds }}" fill="none" stroke="{{ $ink->dark }}" stroke-opacity="0.75" stroke-width="{{ $patch->hollow ? 2 : 1 }}" />
                    @endif
                </g>
                @if ($patch->mirrored)
                    <use href="#{{ $name }}-{{ $index }}-{{ $which }}" transform="scale(-1 1)" />
                @endif
            @endforeach
            @if ($shape->photo !== null && $part->photo !== null)
                <clipPath id="{{ $name }}-{{ $index }}-clip"><path d="{{ $shape->patches[0]->edge }}" /></clipPath>
                <image href="{{ $part->photo }}" x="{{ -$shape->photo[0] / 2 * $scale }}" y="{{ -$shape->photo[1] / 2 * $scale }}" width="{{ $shape->photo[0] * $scale }}" height="{{ $shape->photo[1] * $scale }}" preserveAspectRatio="xMidYMid slice" clip-path="url(#{{ $name }}-{{ $index }}-clip)" />
            @endif
            @foreach ($shape->lettering as $line)
                <text class="lettering" y="{{ round(($line->y + $line->size * 0.33) * $scale, 1) }}" font-size="{{ round($line->size * $scale, 1) }}" fill="{{ $ink->text }}">{{ $line->text }}</text>
            @endforeach
        </g>
    @endforeach
</defs>
@php $moves = ($movable ?? false) && $part->moves; @endphp
<g class="elements" data-of="{{ $part->id }}" @if (! $moves) aria-hidden="true" @endif>
    @foreach ($part->elements as $element)
        @if ($bench ?? false)
            <g class="bench-element" data-element="{{ $element['id'] }}" transform="translate({{ $element['x'] }} {{ $element['y'] }}) rotate({{ $element['turn'] }})"><use class="as-made" href="#{{ $name }}-{{ $element['shape'] }}" /><use class="as-next" href="#{{ $name }}-{{ $element['shape'] }}-edge" /></g>
            @continue
        @endif
        <use @if ($moves) id="thing-{{ $part->id }}-{{ $element['number'] }}" data-moves="{{ $part->id }}" data-number="{{ $element['number'] }}" data-x="{{ $element['x'] }}" data-y="{{ $element['y'] }}" data-turn="{{ $element['turn'] }}" tabindex="0" role="button" aria-label="{{ $part->called }} {{ $element['number'] }}: drag it, or move it with the arrow keys" @endif href="#{{ $name }}-{{ $element['shape'] }}{{ $element['missing'] ? '-edge' : '' }}" transform="translate({{ $element['x'] }} {{ $element['y'] }}) rotate({{ $element['turn'] }})" @class(['missing' => $element['missing'], 'at-tie' => in_array($lit, $element['ties'], true)])/>
    @endforeach
</g>
