<x-page title="The bench" here="bench">
    <main class="whole">
        <h1>The bench</h1>
        <x-notices />
        @if (array_filter($builds) === [])
            <p class="mt-4 max-w-2xl text-[17px]">Nothing is on the bench. Open a plan and choose "build it": the bench then says what comes next, one thing at a time, and keeps count.</p>
            <p class="mt-4"><a class="act act-strong" href="{{ route('plans.index') }}">To the plans</a></p>
        @else
            @foreach ($builds as $title => $these)
                @if ($these !== [])
                    <h2 class="mt-6 text-xl">{{ $title }}</h2>
                    <ul class="builds">
                        @foreach ($these as $build)
                            @include('bench.line')
                        @endforeach
                    </ul>
                @endif
            @endforeach
        @endif
        <x-put-away title="Put away" :items="$deleted" route="builds.restore" back="take it up again" />
    </main>
</x-page>
