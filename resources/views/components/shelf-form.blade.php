@props(['item'])
@php
    [$shelf, $drawing, $problem] = [$item->shelf, $item->drawing, $item->problem];
    [$frame, $dot] = [$drawing->frame(), 4 * $drawing->tieMagnified()];
@endphp
<article class="hung shelved" id="form-{{ $shelf->id }}" hx-target="this" hx-swap="morph" hx-ext="morph">
    <svg viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $drawing->words() }}">
        <x-form-wires :form="$drawing->form" :side="$drawing->side" />
        @foreach ($drawing->ties as $tie)
            <circle class="tie-dot" cx="{{ $tie['x'] }}" cy="{{ $tie['y'] }}" r="{{ $dot }}" />
        @endforeach
    </svg>
    <div class="tag">
        <form method="post" action="{{ route('forms.edit', $shelf) }}" hx-post="{{ route('forms.edit', $shelf) }}" hx-trigger="change">
            @csrf
            <h2><input class="blank w-full" name="name" value="{{ $shelf->name }}" maxlength="80" aria-label="what the form is called" autocomplete="off"></h2>
            <x-sentence :line="$item->sentence" :problem="$problem" class="mt-1" />
            @if ($problem)
                <x-problem :problem="$problem" kept="The form is as it was." />
            @endif
            <ul class="mt-2 text-[13.5px]">
                @foreach ($item->rows as $row)
                    <li>{{ $row }}</li>
                @endforeach
                <li>as it is usually tied: {{ $item->result->tally->ties->said() }}</li>
            </ul>
            <label class="mt-2 block text-[13.5px]">Stored in <input class="blank" name="kept" value="{{ $shelf->kept }}" size="20" maxlength="80" placeholder="where?" autocomplete="off"></label>
            <noscript><button class="act">Save</button></noscript>
        </form>
        <div class="mt-2 flex items-baseline gap-4">
            <form method="post" action="{{ route('forms.begin', $shelf) }}">
                @csrf
                <button class="act act-strong">Begin a plan on it</button>
            </form>
            @if ($shelf->before)
                <form method="post" action="{{ route('forms.undo', $shelf) }}">
                    @csrf
                    <button class="quiet">undo the last measuring</button>
                </form>
            @endif
            <form method="post" action="{{ route('forms.destroy', $shelf) }}">
                @csrf
                @method('delete')
                <button class="quiet">put away</button>
            </form>
        </div>
    </div>
</article>
