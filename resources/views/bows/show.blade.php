<x-page :title="$bow->name" here="bows">
    <main class="bow-maker px-8 pt-5 pb-16" id="bow">
        <p class="text-[13.5px]"><a href="{{ route('bows.index') }}">All bows</a></p>
        <x-notices />
        @if ($problem && $problem->address === null)
            <p class="refused" role="alert">{{ $problem->sentence }}</p>
        @endif
        <div class="halves">
            <section>
                <h1 class="sr-only">{{ $bow->name }}</h1>
                <form method="post" action="{{ route('bows.edit', $bow) }}" hx-post="{{ route('bows.edit', $bow) }}" hx-trigger="change" hx-target="#bow" hx-select="#bow" hx-swap="morph" hx-ext="morph">
                    @csrf
                    <input type="hidden" name="left" value="{{ $left }}">
                    <x-sentence :line="$name" :problem="$problem" class="text-[24px] font-bold" />
                    <x-sentence :line="$sentence" :problem="$problem" :inks="$drawing->inks" :panels="false" class="mt-3 text-[17px] leading-9" />
                    @if ($problem?->at('parts.bow') || $problem?->at('plan'))
                        <x-problem :problem="$problem" kept="The bow is as it was." />
                    @endif
                    <noscript><button class="act">Save</button></noscript>
                </form>
                @foreach ($ribbons as $ribbon)
                    <div class="mt-3 border-t-[1.5px] border-dashed border-line pt-2">
                        <form method="post" action="{{ route('bows.edit', $bow) }}" hx-post="{{ route('bows.edit', $bow) }}" hx-trigger="change" hx-target="#bow" hx-select="#bow" hx-swap="morph" hx-ext="morph">
                            @csrf
                            <input type="hidden" name="left" value="{{ $left }}">
                            <x-sentence :line="$ribbon['line']" :problem="$problem" :id="'ribbon-'.$ribbon['id']" />
                            @if ($problem?->at($ribbon['line']->address))
                                <x-problem :problem="$problem" kept="The bow is as it was." />
                            @endif
                            <noscript><button class="act">Save</button></noscript>
                        </form>
                        <form class="flex flex-wrap items-baseline gap-4 text-[13.5px]" method="post" action="{{ route('bows.edit', $bow) }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ $ribbon['id'] }}">
                            @if ($shelf !== [])
                                <label>From the shelf
                                    <select class="blank" name="to" autocomplete="off">
                                        @foreach ($shelf as $id => $thing)
                                            <option value="{{ $id }}">{{ $thing }}</option>
                                        @endforeach
                                    </select>
                                </label>
                                <button class="quiet" name="do" value="take-ribbon">use this</button>
                            @endif
                            @if (! $ribbon['isUsed'])
                                <button class="quiet" name="do" value="remove-ribbon">take this ribbon away</button>
                            @endif
                        </form>
                    </div>
                @endforeach
                <form class="mt-3 flex flex-wrap gap-3" method="post" action="{{ route('bows.edit', $bow) }}">
                    @csrf
                    <button class="quiet" name="do" value="add-ribbon">add another ribbon to choose from</button>
                </form>
                <div class="mt-5 border-t-[3px] border-ink pt-3">
                    <h2 class="text-lg">It takes {{ $together }}</h2>
                    <ul>
                        @foreach ($takes as $strip)
                            <li>{{ Str::unbroken($strip) }}</li>
                        @endforeach
                    </ul>
                    <h2 class="mt-4 text-lg">How it is made, {{ $minutes }}</h2>
                    <ol class="list-decimal pl-6">
                        @foreach ($steps as $step)
                            <li>{{ $step->does }}</li>
                        @endforeach
                    </ol>
                    @foreach ($cautions as $caution)
                        <p class="caution">{{ $caution->words() }}</p>
                    @endforeach
                </div>
            </section>
            <section>
                <svg class="bow-drawing" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $bow->name }}, drawn to scale from the front">
                    <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
                    <g class="inches" aria-hidden="true">
                        @for ($inch = (int) ceil($frame->left / 20); $inch * 20 <= $frame->left + $frame->wide(); $inch++)
                            <path d="M{{ $inch * 20 }} {{ $frame->top + $frame->high() }}v-{{ $inch % 6 === 0 ? 12 : 6 }}" />
                        @endfor
                    </g>
                    <x-bow :drawing="$drawing" />
                </svg>
                <p class="text-[13px] text-soft">Drawn to scale, a mark for each inch.</p>
                <form class="left-over" id="left-over" method="get" action="{{ route('bows.show', $bow) }}" hx-get="{{ route('bows.show', $bow) }}" hx-trigger="input delay:250ms, change" hx-target="#fits" hx-select="#fits" hx-swap="outerHTML">
                    <label class="text-[17px]">This much is left on the roll: <input class="blank" type="text" name="left" value="{{ $left }}" size="9" maxlength="40" autocomplete="off" data-left @if ($refused) aria-invalid="true" aria-describedby="left-problem" @endif></label>
                    <input type="range" min="6" max="360" step="1" value="{{ $inches }}" aria-label="inches left on the roll" data-left-inches autocomplete="off">
                    <noscript><button class="act">Work it out</button></noscript>
                </form>
                <div id="fits" aria-live="polite">
                    @if ($refused)
                        <p class="problem" id="left-problem" role="alert">{{ $refused }}</p>
                    @endif
                    <ul class="fits">
                        @foreach ($fits as [$key, $words, $shown, $written])
                            <li>
                                <b>{{ $shown ?? 'none' }}</b>
                                <span>{{ $shown === null ? "of these: too little is left for $words, all else as it is" : "is $words, all else as it is" }}</span>
                                @if ($shown !== null)
                                    <form method="post" action="{{ route('bows.edit', $bow) }}">
                                        @csrf
                                        <input type="hidden" name="left" value="{{ $left }}">
                                        <button class="quiet" name="set[parts.bow.{{ $key }}]" value="{{ $written }}">make it so</button>
                                    </form>
                                @endif
                            </li>
                        @endforeach
                    </ul>
                </div>
                <div class="go-bow">
                    @if ($plans !== [])
                        <form class="flex flex-wrap items-baseline gap-2" method="post" action="{{ route('bows.put', $bow) }}">
                            @csrf
                            <label>Put a copy on
                                <select class="blank" name="plan" autocomplete="off">
                                    @foreach ($plans as $id => $plan)
                                        <option value="{{ $id }}">{{ $plan }}</option>
                                    @endforeach
                                </select>
                            </label>
                            <button class="act">Put it on</button>
                        </form>
                    @endif
                    @if ($bow->before !== null)
                        <form method="post" action="{{ route('bows.undo', $bow) }}">
                            @csrf
                            <button class="quiet">undo the last change</button>
                        </form>
                    @endif
                    <form method="post" action="{{ route('bows.destroy', $bow) }}">
                        @csrf
                        @method('delete')
                        <button class="quiet">put it away</button>
                    </form>
                </div>
            </section>
        </div>
    </main>
</x-page>
