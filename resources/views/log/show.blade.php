@php
    $photos = $entry->photos;
@endphp
<x-page :title="$entry->name.' in the log'" here="log">
    <main class="log px-8 pt-5 pb-16" id="entry">
        <p class="log-links"><a href="{{ route('log.index') }}">The logbook</a>
            @if ($entry->plan?->trashed())<span>its plan was taken down</span>@elseif ($entry->plan)<a href="{{ route('plans.show', $entry->plan) }}">its plan</a>@if ($entry->planHasChanged())<a href="{{ route('plans.history', $entry->plan) }}">changed since</a>@endif @endif
            @if ($entry->build_id)<a href="{{ route('builds.record', $entry->build_id) }}">its build record</a>@endif
            <a href="{{ route('learning') }}">what the log has taught</a></p>
        <form method="post" action="{{ route('log.edit', $entry) }}" hx-post="{{ route('log.edit', $entry, false) }}" hx-trigger="change" hx-target="#entry" hx-select="#entry" hx-swap="morph" hx-ext="morph" hx-sync="closest main:queue all" class="heading entry-name">
            @csrf
            <h1 class="sr-only">{{ $entry->name }}</h1>
            <x-sentence :line="$name" :problem="$problem" was />
            @if ($problem?->address === 'entry.name')<x-problem :problem="$problem" kept="All else is as it was." />@endif
            <noscript><button class="act">Save</button></noscript>
        </form>
        <x-notices />
        @if ($isAtNoBlank)
            <p class="problem" role="alert">{{ $problem->sentence }}</p>
        @endif
        <div class="entry">
            <section class="entry-pictures" id="photographs" aria-label="Photographs">
                @if ($photos->isEmpty())
                    <div class="mounted"><img class="drawn" src="{{ $entry->pictureUrl() }}" alt="{{ $entry->name }}, as it was planned" width="360" height="360"></div>
                @endif
                @foreach ($photos as $photo)
                    <figure class="mounted">
                        <img src="{{ $photo->url() }}" alt="{{ $photo->alt ?: "$entry->name, a photograph" }}" width="{{ $photo->wide }}" height="{{ $photo->high }}" @if (! $loop->first) loading="lazy" @endif>
                        <figcaption>
                            <form method="post" action="{{ route('log.alt', [$entry, $photo]) }}" class="flex flex-1 items-baseline gap-2">
                                @csrf
                                <label class="flex-1"><span class="sr-only">what is seen on it</span><input class="blank w-full" name="alt" value="{{ $photo->alt }}" maxlength="200" placeholder="what is seen on it, for those who cannot see it" autocomplete="off"></label>
                                <button class="quiet">keep</button>
                            </form>
                            <form method="post" action="{{ route('log.unphotograph', [$entry, $photo]) }}">@csrf @method('delete')<button class="quiet">take away</button></form>
                        </figcaption>
                    </figure>
                @endforeach
                @if ($photos->count() < App\Models\LogPhoto::MOST)
                    <form method="post" action="{{ route('log.photograph', $entry) }}" enctype="multipart/form-data" class="add-photo">
                        @csrf
                        <label>A photograph <input type="file" name="photograph" accept="image/jpeg,image/png,image/webp" data-most="{{ App\Photos\CleanPhoto::MOST_BYTES }}" required></label>
                        <label>What is seen on it <input class="blank" name="alt" value="{{ old('alt') }}" size="30" maxlength="200" autocomplete="off"></label>
                        <button class="act">Add it</button>
                        @error('photograph')<p class="problem" role="alert">{{ $message }} <span>Nothing else is changed.</span></p>@enderror
                        <p class="text-[13px] text-soft">It is drawn anew from its pixels: where and when it was taken is left out. JPEG, PNG or WebP, up to 15 MB.</p>
                    </form>
                @endif
            </section>
            <div>
                <form method="post" action="{{ route('log.edit', $entry) }}" hx-post="{{ route('log.edit', $entry, false) }}" hx-trigger="change" hx-target="#entry" hx-select="#entry" hx-swap="morph" hx-ext="morph" hx-sync="closest main:queue all" class="entry-sheet">
                    @csrf
                    @foreach ($lines as $line)
                        <x-sentence :line="$line" :problem="$problem" was />
                        @if ($problem && collect($line->parts)->contains(fn ($part) => ! is_string($part) && $part->address === $problem->address))
                            <x-problem :problem="$problem" kept="All else is as it was." />
                        @endif
                        @if ($loop->index === 1 && $doubt)
                            <p class="doubt">{{ Str::unbroken($doubt) }}</p>
                        @endif
                    @endforeach
                    <label class="otherwise">Another time I would
                        <textarea class="blank" name="set[entry.otherwise]" rows="2" maxlength="400" data-blank data-shown="{{ $entry->sheet['otherwise'] ?? '' }}" placeholder="do what otherwise?">{{ $problem?->typed['entry.otherwise'] ?? ($entry->sheet['otherwise'] ?? '') }}</textarea><input type="hidden" name="was[entry.otherwise]" value="{{ $entry->sheet['otherwise'] ?? '' }}"></label>
                    @if ($problem?->address === 'entry.otherwise')<x-problem :problem="$problem" kept="All else is as it was." />@endif
                    <noscript><button class="act">Save</button></noscript>
                </form>
                <form method="post" action="{{ route('log.weigh', $entry) }}" class="mt-1">
                    @csrf
                    <button class="quiet">take the weight from the scale</button>
                    <a class="quiet" href="{{ route('scale.show') }}">the scale</a>
                </form>
                @if ($earned)<p class="earned">{{ $earned }}</p>@endif
                <table class="beside">
                    <caption>What was said, and what came</caption>
                    <thead><tr><th scope="col"><span class="sr-only">What</span></th><th scope="col">Davrin said</th><th scope="col">It came</th></tr></thead>
                    <tbody>
                        @foreach ($beside as [$what, $said, $came])
                            <tr><th scope="row">{{ $what }}</th><td>{{ Str::unbroken($said) }}</td><td>{{ $came === '' ? '' : Str::unbroken($came) }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        </div>
        <form method="post" action="{{ route('log.edit', $entry) }}" hx-post="{{ route('log.edit', $entry, false) }}" hx-trigger="change" hx-target="#entry" hx-select="#entry" hx-swap="morph" hx-ext="morph" hx-sync="closest main:queue all" class="entry-tables">
            @csrf
            <section aria-labelledby="minutes">
                <h2 id="minutes">Minutes{{ $entry->copies > 1 ? ", for all $entry->copies" : '' }}</h2>
                <table>
                    <thead><tr><th scope="col">Work</th><th scope="col">Davrin said</th><th scope="col">It took</th></tr></thead>
                    <tbody>
                        @foreach ($times as $at => $time)
                            @include('log.field', ['address' => "times.$at", 'label' => "minutes for {$time['what']}", 'value' => $time['took'], 'cells' => [$time['what'], $time['said']], 'size' => 9])
                        @endforeach
                    </tbody>
                </table>
            </section>
            <section aria-labelledby="rolls">
                <h2 id="rolls">Rolls as they really were{{ $entry->copies > 1 ? ", for all $entry->copies" : '' }}</h2>
                @if ($rolls === [])
                    <p>All that it was cut from was measured before, so there is nothing to compare.</p>
                @else
                    <table>
                        <thead><tr><th scope="col">Roll</th><th scope="col">Its label said</th><th scope="col">It held</th></tr></thead>
                        <tbody>
                            @foreach ($rolls as $at => $roll)
                                @include('log.field', ['address' => "rolls.$at", 'label' => "what {$roll['what']} held", 'value' => $roll['held'], 'cells' => [$roll['what'], $roll['label']], 'size' => 10])
                            @endforeach
                        </tbody>
                    </table>
                @endif
                @if ($spoiled !== [])
                    <table class="mt-4">
                        <thead><tr><th scope="col">Cut from</th><th scope="col">It took</th><th scope="col">Spoiled beside</th></tr></thead>
                        <tbody>
                            @foreach ($spoiled as $id => $its)
                                @include('log.field', ['address' => "spoiled.$id", 'label' => "{$its['what']} that was spoiled", 'value' => $its['spoiled'], 'cells' => [$its['what'], $its['used']], 'size' => 10])
                            @endforeach
                        </tbody>
                    </table>
                @endif
            </section>
            <noscript><button class="act">Save</button></noscript>
        </form>
        @if ($entry->notes !== [])
            <section class="mt-8 max-w-3xl">
                <h2 class="text-lg">What happened</h2>
                <ul class="happened">@foreach ($entry->notes as $note)<li>{{ $note['at'] === '' ? '' : ucfirst($note['at']).': ' }}{{ $note['words'] }}</li>@endforeach</ul>
            </section>
        @endif
        <section class="mt-8 max-w-3xl">
            <h2 class="text-lg">What this piece teaches</h2>
            @if ($teaches === [])
                <p class="mt-1 text-soft">Nothing yet: write a size, minutes or what a roll held.</p>
            @else
                <ul class="happened">@foreach ($teaches as $words)<li>{{ Str::unbroken(ucfirst($words)) }}</li>@endforeach</ul>
            @endif
        </section>
        <div class="mt-8 flex flex-wrap items-center gap-4 editor-only">
            <form method="post" action="{{ route('log.remake', $entry) }}">@csrf<button class="act act-strong">Make it again</button></form>
            <span class="max-w-md text-[13.5px] text-soft">A new plan, as this one was really made, with today's shelf and prices.</span>
            <form method="post" action="{{ route('log.destroy', $entry) }}" class="ml-auto">@csrf @method('delete')<button class="quiet">take it out of the log</button></form>
        </div>
    </main>
</x-page>
