{{-- A form that changes the plan: it says which revision it was shown with, and how the plan is looked at. --}}
@props(['saved', 'view', 'live' => null, 'to' => 'edits'])
<form method="post" action="{{ $view->to($to) }}" hx-post="{{ $view->to($to) }}" @if ($live) hx-trigger="{{ $live }}" @endif {{ $attributes }}>
    <input type="hidden" name="_token" value="{{ csrf_token() }}">
    <input type="hidden" name="revision" value="{{ $saved->revision_id }}">
    @foreach ($view->query() as $key => $value)
        <input type="hidden" name="{{ $key }}" value="{{ $value }}">
    @endforeach
    {{ $slot }}
</form>
