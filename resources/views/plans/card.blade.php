@php
    $frame = $drawing->frame();
    $above = 20 * $drawing->magnified();
@endphp
<a href="{{ route('plans.show', $saved, false) }}" aria-label="Open {{ $result->name }}">
    <svg viewBox="{{ $frame->left }} {{ $frame->top - $above }} {{ $frame->wide() }} {{ $frame->high() + $above }}" role="img" aria-label="{{ $drawing->words() }}">
        <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
        <path class="cord" d="M{{ -0.7 * $above }} {{ $result->form->box()->top * App\Drawing\Path::SCALE }}L0 {{ $frame->top - 0.6 * $above }}L{{ 0.7 * $above }} {{ $result->form->box()->top * App\Drawing\Path::SCALE }}" />
        <circle class="peg" cy="{{ $frame->top - 0.7 * $above }}" r="{{ 0.35 * $above }}" />
        <x-mesh-on-form :drawing="$drawing" />
    </svg>
</a>
<div class="tag tag-top">
    <h2><a class="hover:underline" href="{{ route('plans.show', $saved, false) }}">{{ $result->name }}</a></h2>
    <p class="mt-1 text-[13.5px]">
        @foreach ([
            $result->tally->ties->said(),
            $result->parts === [] ? 'no mesh yet' : $result->tally->elements->said(),
            $result->tally->rolls->said().', '.$result->tally->left->shown.' left',
            $result->tally->across->shown.($result->form->frame->round() ? ' across' : ''),
        ] as $figure)
            <span class="whitespace-nowrap">{{ $figure }} ·</span>
        @endforeach
        <b>{{ $result->tally->cost->shown }}</b>
    </p>
    @unless ($result->verdict->isGood())
        <p class="verdict @if ($result->verdict->short) short @endif">{{ $result->verdict->words() }}</p>
    @endunless
</div>
