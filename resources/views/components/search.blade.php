{{-- Finds in a long list by words; empty, it shows all again. --}}
{{-- keep: what else the page was asked for, lists of values by name. --}}
@props(['sought', 'label', 'hint', 'keep' => []])
<form method="get" role="search" class="flex items-baseline gap-2">
    <label>{{ $label }} <input class="blank" type="search" name="q" value="{{ $sought }}" size="26" maxlength="80" placeholder="{{ $hint }}" autocomplete="off"></label>
    @foreach ($keep as $name => $values)
        @foreach ($values as $value)
            <input type="hidden" name="{{ $name }}[]" value="{{ $value }}">
        @endforeach
    @endforeach
    <button class="quiet">find</button>
    @if ($sought !== '')
        <a class="quiet" href="{{ request()->url().($keep === [] ? '' : '?'.http_build_query($keep)) }}">show all</a>
    @endif
</form>
