{{-- A piece where it hangs, to scale: the place, the figure beside it, the piece. --}}
@php
    $scale = App\Drawing\Path::SCALE;
    [$place, $drawing, $frame] = [$scene->place, $scene->drawing, $scene->frame()];
    [$wide, $high, $above] = [$place->wide->toInches() * $scale, $place->high->toInches() * $scale, $place->above() * $scale];
    $top = -$above - $high;
    $isGlass = $place->on === App\Plans\Place::WINDOW;
@endphp
<rect class="scene-wall" x="{{ $frame->left }}" y="{{ $frame->top }}" width="{{ $frame->wide() }}" height="{{ -$frame->top }}" @if ($place->on === App\Plans\Place::WALL) fill="{{ $place->colour }}" fill-opacity="0.55" @endif />
<rect class="scene-floor" x="{{ $frame->left }}" y="0" width="{{ $frame->wide() }}" height="{{ $frame->bottom }}" />
@if ($place->on !== App\Plans\Place::WALL)
    <rect class="scene-frame" x="{{ -$wide / 2 - 3 * $scale }}" y="{{ $top - 3 * $scale }}" width="{{ $wide + 6 * $scale }}" height="{{ $high + ($above > 0 ? 6 : 3) * $scale }}" />
    <rect x="{{ -$wide / 2 }}" y="{{ $top }}" width="{{ $wide }}" height="{{ $high }}" fill="{{ $place->colour }}" class="scene-edge" />
    @if ($isGlass)
        <rect x="{{ -$wide / 2 + 2 * $scale }}" y="{{ $top + 2 * $scale }}" width="{{ $wide - 4 * $scale }}" height="{{ $high - 4 * $scale }}" class="scene-glass" />
    @else
        <path class="scene-panel" d="M{{ -$wide * 0.36 }} {{ $top + $high * 0.06 }}H{{ $wide * 0.36 }}V{{ $top + $high * 0.52 }}H{{ -$wide * 0.36 }}ZM{{ -$wide * 0.36 }} {{ $top + $high * 0.6 }}H{{ $wide * 0.36 }}V{{ $top + $high * 0.94 }}H{{ -$wide * 0.36 }}Z" />
        <circle class="scene-knob" cx="{{ $wide * 0.43 }}" cy="{{ $top + $high * 0.55 }}" r="{{ 1.1 * $scale }}" />
    @endif
@endif
{{-- Somebody 5 ft 6 in tall, and feet above the floor. --}}
@php $tall = App\Plans\DoorScene::PERSON * $scale; @endphp
<g transform="translate({{ $scene->person() * $scale }} 0)" class="scene-person">
    <circle cy="{{ -$tall * 0.935 }}" r="{{ $tall * 0.065 }}" />
    <path d="M{{ -$tall * 0.12 }} {{ -$tall * 0.8 }}Q0 {{ -$tall * 0.9 }} {{ $tall * 0.12 }} {{ -$tall * 0.8 }}L{{ $tall * 0.14 }} {{ -$tall * 0.45 }}L{{ $tall * 0.1 }} {{ -$tall * 0.45 }}L{{ $tall * 0.09 }} 0H{{ $tall * 0.02 }}L0 {{ -$tall * 0.4 }}L{{ -$tall * 0.02 }} 0H{{ -$tall * 0.09 }}L{{ -$tall * 0.1 }} {{ -$tall * 0.45 }}L{{ -$tall * 0.14 }} {{ -$tall * 0.45 }}Z" />
    <text y="{{ -$tall - 1.5 * $scale }}" font-size="{{ 3 * $scale }}">{{ $units->exact(Davrin\Core\Measure\Length::inches((int) App\Plans\DoorScene::PERSON)) }}</text>
</g>
<g transform="translate(0 {{ -$scene->middle * $scale }})">
    <path class="scene-cord" d="M0 {{ ($scene->middle - $scene->hook) * $scale }}v{{ -1.2 * $scale }}" />
    <x-mesh-on-form :drawing="$drawing" :through="false" />
    @if ($scene->cover !== null)
        <g fill="{{ $scene->cover }}" transform="scale(-1 1)"><x-wire :wire="$drawing->form['wires'][0]" class="scene-cover" /></g>
    @endif
</g>
@if ($isGlass && $scene->side === App\Drawing\Side::Back)
    <path class="scene-shine" d="M{{ -$wide * 0.35 }} {{ $top + 3 * $scale }}L{{ -$wide * 0.1 }} {{ $top + 3 * $scale }}L{{ -$wide * 0.35 }} {{ $top + $high * 0.4 }}Z" />
@endif
