@php
    [$page, $sample] = [$drawn->page, $drawn->sample];
    $drawing = $sample?->isSeen() ? $sample->drawing() : null;
@endphp
<x-page :title="$page->title.' in the guide'" here="guide">
    <main class="guide-page px-8 pt-5 pb-16">
        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$drawn->inks() + array_column($drawing->inks ?? [], null, 'id')" /></defs></svg>
        <p class="text-[13.5px]"><a href="{{ route('techniques') }}">The guide</a> · <a href="{{ route('techniques') }}#{{ $page->chapter->value }}">{{ $page->chapter->words() }}</a></p>
        <div class="guide-head">
            <div>
                <h1 class="text-3xl">{{ $page->title }}</h1>
                <p class="mt-2 text-[17px]">{{ Str::unbroken($page->is) }}</p>
                <p class="mt-1">{{ Str::unbroken($page->not) }}</p>
                @if ($page->called !== [])<p class="mt-2 text-soft">Also called: {{ implode(', ', $page->called) }}.</p>@endif
                @if ($page->chapter === Davrin\Core\Guide\Chapter::Mesh)
                    <p class="mt-3"><a class="act" href="{{ route('guide.try', ['technique' => $page->key]) }}">Try one</a></p>
                @endif
            </div>
            @if ($drawing)
                @php $frame = $sample->frame(); @endphp
                <svg class="guide-done" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $page->title }}, drawn on the form"><x-mesh-on-form :drawing="$drawing" /></svg>
            @endif
        </div>
        <h2 class="mt-6 text-xl">Step by step</h2>
        <ol class="guide-steps">
            @foreach ($drawn->steps() as $step)
                @include('guide.step', ['number' => $loop->iteration, 'sample' => $sample])
            @endforeach
            <li class="guide-wrong">
                <x-guide-scene :scene="$drawn->wrong()" />
                <p><b>Gone wrong?</b> {{ Str::unbroken($page->wrong->says) }}</p>
                <p class="mending"><b>Mend it:</b> {{ Str::unbroken($page->mend) }}</p>
            </li>
        </ol>
        <div class="guide-foot">
            @if ($page->twist)
                <section><h2>How to tie it</h2><p>{{ Str::unbroken($page->twist) }}</p></section>
            @endif
            <section>
                <h2>Usual figures</h2>
                @foreach ($page->usual as $usual)<p>{{ Str::unbroken($usual) }}</p>@endforeach
                @if ($sample && $sample->technique->materials()->goods === null)
                    <p class="text-soft">Drawn here: {{ $sample->sentence()->text() }} It takes {{ $sample->part()->takes->shown }}{{ $sample->part()->size->standsOut() ? " and is {$sample->part()->depth->shown} deep" : '' }}.</p>
                @endif
            </section>
            @if ($page->cautions !== [])
                <section>
                    <h2>Take care</h2>
                    @foreach ($page->cautions as $caution)<p class="caution"><b>{{ $caution->title() }}.</b> {{ $caution->inFull() }}</p>@endforeach
                    <p class="text-soft">Follow the labels of your tools. Local codes and licensed professionals decide what may hang where, and what may be sold.</p>
                </section>
            @endif
        </div>
        <nav class="mt-8 flex gap-4" aria-label="more of this chapter">
            @if ($before)<a class="act" rel="prev" href="{{ route('guide.page', $before->key) }}">{{ $before->title }}</a>@endif
            @if ($after)<a class="act" rel="next" href="{{ route('guide.page', $after->key) }}">{{ $after->title }}</a>@endif
        </nav>
    </main>
</x-page>
