@props(['remedy', 'saved', 'view'])
@php $sent = $remedy->edit->asData(); @endphp
<x-edit-form :saved="$saved" :view="$view">
    @foreach (Arr::except($sent, 'set') as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    @foreach ($sent['set'] ?? [] as $address => $value)
        <input type="hidden" name="set[{{ $address }}]" value="{{ $value }}">
    @endforeach
    <button class="remedy">{{ $remedy->label }} <small>{{ Str::unbroken($remedy->effect) }}</small></button>
</x-edit-form>
