{{-- What stands for a page in a list: a document of its own. --}}
@php
    $drawing = $drawn->sample?->isSeen() ? $drawn->sample->drawing() : null;
    $scene = $drawing ? null : $drawn->emblem();
    $box = $drawing ? $drawn->sample->frame() : $scene->box->times(App\Drawing\Path::SCALE);
    [$left, $top, $wide, $high] = array_map(fn (float $its): float => round($its, 1), [$box->left, $box->top, $box->wide(), $box->high()]);
@endphp
<svg xmlns="http://www.w3.org/2000/svg" width="96" height="96" viewBox="{{ $left }} {{ $top }} {{ $wide }} {{ $high }}" role="img">
    <title>{{ $drawn->page->title }}</title>
    <style>{!! App\Drawing\PictureStyle::css('picture', 'scene') !!}</style>
    <defs><x-mesh-patterns :inks="$drawing->inks ?? $scene->inks()" /></defs>
    @if ($drawing)
        <x-mesh-on-form :drawing="$drawing" />
    @else
        <x-guide-scene :scene="$scene" x="{{ $left }}" y="{{ $top }}" width="{{ $wide }}" height="{{ $high }}" />
    @endif
</svg>
