@php $search = $page->search; @endphp
<x-page title="What can I make?" here="plans">
    <main class="whole suggest" id="suggest">
        <p class="whole-way"><a class="quiet" href="{{ route('plans.index') }}">Plans</a></p>
        <h1>What can I make?</h1>
        <x-notices />
        <form method="post" action="{{ route('suggest.begin') }}" class="wishes">
            @csrf
            <div class="sentence">Of what lies on the shelf, on <select class="blank" name="form" aria-label="the form" autocomplete="off">
                    @foreach ($forms as $key => $name)
                        <option value="{{ $key }}" @selected($key === $page->form)>{{ $name }}</option>
                    @endforeach
                </select>@if ($meshes !== []), of
                <details class="of-meshes" @if ($page->only !== []) open @endif>
                    <summary class="blank">{{ $page->only === [] ? 'any mesh' : Davrin\Core\Words\Words::count(count($page->only), 'mesh that I choose', 'meshes that I choose') }}</summary>
                    <ul>
                        @foreach ($meshes as $id => $name)
                            <li><label><input type="checkbox" name="only[]" value="{{ $id }}" @checked(in_array($id, $page->only, true)) autocomplete="off"> {{ $name }}</label></li>
                        @endforeach
                    </ul>
                </details>@endif</div>
            <x-sentence :line="$page->wishes" :problem="$page->problem" />
            @if ($page->problem)
                <x-problem :problem="$page->problem" kept="Nothing was looked for." />
            @endif
            <p class="mt-2"><button class="act act-strong">{{ $search === null ? 'Look what I can make' : 'Look again' }}</button></p>
        </form>
        @if ($search)
            <section class="found" id="found" aria-label="What can be made">
                <div class="progress" @if (! $search->isDone()) hx-post="{{ route('suggest.step', $search, false) }}" hx-trigger="load" hx-target="#found" hx-select="#found" hx-swap="outerHTML" hx-headers='{"X-CSRF-TOKEN": "{{ csrf_token() }}"}' @endif>
                    <progress max="{{ max(1, $search->total) }}" value="{{ $search->next }}" aria-label="how far the search is"></progress>
                    <p role="status">{{ $search->isDone() ? ($search->stopped ? 'Stopped' : 'Done') : 'Still looking' }}: {{ $search->next }} of {{ Davrin\Core\Words\Words::count($search->total, 'way') }} looked at, {{ Davrin\Core\Words\Words::count($search->fits, 'plan fits', 'plans fit') }}.</p>
                    @if (! $search->isDone())
                        <form method="post" action="{{ route('suggest.stop', $search) }}">
                            @csrf
                            <button class="act">Stop</button>
                        </form>
                        <noscript>
                            <form method="post" action="{{ route('suggest.step', $search) }}">
                                @csrf
                                <button class="act">Go on looking</button>
                            </form>
                        </noscript>
                    @endif
                </div>
                @if ($page->shown === [] && $search->isDone())
                    <div class="max-w-2xl text-[17px]">
                        <p><b>Nothing fits all of that.</b>
                            @if ($search->total === 0)
                                There is no mesh to make it of: put some on the shelf, or allow a roll to be bought.
                            @elseif ($search->search()->lacksRibbon())
                                There is no ribbon on the shelf to add: wish for mesh alone.
                            @elseif ($page->loosen === [])
                                {{ $search->stopped ? 'Nothing was found before it was stopped.' : 'Whatever is tried misses more than one wish: loosen two of them.' }}
                            @else
                                One of these would be enough:
                            @endif
                        </p>
                        <ul class="loosen">
                            @foreach ($page->loosen as $way)
                                <li>{{ Str::unbroken($way) }}</li>
                            @endforeach
                        </ul>
                    </div>
                @endif
                <ol class="suggested">
                    @foreach ($page->shown as $its)
                        @php $frame = $its['drawing']->frame(); @endphp
                        <li>
                            <svg viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $its['drawing']->words() }}">
                                <defs><x-mesh-patterns :inks="$its['drawing']->inks" /></defs>
                                <x-mesh-on-form :drawing="$its['drawing']" />
                            </svg>
                            <div>
                                <h2>{{ $its['name'] }}</h2>
                                <p>{{ Str::unbroken($its['how']) }}</p>
                                <p class="why-this">{{ Str::unbroken($its['why']) }}</p>
                                <p class="looked-at">{{ implode(' · ', $its['facts']) }}</p>
                                <form method="post" action="{{ route('suggest.open', $search) }}">
                                    @csrf
                                    <button class="quiet" name="number" value="{{ $its['number'] }}" aria-label="open as a plan: {{ $its['name'] }}, number {{ $its['number'] + 1 }}">open as a plan</button>
                                </form>
                            </div>
                        </li>
                    @endforeach
                </ol>
            </section>
        @else
            <p class="mt-4 max-w-2xl text-soft">Davrin tries techniques, ties, lengths and colours with the rolls that lie there, and shows what fits all your wishes, different kinds first.</p>
        @endif
    </main>
</x-page>
