@props(['title', 'here' => ''])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Davrin</title>
    <x-htmx-config />
    <link rel="icon" href="{{ asset('icon.svg') }}" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
<a class="skip" href="#content">Skip to the page</a>
<x-tape :here="$here" />
<p id="announce" class="sr-only" role="status"></p>
<div class="beside-tape" id="content" tabindex="-1">
    <p id="notice" class="refused fixed right-4 bottom-4 left-28 z-10" role="alert" hidden></p>
    {{ $slot }}
</div>
<dialog id="keys" class="m-auto max-w-xl border-2 border-ink bg-sheet p-6">
    <h2 class="text-xl">Keys</h2>
    <x-keys />
    <button type="button" class="act act-strong mt-4" data-close-keys>Close</button>
</dialog>
</body>
</html>
