{{-- A bow by itself: what of its plan is no wire. --}}
@props(['drawing'])
@foreach ($drawing->parts as $part)
    @include('components.elements', ['lit' => null])
@endforeach
