{{-- The wires once more, to be made out under the mesh. --}}
@props(['wires', 'side'])
<g aria-hidden="true" @if ($side === App\Drawing\Side::Back) transform="scale(-1 1)" @endif>
    @foreach ($wires as $wire)
        <x-wire :wire="$wire" class="wire-through" />
    @endforeach
</g>
