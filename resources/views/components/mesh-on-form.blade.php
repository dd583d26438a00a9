{{-- A form with its mesh on it, the wires to be made out under the mesh. --}}
@props(['drawing'])
<x-form-wires :form="$drawing->form" :side="$drawing->side" />
@foreach ($drawing->parts as $part)
    @include('components.elements', ['lit' => null])
@endforeach
<x-wires-through :wires="$drawing->form['wires']" :side="$drawing->side" />
