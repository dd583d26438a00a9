@props(['saved', 'card'])
@php $url = route('plans.show', $saved, false); @endphp
@if ($card === null)
    <div class="tag tag-top failed">
        <h2>{{ $saved->name }}</h2>
        <p class="mt-1 text-[14.5px]">This plan could not be worked out, so it is not drawn. Nothing of it is lost. <a href="{{ $url }}">Open it</a> to see what stands in the way, save it as a file, or take it down.</p>
    </div>
@else
    <a href="{{ $url }}" tabindex="-1"><img src="{{ App\Plans\Picture::url($saved->id, $card->revision_id) }}" alt="{{ $card->told['seen'] }}" width="330" height="330" loading="lazy" decoding="async"></a>
    <div class="tag tag-top">
        <h2><a class="hover:underline" href="{{ $url }}">{{ $card->told['name'] }}</a></h2>
        <p class="mt-1 text-[13.5px]">
            @foreach ($card->told['figures'] as $figure)
                <span class="whitespace-nowrap">{{ $figure }} ·</span>
            @endforeach
            <b>{{ $card->told['cost'] }}</b>
        </p>
        @if ($card->told['verdict'] !== null)
            <p class="verdict @if ($card->told['isShort']) short @endif">{{ $card->told['verdict'] }}</p>
        @endif
    </div>
@endif
