{{-- A form with its mesh on it, the wires to be made out under the mesh, and ribbon over all of it. --}}
{{-- through: whether the wires are made out through the mesh, as a maker wants to see them and a visitor does not. --}}
@props(['drawing', 'through' => true])
<x-form-wires :form="$drawing->form" :side="$drawing->side" />
@foreach ($drawing->lying(over: false) as $part)
    @include('components.elements', ['lit' => null])
@endforeach
@if ($through)
    <x-wires-through :wires="$drawing->form['wires']" :side="$drawing->side" />
@endif
@foreach ($drawing->lying(over: true) as $part)
    @include('components.elements', ['lit' => null])
@endforeach
