@php
    [$build, $unit, $inks, $units] = [$page->build, $page->unit(), $page->inks(), $page->units];
    $side = $page->side ?? ($unit?->isAtTheBack() ? App\Drawing\Side::Back : App\Drawing\Side::Front);
    $before = $page->before();
    $kept = $page->kept();
    $pictures = $page->pictures();
    $shapes = $page->shapes($pictures);
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $unit === null ? 'All done' : $unit->place }}: {{ $build->plan->name }} · Davrin</title>
    <x-htmx-config />
    <link rel="icon" href="{{ asset('icon.svg') }}" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="bench-page">
<svg width="0" height="0" class="absolute" aria-hidden="true"><defs>
    <x-mesh-patterns :inks="$inks" />
    {{-- A pattern within a picture that is not shown fills nothing, and shapes are drawn by themselves too. --}}
    @foreach (array_merge(...array_values($pictures)) as $drawing)
        <x-mesh-patterns :inks="$drawing->inks" />
    @endforeach
</defs></svg>
<main class="bench" id="bench"
    data-bench="{{ $build->id }}"
    data-ticks="{{ route('builds.ticks', $build, false) }}"
    data-here="{{ route('builds.show', $build, false) }}"
    data-wrong-url="{{ route('builds.wrong', $build, false) }}"
    data-check="{{ route('builds.check', $build, false) }}"
    data-seq="{{ $page->lastTick }}"
    data-version="{{ $build->version()->id }}"
    data-all="{{ count($page->walk->units) }}"
    data-done="{{ $page->done() }}"
    data-csrf="{{ csrf_token() }}"
    data-made="{{ implode(' ', $page->madeBeyond()) }}"
    @if ($page->side) data-side="{{ $page->side->value }}" @endif
>
    <section class="bench-now" aria-label="What is done now" aria-live="polite">
        @foreach ($page->shown() as $number => $its)
            <article id="unit-{{ $number }}" @if ($number !== $page->at) hidden @endif
                data-unit="{{ $its->key }}" data-number="{{ $number }}" data-deed="{{ $its->deed->value }}" data-copy="{{ $its->copy }}" data-step="{{ $its->copy }}/{{ $its->step->key }}"
                data-picture="{{ $page->picture($its->copy) }}" data-ties="{{ implode(' ', $its->ties) }}" data-element="{{ $its->element?->id }}" data-roll="{{ $its->roll }}" data-cut="{{ $its->cut }}"
                data-minutes="{{ round($its->minutes, 2) }}" data-then="{{ $page->after($number) }}" data-side="{{ $its->isAtTheBack() ? 'back' : 'front' }}"
                @if (isset($page->marks[$its->key])) data-mark="{{ $page->marks[$its->key]->value }}" @endif>
                <p class="bench-whose">{{ $page->whose($its) }}</p>
                <h1>{{ $its->place }}</h1>
                @if ($its->what !== '')
                    <p @class(['bench-what', 'is-several' => count($its->materials) > 1])>
                        @foreach (array_slice($its->materials, 0, 3) as $material)
                            @if (isset($inks[$material->id]))<svg class="bench-swatch" viewBox="0 0 32 32" aria-hidden="true"><rect width="32" height="32" fill="url(#mesh-{{ $inks[$material->id]->id }})" /></svg>@endif
                        @endforeach
                        <span>{{ $its->what }}</span>
                    </p>
                @endif
                @if ($its->beside !== [])
                    <p class="bench-beside">Beside it: {{ Davrin\Core\Words\Words::list($its->beside) }}.</p>
                @endif
                <p class="bench-how">{{ Str::unbroken($its->how) }}</p>
                @foreach ($its->cautions() as $caution)
                    <p class="bench-caution">{{ $caution->words() }}</p>
                @endforeach
                <p class="bench-tool">With {{ $its->step->tool }}. @if ($guide = $page->guide($its))<a class="quiet" href="{{ route('guide.page', $guide, false) }}" target="_blank">how it is done</a>@endif</p>
                @if ($its->deed === Davrin\Core\Bench\Deed::Make && $one = $shapes[$page->picture($its->copy).'/'.$its->element?->id] ?? null)
                    <svg class="bench-one" viewBox="{{ -$one[1] }} {{ -$one[1] }} {{ 2 * $one[1] }} {{ 2 * $one[1] }}" aria-hidden="true"><use href="#{{ $one[0] }}" />@if ($its->ties !== [])<circle class="knot" r="{{ round($one[1] / 22, 1) }}" />@endif</svg>
                @endif
                <p class="bench-marked" data-marked @if (! isset($page->marks[$its->key])) hidden @endif>{{ ($page->marks[$its->key] ?? null)?->value === 'skipped' ? 'Skipped before.' : 'Done already.' }}</p>
                <dl class="bench-counts">
                    <div><dt>{{ $its->group }}</dt><dd>{{ $its->number }} of {{ $its->of }}</dd></div>
                    @if ($its->section !== null)
                        <div><dt>in section {{ $its->section['section'] }}</dt><dd>{{ $its->section['number'] }} of {{ $its->section['of'] }}</dd></div>
                    @endif
                    <div><dt>usually {{ $page->usually($its) }}</dt><dd data-clock>0:00</dd></div>
                </dl>
            </article>
        @endforeach
        <article id="unit-end" data-number="{{ count($page->walk->units) }}" data-side="front" data-then="" @if ($page->at !== null) hidden @endif>
            <p class="bench-whose">{{ $build->plan->name }}</p>
            <h1>All done</h1>
            <p class="bench-how">Step back and look at it. What is checked before a piece goes on a door is asked next, one thing after another.</p>
            <p class="bench-how"><a class="bench-go" href="{{ route('builds.check', $build) }}">To the final check</a></p>
        </article>
        <p class="bench-whole"><progress max="{{ count($page->walk->units) }}" value="{{ $page->done() }}" aria-label="done of the whole"></progress> <span><b data-done-count>{{ $page->done() }}</b> of {{ count($page->walk->units) }} in all</span></p>
    </section>
    <section class="bench-form" aria-label="The form">
        <p class="bench-tools">
            <a href="{{ route('builds.index') }}">leave the bench</a>
            <a href="{{ route('builds.record', $build) }}">so far</a>
            <button type="button" data-toggle="say" aria-pressed="false" hidden>speak</button>
            <button type="button" data-toggle="click" aria-pressed="false" hidden>click</button>
            <button type="button" data-toggle="left" aria-pressed="false" hidden>left hand</button>
            <button type="button" data-pause aria-pressed="false" hidden>pause <kbd>P</kbd></button>
            <span data-kept role="status" hidden></span>
        </p>
        <x-notices />
        @if ($page->lacks)
            <form method="post" action="{{ route('builds.replan', $build) }}" class="refused flex flex-wrap items-center gap-4" role="alert">
                @csrf
                <p>{{ $page->lacks }} that this build is to be cut from is held or used elsewhere.</p>
                <button class="act">Plan the rest from what is free</button>
            </form>
        @endif
        @foreach ($pictures as $number => $sides)
            @foreach ($sides as $drawing)
                <div class="bench-picture" data-picture="{{ $number }}" data-side="{{ $drawing->side->value }}" @if ($drawing->side !== $side || $number !== $page->picture($unit?->copy ?? 1)) hidden @endif>
                    @include('bench.form', ['drawing' => $drawing, 'number' => $number])
                </div>
            @endforeach
        @endforeach
        @foreach ($page->rolls as $roll)
            @include('bench.roll', ['wound' => $page->wound($roll), 'ink' => $inks[$roll->material] ?? null, 'stored' => $kept[$roll->item ?? 0] ?? ''])
        @endforeach
    </section>
    <form class="bench-bar" method="post" action="{{ route('builds.tick', $build) }}">
        @csrf
        <input type="hidden" name="token" value="{{ Str::uuid() }}">
        <input type="hidden" name="unit" value="{{ $unit?->key }}" autocomplete="off">
        <button class="bench-back" name="deed" value="undone" form="bench-undo" @disabled($before === null)>Back <kbd>PageUp</kbd></button>
        <button name="deed" value="skipped" @disabled($unit === null)>Skip <kbd>S</kbd></button>
        <button class="bench-done" name="deed" value="done" @disabled($unit === null) autofocus><b>Done</b> <span>Space, PageDown or the pedal · <span data-then>{{ $page->at === null ? '' : $page->after($page->at) }}</span></span></button>
        <button type="button" data-note>Note <kbd>N</kbd></button>
        <a data-turn-over href="{{ route('builds.show', ['build' => $build, 'side' => $side === App\Drawing\Side::Front ? 'back' : 'front']) }}">Turn over <kbd>B</kbd></a>
        <a class="bench-wrong" data-wrong href="{{ route('builds.wrong', ['build' => $build, 'at' => $unit?->key]) }}">Something went wrong <kbd>W</kbd></a>
    </form>
    <form id="bench-undo" method="post" action="{{ route('builds.tick', $build) }}" hidden>
        @csrf
        <input type="hidden" name="token" value="{{ Str::uuid() }}">
        <input type="hidden" name="unit" value="{{ $before?->key }}" autocomplete="off">
    </form>
    <dialog id="bench-note" class="bench-dialog" aria-labelledby="bench-note-title">
        <form method="dialog">
            <h2 id="bench-note-title">A note to this step</h2>
            <label>What should be remembered<textarea name="note" rows="3" maxlength="500"></textarea></label>
            <p><button class="act act-strong" value="keep">Keep it</button> <button class="act" value="drop" formnovalidate>No note</button></p>
        </form>
    </dialog>
</main>
</body>
</html>
