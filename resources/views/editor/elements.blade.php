<g {{ $region }}>@include('components.elements')</g>
