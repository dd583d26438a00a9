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
            <x-open-file :to="route('files.open')" accept=".json,application/json">Open a file</x-open-file>
        </div>
        @if ($hung->isNotEmpty())
            <p><a class="quiet" href="{{ route('together') }}">cut several of them together</a></p>
        @endif
        <x-notices />

        @if ($hung->isEmpty())
            <section class="mt-10 max-w-xl text-[17px]">
                <p>Nothing hangs here yet. Start one of those above: Davrin preps the form, and you fill in the blanks.</p>
                <p class="mt-3">Each change is worked out at once: ties, cuts, which roll each comes from, what is left and what it costs.</p>
            </section>
        @endif
        <div class="wall">
            @foreach ($hung as $item)
                <x-hung-plan :item="$item" />
            @endforeach
        </div>
        {{ $hung->links('plans.pages') }}

        <x-put-away title="Taken down" :items="$deleted" route="plans.restore" back="hang it up again" />
    </main>
</x-page>
