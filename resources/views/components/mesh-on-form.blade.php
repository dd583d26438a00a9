{{-- A form with its mesh on it, the wires to be made out under the mesh. --}}
@props(['drawing', 'lit' => null])
<x-form-wires :drawing="$drawing" />
@foreach ($drawing->parts as $part)
    @include('components.elements')
@endforeach
<g aria-hidden="true" @if ($drawing->side === App\Drawing\Side::Back) transform="scale(-1 1)" @endif>
    @foreach ($drawing->form['wires'] as $wire)
        <x-wire :wire="$wire" class="wire-through" />
    @endforeach
</g>
