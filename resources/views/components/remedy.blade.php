@props(['remedy', 'saved', 'view'])
<x-edit-form :saved="$saved" :view="$view">
    @if ($remedy->leaveOut)
        <input type="hidden" name="do" value="remove-layer">
        <input type="hidden" name="id" value="{{ $remedy->leaveOut }}">
    @elseif ($remedy->partLots)
        <input type="hidden" name="do" value="part-lots">
        <input type="hidden" name="id" value="{{ $remedy->partLots }}">
    @endif
    @foreach ($remedy->fill as $address => $value)
        <input type="hidden" name="set[{{ $address }}]" value="{{ $value }}">
    @endforeach
    <button class="remedy">{{ $remedy->label }} <small>{{ $remedy->effect }}</small></button>
</x-edit-form>
