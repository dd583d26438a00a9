<x-page :title="'Final check: '.$build->plan->name" here="bench">
    <main class="whole">
        <p class="whole-way"><a class="quiet" href="{{ route('builds.show', $build) }}">back to the bench</a> <a class="quiet" href="{{ route('builds.record', $build) }}">what is written down</a></p>
        <h1>Before it goes on a door</h1>
        <p class="mt-1">{{ $build->plan->name }}: {{ $record->done }} of {{ $record->of }} steps done{{ $record->skipped > 0 ? ', '.$record->skipped.' skipped' : '' }}. Look at each of these, and say what you see.</p>
        <x-notices />
        @if ($notAll = session('notAll'))
            <form method="post" action="{{ route('builds.finish', $build) }}" class="refused mt-4 flex flex-wrap items-center gap-4" role="alert">
                @csrf
                <p>{{ ucfirst($notAll) }}. Is it finished all the same?</p>
                <button class="act act-strong" name="all_the_same" value="1" autofocus>Yes, it is finished</button>
                <a class="act" href="{{ route('builds.check', $build) }}">No, go on</a>
            </form>
        @endif
        @foreach (collect($looks)->groupBy('copy') as $copy => $these)
            @if ($build->copies > 1)
                <h2>Piece {{ $copy }} of {{ $build->copies }}</h2>
            @endif
            <ol class="final-looks">
                @foreach ($these as $look)
                    @php $answer = $build->checked[$look->key] ?? null; @endphp
                    <li id="look-{{ strtr($look->key, '/', '-') }}" @class(['is-well' => $answer === true, 'is-not' => $answer === false])>
                        <div>
                            <h3>{{ $look->asked }}</h3>
                            @foreach ($look->expected as $expected)
                                <p>{{ Str::unbroken($expected) }}</p>
                            @endforeach
                            @if ($answer === false)
                                <p class="mt-2"><b>{{ $look->otherwise }}</b> @if ($look->trouble)<a class="act" href="{{ route('builds.wrong', ['build' => $build, 'trouble' => $look->trouble]) }}">What can be done</a>@endif</p>
                            @endif
                        </div>
                        <form method="post" action="{{ route('builds.answer', $build) }}">
                            @csrf
                            <input type="hidden" name="look" value="{{ $look->key }}">
                            <button class="act" name="answer" value="{{ $answer === true ? 'open' : 'well' }}" aria-pressed="{{ $answer === true ? 'true' : 'false' }}">Yes<span class="sr-only">: {{ $look->asked }}</span></button>
                            <button class="act" name="answer" value="{{ $answer === false ? 'open' : 'not' }}" aria-pressed="{{ $answer === false ? 'true' : 'false' }}">Not yet<span class="sr-only">: {{ $look->asked }}</span></button>
                        </form>
                    </li>
                @endforeach
            </ol>
        @endforeach
        @if ($build->isFinished())
            <p class="mt-6"><b>Finished</b> on {{ $build->finished_at->format('M j, Y') }}. <a href="{{ route('builds.record', $build) }}">What is written down of it</a></p>
        @else
            <form method="post" action="{{ route('builds.finish', $build) }}" class="mt-6 flex flex-wrap items-center gap-4">
                @csrf
                <button class="act act-strong">It is finished: write it down</button>
                <p class="max-w-md text-[13.5px] text-soft">What was cut leaves the shelf, what is over goes back on it, and nothing is held any more.</p>
            </form>
        @endif
    </main>
</x-page>
