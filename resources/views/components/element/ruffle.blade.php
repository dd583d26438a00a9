@include('components.element.pieces')
