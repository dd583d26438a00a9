@if ($paginator->hasPages())
    <nav class="mt-4 flex gap-4" aria-label="More plans">
        @if ($paginator->previousPageUrl())
            <a class="act" href="{{ $paginator->previousPageUrl() }}" rel="prev">Newer plans</a>
        @endif
        @if ($paginator->nextPageUrl())
            <a class="act" href="{{ $paginator->nextPageUrl() }}" rel="next">Older plans</a>
        @endif
    </nav>
@endif
