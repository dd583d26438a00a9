{{-- Adds a tie to a layout that is made tie by tie: by what it goes round and how far, or by a click on the form. --}}
<x-edit-form :saved="$saved" :view="$view" class="place-tie">
    <input type="hidden" name="do" value="place-tie">
    <input type="hidden" name="id" value="{{ $group }}">
    A tie more on the
    <select class="blank" name="on" aria-label="what it goes round" autocomplete="off">
        @foreach ($places as $seat => $name)
            <option value="{{ $seat }}" @selected(request()->input('on') === (string) $seat)>{{ $name }}</option>
        @endforeach
    </select>,
    <input class="blank" type="text" name="distance" size="6" maxlength="40" value="{{ request()->input('distance') }}" placeholder="3 in" aria-label="how far from where the count begins" autocomplete="off" @if ($problem?->address === "ties.$group.distance") aria-invalid="true" aria-describedby="problem" @endif>
    from where the count begins:
    <button class="act">add it</button>
    <small>or click its place on the form</small>
</x-edit-form>
