{{-- A button that opens a file as soon as one is chosen. --}}
@props(['to', 'accept', 'most'])
<form method="post" action="{{ $to }}" enctype="multipart/form-data" class="flex gap-1">
    @csrf
    <label class="act cursor-pointer focus-within:outline-3 focus-within:outline-blue">{{ $slot }}
        <input class="sr-only" type="file" name="file" accept="{{ $accept }}" data-most="{{ $most }}" data-opens-at-once>
    </label>
    <noscript><button class="act">Open</button></noscript>
</form>
