{{-- The form as the bench shows it: each element can be filled, faint or lit by itself, and the numbers of the ties lie over all of it. --}}
@php
    [$frame, $more] = [$drawing->frame(), round($drawing->magnified(), 3)];
    $tieMore = $drawing->tieMagnified();
@endphp
<svg class="bench-drawing" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $drawing->words() }}">
    <x-form-wires :form="$drawing->form" :side="$drawing->side" />
    @foreach ([false, true] as $over)
        @foreach ($drawing->lying(over: $over) as $part)
            @include('components.elements', ['lit' => null, 'bench' => true])
        @endforeach
        @if (! $over)
            <x-wires-through :wires="$drawing->form['wires']" :side="$drawing->side" />
        @endif
    @endforeach
    <g class="section-mark" aria-hidden="true">
        @foreach (count($drawing->form['sections']) > 1 ? $drawing->sections() : [] as $section)
            <line x1="{{ $section['mark'][0] }}" y1="{{ $section['mark'][1] }}" x2="{{ $section['mark'][2] }}" y2="{{ $section['mark'][3] }}" />
            <text transform="translate({{ $section['x'] }} {{ $section['y'] }}) scale({{ $more }})" y="4">{{ $section['number'] }}</text>
        @endforeach
    </g>
    @foreach ($drawing->ties as $tie)
        <g @class(['bench-tie', 'is-dot' => ! $tie['numbered']]) data-tie="{{ $tie['number'] }}" transform="translate({{ $tie['x'] }} {{ $tie['y'] }}) scale({{ $tieMore }})"><circle r="{{ App\Drawing\FormDrawing::TIE }}" /><text y="4">{{ $tie['number'] }}</text></g>
    @endforeach
</svg>
