{{-- The bare form: what is covered, wires, crossbars, welds; mirrored where it is seen from the back. --}}
@props(['form', 'side'])
@php $scale = App\Drawing\Path::SCALE; @endphp
<g aria-hidden="true" @if ($side === App\Drawing\Side::Back) transform="scale(-1 1)" @endif>
    @foreach ($form['areas'] as $area)
        <path class="covered" d="{{ App\Drawing\Path::closed($area) }}" />
    @endforeach
    @foreach ($form['wires'] as $wire)
        <x-wire :wire="$wire" class="wire" />
    @endforeach
    @foreach ($form['crossbars'] as $bar)
        <path class="wire" d="{{ App\Drawing\Path::line($bar) }}" />
    @endforeach
    @foreach ($form['welds'] as $weld)
        <circle @class(['weld', 'sticks-out' => $weld['sticksOut']]) cx="{{ $weld['x'] * $scale }}" cy="{{ $weld['y'] * $scale }}" r="{{ $weld['sticksOut'] ? 7 : 3.2 }}" />
    @endforeach
</g>
