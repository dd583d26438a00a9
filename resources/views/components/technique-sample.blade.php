@props(['sample'])
@php [$drawing, $frame, $part] = [$sample->drawing(), $sample->frame(), $sample->part()]; @endphp
<article @class(['technique', 'technique-in-words' => ! $sample->isSeen()]) id="{{ $sample->technique->key() }}">
    @if ($sample->isSeen())
    <svg viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ ucfirst($sample->technique->name()) }}, drawn on the form">
        <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
        <x-mesh-on-form :drawing="$drawing" />
    </svg>
    @endif
    <div>
        <h2>{{ ucfirst($sample->technique->name()) }}</h2>
        @foreach (Davrin\Core\Part\GuideWords::of($sample->technique) as $paragraph)
            <p class="mb-1.5">{{ $paragraph }}</p>
        @endforeach
        <p class="text-soft">{{ $sample->sentence()->text() }}</p>
        @if ($sample->technique->materials()->goods === null)
        <p class="text-soft">{{ $part->takes->shown }} of {{ $sample->technique->materials()->noun }} here{{ $part->size->standsOut() ? ", {$part->depth->shown} deep" : '' }}.</p>
        @endif
    </div>
</article>
