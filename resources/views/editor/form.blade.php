{{-- The form to scale, with its mesh and its ties, as the editor shows it. --}}
@php
    $scale = App\Drawing\Path::SCALE;
    [$frame, $box, $more] = [$drawing->frame(), $drawing->box(), round($drawing->magnified(), 3)];
    $outlines = $drawing->mesh ? $drawing->outlines() : [];
    $middle = ($box->left + $box->right) / 2 * $scale;
@endphp
<svg id="drawing" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() + 26 * $more }}" role="group" aria-label="{{ $drawing->words() }}" data-form="{{ $drawing->side->value }}" data-scale="{{ $scale }}" @if ($places) data-places="{{ $places }}" @endif>
    {{ $regions->of('g', 'form-wires', 'editor.wires', ['form' => $drawing->form, 'side' => $drawing->side]) }}
    @if ($drawing->mesh)
        @foreach ($drawing->lying(over: false) as $part)
            {{ $regions->of('g', "drawn-$part->name", 'editor.elements', ['part' => $part, 'lit' => $part->isAt($view->tie) ? $view->tie : null]) }}
        @endforeach
        {{ $regions->of('g', 'form-wires-through', 'editor.wires-through', ['wires' => $drawing->form['wires'], 'side' => $drawing->side]) }}
    @endif
    <g id="outline" data-always>
        @if ($drawing->mesh && $outlines === [])
            <circle class="finished" r="{{ $box->right * $scale }}" />
            @if ($drawing->extent->opening > 0)
                <circle class="finished" r="{{ $drawing->extent->opening / 2 * $scale }}" />
            @endif
        @endif
        @foreach ($outlines as $outline)
            <path class="finished" d="{{ $outline }}" />
        @endforeach
    </g>
    @if ($drawing->mesh)
        @foreach ($drawing->lying(over: true) as $part)
            {{ $regions->of('g', "drawn-$part->name", 'editor.elements', ['part' => $part, 'lit' => $part->isAt($view->tie) ? $view->tie : null]) }}
        @endforeach
    @endif
    <g class="section-mark" id="section-marks" data-always aria-hidden="true">
        @foreach (count($drawing->form['sections']) > 1 ? $drawing->sections() : [] as $section)
            <line x1="{{ $section['mark'][0] }}" y1="{{ $section['mark'][1] }}" x2="{{ $section['mark'][2] }}" y2="{{ $section['mark'][3] }}" />
            <text transform="translate({{ $section['x'] }} {{ $section['y'] }}) scale({{ $more }})" y="4">{{ $section['number'] }}</text>
        @endforeach
    </g>
    @php $tieMore = $drawing->tieMagnified(); @endphp
    @foreach (collect($drawing->ties)->groupBy('row') as $row => $ties)
        {{ $regions->of('g', "ties-$row", 'editor.ties', ['ties' => $ties->all(), 'more' => $tieMore, 'query' => $view->query()]) }}
    @endforeach
    <g id="dimension" data-always>
        @if ($drawing->mesh)
            @php $half = round($box->wide() / 2 * $scale / $more, 1); @endphp
            <g class="dimension" aria-hidden="true" transform="translate({{ $middle }} {{ $frame->bottom + 8 * $more }}) scale({{ $more }})">
                <line x1="{{ -$half }}" x2="{{ $half }}" />
                <line x1="{{ -$half }}" x2="{{ -$half }}" y1="-5" y2="5" />
                <line x1="{{ $half }}" x2="{{ $half }}" y1="-5" y2="5" />
                <rect x="-78" y="-11" width="156" height="22" class="dimension-paper" />
                <text y="5">{{ $drawing->result->tally->across->shown }}{{ $outlines === [] ? ' across' : '' }}</text>
            </g>
        @endif
    </g>
</svg>
