<g {{ $region }}>@include('components.elements', ['movable' => true])</g>
