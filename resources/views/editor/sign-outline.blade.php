{{-- The outline of a sign from a drawing, and its photograph. --}}
<details class="sign-outline" @if ($refused) open @endif>
    <summary class="quiet">an outline or a photograph of its own</summary>
    <form method="post" action="{{ route('plans.outline', [$saved, $part]) }}" enctype="multipart/form-data">
        @csrf
        <input type="hidden" name="revision" value="{{ $saved->revision_id }}">
        <label for="outline-{{ $part }}">Its outline from a drawing (SVG)</label>
        <input type="file" id="outline-{{ $part }}" name="outline" accept="image/svg+xml,.svg" data-most="{{ App\Forms\SvgOutline::MOST_BYTES }}" required>
        <button class="quiet">take it</button>
        @if ($refused)
            <p class="problem" role="alert">{{ $refused }}</p>
        @endif
    </form>
    <p><a class="quiet" href="{{ route('plans.inspiration', $saved) }}">Its photograph</a>, shown where the sign is written to be with one.</p>
</details>
