{{-- Finds in a long list by words; empty, it shows all again. --}}
@props(['sought', 'label', 'hint'])
<form method="get" role="search" class="flex items-baseline gap-2">
    <label>{{ $label }} <input class="blank" type="search" name="q" value="{{ $sought }}" size="26" maxlength="80" placeholder="{{ $hint }}" autocomplete="off"></label>
    <button class="quiet">find</button>
    @if ($sought !== '')
        <a class="quiet" href="{{ request()->url() }}">show all</a>
    @endif
</form>
