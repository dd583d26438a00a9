<x-page :title="'Colours of '.$saved->name" here="plans">
    <main class="px-8 pt-5 pb-16">
        <p><a class="quiet" href="{{ route('plans.show', $saved) }}">back to {{ $saved->name }}</a></p>
        <h1 class="mt-1 text-3xl">{{ $saved->name }} in other colours</h1>
        <form method="get" action="{{ route('plans.colours', $saved) }}" class="mt-3 flex flex-wrap items-baseline gap-x-3 gap-y-1">
            <label for="palette">Colours of your ribbon or sign</label>
            <input class="blank" id="palette" name="palette" value="{{ $request->typed() }}" size="34" maxlength="200" placeholder="#1d6a6b, #d9a93a" autocomplete="off" spellcheck="false" @if ($request->problem()) aria-invalid="true" aria-describedby="problem" @endif>
            <label><input type="checkbox" name="greys" value="on" @checked($request->inGreys())> shown in greys</label>
            <button class="act">Try them</button>
        </form>
        @if ($request->problem())
            <p class="problem max-w-prose" id="problem" role="alert">{{ $request->problem() }}</p>
        @endif
        <div class="variations @if ($request->inGreys()) in-greys @endif">
            @foreach ($variations as $variation)
                @php [$drawing, $frame] = [$variation->drawing, $variation->drawing->frame()]; @endphp
                <article class="variation">
                    <svg viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $variation->label }}. {{ $drawing->words() }}">
                        <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
                        <x-mesh-on-form :drawing="$drawing" />
                    </svg>
                    <h2>{{ $variation->label }}</h2>
                    <p>{{ $variation->result->tally->rolls->said() }}, {{ $variation->result->verdict->words() }}, {{ $variation->result->tally->cost->shown }}</p>
                    @if ($variation->edit !== [])
                        <x-plain-edit :saved="$saved" :edit="$variation->edit">
                            <button class="act">Take these</button>
                        </x-plain-edit>
                    @endif
                </article>
            @endforeach
        </div>
        @if (count($variations) < 2)
            <p class="mt-4 max-w-prose">The plan has one mesh only, so nothing can be exchanged. Write the colours of your ribbon or sign above, or add a mesh to the plan.</p>
        @endif
        @if ($inGreys !== [])
            <section class="mt-8 max-w-prose">
                <h2 class="text-xl">In greys</h2>
                <p>For those who see colours otherwise, and in dim light, what is left of a colour is how light it is.</p>
                <ul class="mt-2">
                    @foreach ($inGreys as $said)
                        <li>{{ $said }}</li>
                    @endforeach
                </ul>
            </section>
        @endif
    </main>
</x-page>
