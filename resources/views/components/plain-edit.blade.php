{{-- An edit of a plan as a form of its own, on a page that is not its editor. --}}
@props(['saved', 'edit'])
<form method="post" action="{{ route('plans.edit', $saved) }}">
    @csrf
    <input type="hidden" name="revision" value="{{ $saved->revision_id }}">
    @foreach ($edit as $name => $value)
        @foreach (is_array($value) ? $value : [null => $value] as $address => $written)
            <input type="hidden" name="{{ is_array($value) ? "{$name}[$address]" : $name }}" value="{{ $written }}">
        @endforeach
    @endforeach
    {{ $slot }}
</form>
