@props(['newer' => 'Newer plans', 'older' => 'Older plans', 'label' => 'More plans'])
@if ($paginator->hasPages())
    <nav class="mt-4 flex gap-4" aria-label="{{ $label }}">
        @if ($paginator->previousPageUrl())
            <a class="act" href="{{ $paginator->previousPageUrl() }}" rel="prev">{{ $newer }}</a>
        @endif
        @if ($paginator->nextPageUrl())
            <a class="act" href="{{ $paginator->nextPageUrl() }}" rel="next">{{ $older }}</a>
        @endif
    </nav>
@endif
