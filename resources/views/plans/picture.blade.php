{{-- A plan's form by itself, hanging from its peg: a document of its own. --}}
@php
    $frame = $drawing->frame();
    $above = 20 * $drawing->magnified();
    $top = $result->form->box()->top * App\Drawing\Path::SCALE;
    [$wide, $high] = [$frame->wide(), $frame->high() + $above];
@endphp
<svg xmlns="http://www.w3.org/2000/svg" width="{{ round($wide) }}" height="{{ round($high) }}" viewBox="{{ $frame->left }} {{ $frame->top - $above }} {{ $wide }} {{ $high }}" role="img">
    <title>{{ $drawing->words() }}</title>
    <style>{!! App\Drawing\PictureStyle::css('picture') !!}</style>
    <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
    <path class="cord" d="M{{ -0.7 * $above }} {{ $top }}L0 {{ $frame->top - 0.6 * $above }}L{{ 0.7 * $above }} {{ $top }}" />
    <circle class="peg" cy="{{ $frame->top - 0.7 * $above }}" r="{{ 0.35 * $above }}" />
    <x-mesh-on-form :drawing="$drawing" />
</svg>
