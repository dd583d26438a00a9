<div class="tag tag-top failed">
    <h2>{{ $saved->name }}</h2>
    <p class="mt-1 text-[14.5px]">This plan could not be worked out, so it is not drawn. Nothing of it is lost. <a href="{{ route('plans.show', $saved, false) }}">Open it</a> to see what stands in the way, save it as a file, or take it down.</p>
</div>
