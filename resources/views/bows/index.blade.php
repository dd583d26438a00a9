<x-page title="Bows" here="bows">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-3">
            <h1 class="mr-auto text-3xl">Bows</h1>
            <form class="flex flex-wrap items-baseline gap-2" method="post" action="{{ route('bows.store') }}">
                @csrf
                <span class="text-soft">New bow:</span>
                @foreach ($kinds as $kind => $name)
                    <button class="act" name="kind" value="{{ $kind }}">{{ ucfirst(preg_replace('/^an? /', '', $name)) }}</button>
                @endforeach
            </form>
        </div>
        <x-notices />
        @if ($bows->isEmpty())
            <section class="mt-10 max-w-xl text-[17px]">
                <p>No bow is kept yet. Begin one above: say its loops and tails, and see what it takes of the ribbon; or say what is left of a roll, and see what bow that makes.</p>
            </section>
        @endif
        <ul class="kept-bows">
            @foreach ($bows as $shown)
                <li>
                    <a href="{{ route('bows.show', $shown->bow) }}">
                        <svg viewBox="{{ $shown->frame->left }} {{ $shown->frame->top }} {{ $shown->frame->wide() }} {{ $shown->frame->high() }}" aria-hidden="true">
                            <defs><x-mesh-patterns :inks="$shown->drawing->inks" /></defs>
                            <x-bow :drawing="$shown->drawing" />
                        </svg>
                        <b>{{ $shown->bow->name }}</b>
                    </a>
                    <span class="text-[13.5px] text-soft">takes {{ $shown->takes }}</span>
                </li>
            @endforeach
        </ul>
        {{ $bows->links('plans.pages') }}
        <x-put-away title="Put away" :items="$deleted" route="bows.restore" back="keep it again" />
    </main>
</x-page>
