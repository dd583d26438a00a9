<x-page title="Plans" here="plans">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-2">
            <h1 class="mr-auto text-3xl">Plans on the wall</h1>
            <span class="self-center text-soft">New plan:</span>
            @foreach (App\Plans\Starter::cases() as $starter)
                <form method="post" action="{{ route('plans.store') }}">
                    @csrf
                    <button class="act @if ($loop->first) act-strong @endif" name="starter" value="{{ $starter->value }}" title="{{ $starter->words() }}">{{ $starter->title() }}</button>
                </form>
            @endforeach
            <x-open-file :to="route('files.open')" accept=".json,application/json" :most="Davrin\Core\PlanFile\PlanFile::MOST_BYTES">Open a file</x-open-file>
        </div>
        @if ($plans->isNotEmpty() || $sought !== '')
            <div class="mt-2 flex flex-wrap items-baseline gap-x-6 gap-y-1">
                <x-search :sought="$sought" label="Find a plan" hint="a name, a form, a technique, a mesh" />
                <a class="quiet" href="{{ route('suggest.index') }}">what can I make?</a>
                <a class="quiet" href="{{ route('together') }}">cut several of them together</a>
                <a class="quiet" href="{{ route('compare') }}">compare some of them</a>
                @if ($plans->hasPages() || $sought !== '')
                    <span class="text-soft" role="status">{{ Davrin\Core\Words\Words::count($plans->total(), 'plan') }}{{ $plans->hasPages() ? ", {$plans->firstItem()} to {$plans->lastItem()} here" : '' }}</span>
                @endif
            </div>
        @endif
        <x-notices />

        @if ($plans->isEmpty() && $sought !== '')
            <p class="mt-8 text-[17px]">No plan on the wall has "{{ $sought }}" in its name, its form, its techniques or its mesh. <a href="{{ route('plans.index') }}">Show all plans</a></p>
        @elseif ($plans->isEmpty() && $plans->currentPage() > 1)
            <p class="mt-8 text-[17px]">The wall does not go on this far. <a href="{{ route('plans.index') }}">Show the newest plans</a></p>
        @elseif ($plans->isEmpty())
            <section class="mt-10 max-w-xl text-[17px]">
                <p>Nothing hangs here yet. Start one of those above: Davrin preps the form, and you fill in the blanks.</p>
                <p class="mt-3">Each change is worked out at once: ties, cuts, which roll each comes from, what is left and what it costs.</p>
                <p class="mt-3">Or ask <a href="{{ route('suggest.index') }}">what you can make</a> of what lies on the shelf.</p>
            </section>
        @endif
        @if ($plans->contains(fn ($saved): bool => ! $saved->revision->card?->isCurrent()))
            <noscript><p class="mt-3"><a href="{{ request()->fullUrlWithQuery(['worked' => 1]) }}">Work out the plans that show no figures yet</a></p></noscript>
        @endif
        <div class="wall">
            @foreach ($plans as $saved)
                <article class="hung">
                    @if ($saved->revision->card?->isCurrent())
                        @include('plans.card', ['card' => $saved->revision->card])
                    @else
                        <div class="tag tag-top undrawn" hx-get="{{ route('plans.card', $saved, false) }}" hx-trigger="load" hx-swap="outerHTML" hx-sync="closest .wall:queue all">
                            <h2><a class="hover:underline" href="{{ route('plans.show', $saved, false) }}">{{ $saved->name }}</a></h2>
                            <p role="status">being worked out</p>
                        </div>
                    @endif
                    <div class="tag tag-foot flex items-baseline gap-4">
                        <form method="post" action="{{ route('plans.copy', $saved, false) }}">
                            @csrf
                            <button class="quiet">copy</button>
                        </form>
                        <a class="quiet" href="{{ route('files.save', $saved, false) }}" download>save as a file</a>
                        <form method="post" action="{{ route('plans.destroy', $saved, false) }}">
                            @csrf
                            @method('delete')
                            <button class="quiet">take down</button>
                        </form>
                    </div>
                </article>
            @endforeach
        </div>
        {{ $plans->links('plans.pages') }}

        <x-put-away title="Taken down" :items="$deleted" route="plans.restore" back="hang it up again" />
    </main>
</x-page>
