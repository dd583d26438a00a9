{{-- One piece as a leaf of the log: its photograph or its drawing, and its size as it was said and as it came. --}}
@php
    $url = route('log.show', $entry, false);
    $photo = $entry->photos->first();
    $sizes = $entry->sizes();
@endphp
<article class="leaf">
    <p class="month">@if ($month)<b>{{ $month }}</b>@endif</p>
    <a href="{{ $url }}" tabindex="-1" class="mounted">
        @if ($photo)
            <img src="{{ $photo->url() }}" alt="{{ $photo->alt ?: "$entry->name, a photograph" }}" width="{{ $photo->wide }}" height="{{ $photo->high }}" loading="lazy" decoding="async">
        @else
            <img class="drawn" src="{{ $entry->pictureUrl() }}" alt="as it was planned" width="220" height="220" loading="lazy" decoding="async">
        @endif
    </a>
    <h2><a class="hover:underline" href="{{ $url }}">{{ $entry->name }}</a>{{ $entry->copies > 1 ? " x $entry->copies" : '' }}</h2>
    @if ($sizes)
        @include('log.sizes', $sizes)
    @endif
    <p>{{ (new Illuminate\Support\Carbon($entry->made_on))->format('M j') }}, {{ $entry->season }}{{ $entry->sums['timed'] ? ', '.Davrin\Core\Words\Words::minutes($entry->sums['minutes'] / max(1, $entry->copies)) : '' }}</p>
</article>
