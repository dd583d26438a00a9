<x-page title="Plans" here="plans">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-3">
            <h1 class="mr-auto text-3xl">Plans on the wall</h1>
            <span class="self-center text-soft">Begin with</span>
            @foreach (App\Plans\Starter::cases() as $starter)
                <form method="post" action="{{ route('plans.store') }}">
                    @csrf
                    <button class="act @if ($loop->first) act-strong @endif" name="starter" value="{{ $starter->value }}" title="{{ $starter->words() }}">{{ $starter->title() }}</button>
                </form>
            @endforeach
            <form method="post" action="{{ route('files.open') }}" enctype="multipart/form-data" class="flex gap-1">
                @csrf
                <label class="act cursor-pointer focus-within:outline-3 focus-within:outline-blue">Open a plan file
                    <input class="sr-only" type="file" name="file" accept=".json,application/json" data-opens-at-once>
                </label>
                <noscript><button class="act">Open</button></noscript>
            </form>
        </div>
        <x-notices />

        @if ($hung->isEmpty())
            <section class="mt-10 max-w-xl text-[17px]">
                <p>Nothing hangs here yet. Begin with one of the three above: Davrin preps the ring, and you fill in the blanks.</p>
                <p class="mt-3">Each change is worked out at once: ties, cuts, which roll each comes from, what is left and what it costs.</p>
            </section>
        @endif
        <div class="wall">
            @foreach ($hung as $item)
                <x-hung-plan :item="$item" />
            @endforeach
        </div>
        {{ $hung->links('plans.pages') }}

        @if ($deleted->isNotEmpty())
            <section class="mt-4 border-t-[1.5px] border-dashed border-line pt-4">
                <h2 class="text-lg">Taken down</h2>
                <ul class="mt-2 flex flex-wrap gap-x-8 gap-y-2">
                    @foreach ($deleted as $plan)
                        <li class="flex items-baseline gap-3">
                            {{ $plan->name }}
                            <form method="post" action="{{ route('plans.restore', $plan) }}">
                                @csrf
                                <button class="quiet">hang it up again</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endif
    </main>
</x-page>
