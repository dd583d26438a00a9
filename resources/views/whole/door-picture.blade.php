{{-- The same as a document of its own, for a customer. --}}
@php $frame = $scene->frame(); @endphp
<svg xmlns="http://www.w3.org/2000/svg" width="{{ round($frame->wide() / 2) }}" height="{{ round($frame->high() / 2) }}" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img">
    <title>{{ $scene->words() }}</title>
    <style>{!! App\Drawing\PictureStyle::css('picture') !!}</style>
    <defs><x-mesh-patterns :inks="$scene->drawing->inks" /></defs>
    @include('whole.scene', ['units' => $scene->units])
</svg>
