{{-- A form with its mesh on it, the wires to be made out under the mesh, and ribbon over all of it. --}}
@props(['drawing'])
<x-form-wires :form="$drawing->form" :side="$drawing->side" />
@foreach ($drawing->lying(over: false) as $part)
    @include('components.elements', ['lit' => null])
@endforeach
<x-wires-through :wires="$drawing->form['wires']" :side="$drawing->side" />
@foreach ($drawing->lying(over: true) as $part)
    @include('components.elements', ['lit' => null])
@endforeach
