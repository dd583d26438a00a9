<x-page title="How good the estimates are" here="log">
    <main class="log px-8 pt-5 pb-16">
        <p class="log-links"><a href="{{ route('log.index') }}">The logbook</a> <a href="{{ route('learning') }}">what it has taught</a></p>
        <h1 class="mt-1 text-3xl">How good the estimates are</h1>
        <p class="mt-2 max-w-3xl">Each mark is a piece of the log: how far along, what came; how far up, what was said of it. On the slanted line both are the same. Hollow marks are Davrin's starting guesses, filled ones what all the <em>other</em> pieces would have said, so no piece is held against what it taught itself.</p>
        @if ($plots === [])
            <p class="mt-8 max-w-xl text-[17px]">{{ $entries === 0 ? 'Nothing is in the log yet.' : 'Nothing was measured of what is in the log.' }} <a href="{{ route('log.index') }}">Write down a piece</a> with its size, minutes, what you think of its fullness, or what its rolls held.</p>
        @endif
        <div class="plots">
            @foreach ($plots as $plot)
                <figure>
                    <figcaption>{{ $plot->of->what->words() }}</figcaption>
                    <svg viewBox="-62 -6 290 258" role="group" aria-label="{{ $plot->words() }}">
                        <path class="axis" d="M0 0v{{ $plot::SIDE }}h{{ $plot::SIDE }}" />
                        <path class="same" d="M0 {{ $plot::SIDE }}L{{ $plot::SIDE }} 0" />
                        @foreach ($plot->ticks() as $tick)
                            <path class="axis" d="M{{ $plot->at($tick['at']) }} {{ $plot::SIDE }}v4M0 {{ $plot->up($tick['at']) }}h-4" />
                            <text x="{{ $plot->at($tick['at']) }}" y="{{ $plot::SIDE + 16 }}" text-anchor="middle">{{ $tick['shown'] }}</text>
                            <text x="-7" y="{{ $plot->up($tick['at']) + 4 }}" text-anchor="end">{{ $tick['shown'] }}</text>
                        @endforeach
                        <text class="axis-words" x="{{ $plot::SIDE }}" y="{{ $plot::SIDE + 30 }}" text-anchor="end">came</text>
                        <text class="axis-words" x="4" y="4">said</text>
                        @foreach ($plot->of->points as $point)
                            <a href="{{ route('log.show', $point['id'], false) }}" aria-label="{{ $point['name'] }}: came {{ $plot->shown($point['real']) }}, said {{ $plot->shown($point['before']) }}, would be said {{ $plot->shown($point['after']) }}">
                                <path class="moves" d="M{{ $plot->at($point['real']) }} {{ $plot->up($point['before']) }}V{{ $plot->up($point['after']) }}" />
                                <circle class="before" cx="{{ $plot->at($point['real']) }}" cy="{{ $plot->up($point['before']) }}" r="4.2" />
                                <circle class="after" cx="{{ $plot->at($point['real']) }}" cy="{{ $plot->up($point['after']) }}" r="4.2" />
                            </a>
                        @endforeach
                    </svg>
                    <p>{{ $plot->words() }}</p>
                    <details>
                        <summary class="quiet">piece by piece</summary>
                        <table>
                            <thead><tr><th scope="col">Piece</th><th scope="col">Came</th><th scope="col">Said</th><th scope="col">Would be said</th></tr></thead>
                            <tbody>@foreach ($plot->of->points as $point)<tr><th scope="row"><a href="{{ route('log.show', $point['id'], false) }}">{{ $point['name'] }}</a></th><td>{{ $plot->shown($point['real']) }}</td><td>{{ $plot->shown($point['before']) }}</td><td>{{ $plot->shown($point['after']) }}</td></tr>@endforeach</tbody>
                        </table>
                    </details>
                </figure>
            @endforeach
        </div>
    </main>
</x-page>
