{{-- A form that edits the plan: it says which revision it was shown with, and from where the form is seen. --}}
@props(['saved', 'view', 'live' => null])
<form method="post" action="{{ route('plans.edit', $saved) }}" hx-post="{{ route('plans.edit', $saved) }}" @if ($live) hx-trigger="{{ $live }}" @endif {{ $attributes }}>
    <x-edit-fields :saved="$saved" :view="$view" />
    {{ $slot }}
</form>
