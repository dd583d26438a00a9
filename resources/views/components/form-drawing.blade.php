@props(['drawing', 'view', 'places' => null])
@php
    $scale = App\Drawing\Path::SCALE;
    [$frame, $box, $more, $tieMore] = [$drawing->frame(), $drawing->box(), round($drawing->magnified(), 3), $drawing->tieMagnified()];
    $outlines = $drawing->mesh ? $drawing->outlines() : [];
    $middle = ($box->left + $box->right) / 2 * $scale;
@endphp
<svg viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() + 26 * $more }}" role="group" aria-label="{{ $drawing->words() }}" data-form="{{ $drawing->side->value }}" data-scale="{{ $scale }}" @if ($places) data-places="{{ $places }}" @endif>
    @if (! $drawing->mesh)
        <x-form-wires :drawing="$drawing" />
    @else
        <x-mesh-on-form :drawing="$drawing" :lit="$view->tie" />
        @if ($outlines === [])
            <circle class="finished" r="{{ $box->right * $scale }}" />
            @if ($drawing->extent->opening > 0)
                <circle class="finished" r="{{ $drawing->extent->opening / 2 * $scale }}" />
            @endif
        @endif
        @foreach ($outlines as $outline)
            <path class="finished" d="{{ $outline }}" />
        @endforeach
    @endif
    <g class="section-mark" aria-hidden="true">
        @foreach (count($drawing->form['sections']) > 1 ? $drawing->sections() : [] as $section)
            <line x1="{{ $section['mark'][0] }}" y1="{{ $section['mark'][1] }}" x2="{{ $section['mark'][2] }}" y2="{{ $section['mark'][3] }}" />
            <text transform="translate({{ $section['x'] }} {{ $section['y'] }}) scale({{ $more }})" y="4">{{ $section['number'] }}</text>
        @endforeach
    </g>
    @foreach ($drawing->ties as $tie)
        <a @class(['tie', 'is-warned' => $tie['warned'], 'is-lit' => $view->tie === $tie['number'], 'is-dot' => ! $tie['numbered'] && $view->tie !== $tie['number']]) href="{{ $url = $view->litTie($tie['number'])->url() }}" hx-get="{{ $url }}" hx-replace-url="true" id="tie-{{ $tie['number'] }}" data-tie-link tabindex="{{ $tie['number'] === ($view->tie ?? 1) ? 0 : -1 }}" aria-label="Tie {{ $tie['number'] }}, {{ $tie['where'] }}{{ $tie['warned'] ? ', warned of' : '' }}" transform="translate({{ $tie['x'] }} {{ $tie['y'] }}) scale({{ $tieMore }})">
            <circle r="{{ App\Drawing\FormDrawing::TIE }}" />
            @if ($tie['changes'])
                <circle class="change" r="13" />
            @endif
            <text y="4">{{ $tie['number'] }}</text>
        </a>
    @endforeach
    @if ($drawing->mesh)
        <g class="dimension" aria-hidden="true" transform="translate({{ $middle }} {{ $frame->bottom + 8 * $more }}) scale({{ $more }})">
            @php $half = round($box->wide() / 2 * $scale / $more, 1); @endphp
            <line x1="{{ -$half }}" x2="{{ $half }}" />
            <line x1="{{ -$half }}" x2="{{ -$half }}" y1="-5" y2="5" />
            <line x1="{{ $half }}" x2="{{ $half }}" y1="-5" y2="5" />
            <rect x="-78" y="-11" width="156" height="22" class="dimension-paper" />
            <text y="5">{{ $drawing->result->tally->across->shown }}{{ $outlines === [] ? ' across' : '' }}</text>
        </g>
    @endif
</svg>
