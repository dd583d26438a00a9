@props(['drawing'])
@php $scale = App\Drawing\Path::SCALE; @endphp
<g aria-hidden="true">
    @foreach ($drawing->form['wires'] as $radius)
        <circle class="wire" r="{{ $radius * $scale }}" />
    @endforeach
    @foreach ($drawing->form['crossbars'] as $angle)
        @php
            [$x1, $y1] = $drawing->polar(max($drawing->form['wires']), $angle);
            [$x2, $y2] = $drawing->polar(min($drawing->form['wires']), $angle);
        @endphp
        <line class="wire" x1="{{ $x1 }}" y1="{{ $y1 }}" x2="{{ $x2 }}" y2="{{ $y2 }}" />
    @endforeach
</g>
