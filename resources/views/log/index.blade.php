@php use Davrin\Core\Log\Season; use Illuminate\Support\Carbon; @endphp
<x-page title="Logbook" here="log">
    <main class="log px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
            <h1 class="mr-auto text-3xl">What came off the bench</h1>
            <a class="quiet" href="{{ route('learning') }}">what it has taught</a>
            <a class="quiet" href="{{ route('learning.estimates') }}">how good the estimates are</a>
            @if ($all !== [])
                <form method="post" action="{{ route('log.store') }}" class="flex items-baseline gap-2">
                    @csrf
                    <label>A piece made before, by <select class="blank max-w-[15rem]" name="plan">@foreach ($all as $id => $name)<option value="{{ $id }}" @selected($id === $book->plan)>{{ $name }}</option>@endforeach</select></label>
                    <button class="act act-strong">Write it down</button>
                </form>
            @endif
        </div>
        <x-notices />
        @if ($entries->total() > 0 || $book->isNarrowed())
            <form method="get" action="{{ route('log.index') }}" class="leaf-through" role="search" aria-label="Leaf through">
                <label>Find <input class="blank" type="search" name="q" value="{{ $book->sought }}" size="22" maxlength="80" placeholder="a name, a place, a mesh"></label>
                <label>made in <select class="blank" name="year"><option value="">any year</option>@foreach (collect($years)->pluck('year')->push($book->year)->filter()->unique()->sortDesc() as $year)<option @selected($year === $book->year)>{{ $year }}</option>@endforeach</select></label>
                <label>for <select class="blank" name="season"><option value="">any season</option>@foreach (Season::cases() as $season)<option value="{{ $season->value }}" @selected($season->value === $book->season)>{{ $season->value }}</option>@endforeach</select></label>
                <label>with <select class="blank" name="technique"><option value="">any technique</option>@foreach ($techniques as $key => $name)<option value="{{ $key }}" @selected($key === $book->technique)>{{ $name }}</option>@endforeach</select></label>
                <label>by <select class="blank max-w-[14rem]" name="plan"><option value="">any plan</option>@foreach ($plans as $id => $name)<option value="{{ $id }}" @selected($id === $book->plan)>{{ $name }}</option>@endforeach</select></label>
                <button class="act">Leaf through</button>
                @if ($book->isNarrowed())<a class="quiet" href="{{ route('log.index') }}">show all of it</a>@endif
            </form>
            @if ($years !== [])
                <table class="years">
                    <caption class="sr-only">What each year adds up{{ $book->isNarrowed() ? ', of what is shown' : '' }}</caption>
                    <thead><tr><th scope="col">Year</th><th scope="col">Pieces</th><th scope="col">Mesh and ribbon</th><th scope="col">Hours</th><th scope="col">Sold for</th><th scope="col">An hour earned</th></tr></thead>
                    <tbody>
                        @foreach ($years as $year)
                            <tr><th scope="row">{{ $year['year'] }}</th><td>{{ $year['pieces'] }}</td><td>{{ $year['yards'] }}</td><td>{{ $year['hours'] }}</td><td>{{ $year['sold'] === [] ? 'nothing yet' : implode(' + ', $year['sold']) }}</td><td>{{ $year['anHour'] === [] ? '-' : implode(' + ', $year['anHour']) }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        @endif
        @if ($entries->total() === 0 && $book->isNarrowed())
            <p class="mt-8 text-[17px]">Nothing in the log is like that. <a href="{{ route('log.index') }}">Show all of it</a></p>
        @elseif ($entries->isEmpty() && $entries->currentPage() > 1)
            <p class="mt-8 text-[17px]">The log does not go back this far. <a href="{{ route('log.index') }}">To its newest page</a></p>
        @elseif ($entries->isEmpty())
            <section class="mt-10 max-w-xl text-[17px]">
                <p>Nothing is written down yet. Finish a piece <a href="{{ route('builds.index') }}">at the bench</a> and it can be written down with all its minutes and rolls, or write down one that was made before.</p>
                <p class="mt-3">From three pieces on Davrin learns from them: how long you take, how far your ruffles stand out, how short the rolls of one shop come. What it has learned it uses for every plan from then on, and says so.</p>
            </section>
        @endif
        <div class="leaves">
            @foreach ($entries as $entry)
                @include('log.leaf', ['month' => $loop->first || substr($entry->made_on, 0, 7) !== substr($entries[$loop->index - 1]->made_on, 0, 7) ? (new Carbon($entry->made_on))->format('M Y') : null])
            @endforeach
        </div>
        <x-pages :of="$entries" class="mt-6" label="pages of the log" order="the newest first" before="Newer ones" after="Older ones" />
        <section class="log-file" aria-label="The log as a file">
            @if ($entries->total() > 0)
                <span>{{ $book->isNarrowed() ? 'What is shown' : 'All of it' }} as a file: <a href="{{ route('log.csv', request()->query()) }}" download>a table (CSV)</a> or @if ($parts === null)<a href="{{ route('log.json', request()->except('page')) }}">whole, without photographs (JSON)</a>@else whole, without photographs, in {{ Davrin\Core\Words\Words::count($parts, 'file') }} (JSON): @for ($part = 1; $part <= $parts; $part++)<a href="{{ route('log.json', ['part' => $part] + request()->except('page', 'files')) }}">{{ $part }}</a> @endfor @endif</span>
            @endif
            <x-open-file :to="route('log.open')" accept=".json,application/json" :most="Davrin\Core\Log\LogFile::MOST_BYTES">Open a log</x-open-file>
        </section>
        @if ($deleted->isNotEmpty())
            <details class="mt-10">
                <summary class="quiet">taken out of the log</summary>
                <ul class="mt-2">
                    @foreach ($deleted as $entry)
                        <li><form method="post" action="{{ route('log.restore', $entry->id) }}" class="flex items-baseline gap-3">@csrf<span>{{ $entry->name }}</span><button class="quiet">put it back</button></form></li>
                    @endforeach
                </ul>
            </details>
        @endif
    </main>
</x-page>
