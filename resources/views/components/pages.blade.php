{{-- Where one is in a list that has pages, and the ways to its neighbours. --}}
@props(['of', 'label', 'order', 'before', 'after'])
@if ($of->hasPages())
    <nav {{ $attributes->class('pages') }} aria-label="{{ $label }}">
        <span>{{ $of->firstItem() }} to {{ $of->lastItem() }} of {{ $of->total() }}, {{ $order }}</span>
        @foreach ([[$of->previousPageUrl(), 'prev', $before], [$of->nextPageUrl(), 'next', $after]] as [$url, $rel, $words])
            @if ($url)
                <a class="act" rel="{{ $rel }}" href="{{ $url }}">{{ $words }}</a>
            @endif
        @endforeach
    </nav>
@endif
