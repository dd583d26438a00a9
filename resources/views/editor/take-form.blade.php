@if ($forms !== [])
    <x-edit-form :saved="$saved" :view="$view" live="change">
        <input type="hidden" name="do" value="take-form">
        <select class="quiet take-form" name="id" aria-label="take a form from the shelf" autocomplete="off">
            <option value="">take one from the shelf</option>
            @foreach ($forms as $id => $name)
                <option value="{{ $id }}">{{ $name }}</option>
            @endforeach
        </select>
        <noscript><button class="act">Take it</button></noscript>
    </x-edit-form>
@endif
<form method="post" action="{{ route('forms.keep', $saved, false) }}">
    @csrf
    <button class="quiet">keep it on the shelf</button>
</form>
