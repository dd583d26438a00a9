{{-- What is counted is taken from the shelf as what is cut is: what is said of it, and how many are there. --}}
@if ($changed !== null)
    <x-edit-form :saved="$saved" :view="$view" class="editor-only">
        Free on the shelf now: {{ $changed }}.
        <button class="quiet" name="do" value="take-materials">Plan from that</button>
    </x-edit-form>
@elseif ($onShelf !== [])
    <x-edit-form :saved="$saved" :view="$view" live="change" class="editor-only">
        <input type="hidden" name="do" value="take-material">
        <input type="hidden" name="id" value="{{ $material['id'] }}">
        <select class="quiet take-form" name="to" aria-label="take {{ $material['name'] }} from the shelf" autocomplete="off">
            <option value="">take them from the shelf</option>
            @foreach ($onShelf as $id => [$name])
                <option value="{{ $id }}">{{ $name }}</option>
            @endforeach
        </select>
        <noscript><button class="quiet">take them</button></noscript>
    </x-edit-form>
@endif
