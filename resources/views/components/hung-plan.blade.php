@props(['item'])
<article class="hung">
    @if ($item->card !== null)
        {!! $item->card !!}
    @else
        <div class="tag tag-top undrawn" hx-get="{{ route('plans.card', $item->saved) }}" hx-trigger="load" hx-swap="outerHTML" hx-sync="closest .wall:queue all">
            <h2><a class="hover:underline" href="{{ route('plans.show', $item->saved) }}">{{ $item->saved->name }}</a></h2>
            <p role="status">being worked out <noscript>(<a href="{{ route('plans.show', $item->saved) }}">open it</a>)</noscript></p>
        </div>
    @endif
    <div class="tag tag-foot flex items-baseline gap-4">
        <form method="post" action="{{ route('plans.copy', $item->saved) }}">
            @csrf
            <button class="quiet">copy</button>
        </form>
        <a class="quiet" href="{{ route('files.save', $item->saved) }}" download>save as a file</a>
        <form method="post" action="{{ route('plans.destroy', $item->saved) }}">
            @csrf
            @method('delete')
            <button class="quiet">take down</button>
        </form>
    </div>
</article>
