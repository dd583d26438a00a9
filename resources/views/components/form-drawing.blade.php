@props(['drawing', 'view'])
@php
    $scale = App\Drawing\Path::SCALE;
    $frame = $drawing->frame() * $scale;
    [$reach, $outer] = [$drawing->form['reach'] * $scale, $drawing->finished * $scale];
@endphp
<svg viewBox="{{ -$frame }} {{ -$frame }} {{ 2 * $frame }} {{ 2 * $frame + 26 }}" role="group" aria-label="{{ $drawing->words() }}">
    <x-form-wires :drawing="$drawing" />
    @if ($drawing->mesh)
        @foreach ($drawing->layers as $layer)
            @include("components.element.$layer->technique", ['lit' => $view->tie])
        @endforeach
        <g aria-hidden="true">
            @foreach ($drawing->form['wires'] as $radius)
                <circle class="wire-through" r="{{ $radius * $scale }}" />
            @endforeach
        </g>
        <circle class="finished" r="{{ $outer }}" />
        @if ($drawing->opening > 0)
            <circle class="finished" r="{{ $drawing->opening * $scale }}" />
        @endif
    @endif
    <g class="section-mark" aria-hidden="true">
        @foreach ($drawing->form['crossbars'] as $index => $angle)
            @php
                [$x1, $y1] = $drawing->polar($drawing->finished + 0.1, $angle);
                [$x2, $y2] = $drawing->polar($drawing->finished + 0.55, $angle);
                [$tx, $ty] = $drawing->polar($drawing->finished + 0.75, $angle + 180 / count($drawing->form['crossbars']));
            @endphp
            <line x1="{{ $x1 }}" y1="{{ $y1 }}" x2="{{ $x2 }}" y2="{{ $y2 }}" />
            <text x="{{ $tx }}" y="{{ $ty + 4 }}">{{ $index + 1 }}</text>
        @endforeach
    </g>
    @foreach ($drawing->ties as $tie)
        <a class="tie @if ($view->tie === $tie['number']) is-lit @endif" href="{{ $url = $view->litTie($tie['number'])->url() }}" hx-get="{{ $url }}" hx-replace-url="true" id="tie-{{ $tie['number'] }}" data-tie-link tabindex="{{ $tie['number'] === ($view->tie ?? 1) ? 0 : -1 }}" aria-label="Tie {{ $tie['number'] }}, {{ $tie['where'] }}" transform="translate({{ $tie['x'] }} {{ $tie['y'] }})">
            <circle r="{{ count($drawing->ties) > 60 ? 6.5 : 9.6 }}" />
            @if ($tie['changes'])
                <circle class="change" r="13" />
            @endif
            <text y="4">{{ $tie['number'] }}</text>
        </a>
    @endforeach
    @if ($drawing->mesh)
        <g class="dimension" aria-hidden="true" transform="translate(0 {{ $frame + 8 }})">
            <line x1="{{ -$outer }}" x2="{{ $outer }}" />
            <line x1="{{ -$outer }}" x2="{{ -$outer }}" y1="-5" y2="5" />
            <line x1="{{ $outer }}" x2="{{ $outer }}" y1="-5" y2="5" />
            <rect x="-72" y="-11" width="144" height="22" class="dimension-paper" />
            <text y="5">{{ $drawing->result->tally->across->shown }} across</text>
        </g>
    @endif
</svg>
