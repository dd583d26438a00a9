@props(['saved', 'view'])
<input type="hidden" name="_token" value="{{ csrf_token() }}">
<input type="hidden" name="revision" value="{{ $saved->revision_id }}">
@foreach ($view->query() as $key => $value)
    <input type="hidden" name="{{ $key }}" value="{{ $value }}">
@endforeach
