{{-- What stands for a page in a list: a document of its own. --}}
@php
    $drawing = $drawn->sample?->isSeen() ? $drawn->sample->drawing() : null;
    $box = $drawing ? $drawn->sample->frame() : $drawn->emblem()->box->times(App\Drawing\Path::SCALE);
@endphp
<svg xmlns="http://www.w3.org/2000/svg" width="96" height="96" viewBox="{{ round($box->left, 1) }} {{ round($box->top, 1) }} {{ round($box->wide(), 1) }} {{ round($box->high(), 1) }}" role="img">
    <title>{{ $drawn->page->title }}</title>
    <style>{!! App\Drawing\PictureStyle::css('picture', 'scene') !!}</style>
    <defs><x-mesh-patterns :inks="$drawing->inks ?? $drawn->emblem()->inks()" /></defs>
    @if ($drawing)
        <x-mesh-on-form :drawing="$drawing" />
    @else
        <x-guide-scene :scene="$drawn->emblem()" x="{{ round($box->left, 1) }}" y="{{ round($box->top, 1) }}" width="{{ round($box->wide(), 1) }}" height="{{ round($box->high(), 1) }}" />
    @endif
</svg>
