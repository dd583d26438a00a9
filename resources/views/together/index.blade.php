<x-page title="Cut together" here="plans">
    <main class="together px-8 pt-5 pb-16">
        <p class="text-[13.5px]"><a href="{{ route('plans.index') }}">Plans</a></p>
        <h1 class="mt-1 text-3xl">Cut together</h1>
        <p class="mt-1 max-w-3xl">What one plan leaves on a roll serves the next. Say how many of each are made; the rolls follow.</p>
        <x-notices />
        <div class="pair" id="pair">
            <div>
                <form method="get" action="{{ route('together') }}" hx-get="{{ route('together') }}" hx-trigger="input delay:400ms" hx-target="#cut-together" hx-select="#cut-together" hx-swap="outerHTML" hx-push-url="true" hx-sync="this:queue last">
                    <p class="mb-2"><label>Find a plan <input class="blank" type="search" name="q" value="{{ $sought }}" size="18" maxlength="80" placeholder="a name, a mesh" autocomplete="off"
                        hx-get="{{ route('together') }}" hx-trigger="input changed delay:400ms consume, search consume" hx-include="closest form" hx-target="#plans-to-cut" hx-select="#plans-to-cut" hx-swap="outerHTML"></label></p>
                    <ul id="plans-to-cut">
                        @forelse ($choosing->plans as $plan)
                            <li><label>
                                @if ($plan->revision->card?->isCurrent())
                                    <img src="{{ App\Plans\Picture::url($plan->id, $plan->revision->id) }}" alt="" width="44" height="44" loading="lazy" decoding="async">
                                @endif
                                <input class="blank" type="number" name="copies[{{ $plan->id }}]" min="0" max="{{ $choosing::MOST_COPIES }}" value="{{ $choosing->copies[$plan->id] ?? 0 }}" autocomplete="off"> {{ $plan->name }}</label></li>
                        @empty
                            <li>{{ $sought === '' ? 'Nothing hangs on the wall yet.' : "No plan bears \"$sought\"." }}</li>
                        @endforelse
                        @if ($choosing->others > 0)
                            <li class="text-soft">And {{ Davrin\Core\Words\Words::count($choosing->others, 'plan') }} more: find {{ $choosing->others === 1 ? 'it' : 'them' }} by name.</li>
                        @endif
                    </ul>
                    <noscript><button class="act act-strong">Lay them on the rolls</button></noscript>
                </form>
                @if ($begun->isNotEmpty())
                    <h2 class="mt-6 text-[17px]">Being cut</h2>
                    <ul class="text-[14.5px]">
                        @foreach ($begun as $batch)
                            <li><a href="{{ route('batches.show', $batch) }}">{{ $batch->name }}</a>{{ $batch->cut_at ? ', cut '.$batch->cut_at->format('M j') : ', '.Davrin\Core\Words\Words::count(count($batch->ticked), 'cut').' ticked' }}</li>
                        @endforeach
                    </ul>
                @endif
            </div>
            <div id="cut-together">
                @if ($refused)
                    <p class="refused" role="alert">{{ $refused }}</p>
                @elseif ($page === null)
                    <div class="max-w-xl text-[17px]">
                        <p>Say beside a plan or two how many of each you make.</p>
                        <p class="mt-2">Here you see then which rolls they take together, which of them is cut from which, what that spares against cutting each by itself, and one cut sheet for all of them.</p>
                    </div>
                @elseif ($page->sheet->rolls === [])
                    <p class="text-[17px] text-soft">These plans cut no mesh yet.</p>
                @else
                    <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$page->inks" /></defs></svg>
                    @foreach ($together->worked()->materials as $place => $mesh)
                        <section class="sheet-roll">
                            @php $ink = $page->inks["mesh$place"] ?? null; @endphp
                            <h2>@if ($ink)<x-swatch :ink="$ink" />@endif {{ $mesh->name() }}, {{ $page->units->exact($mesh->wound->width()) }}</h2>
                            <p>
                                <b>{{ $mesh->rolls->opened() }} full {{ Str::plural('roll', $mesh->rolls->opened()) }}</b> together, {{ $mesh->wound->money($mesh->rolls->cents())->shown() }} to buy; each from new rolls of its own {{ $mesh->openedApart }}, {{ $mesh->moneyApart->shown() }}.
                                {{ $page->units->needed($mesh->rolls->used()) }} used, {{ $page->units->available($mesh->rolls->left()) }} left.
                                @if ($mesh->rolls->proof && $mesh->rolls->isProvenBest())
                                    Fewest rolls possible (proven).
                                @elseif ($mesh->rolls->proof)
                                    No fewer than {{ $mesh->rolls->proof->opened }} can do.
                                @endif
                            </p>
                            @if ($mesh->unmet() !== [])
                                <p class="refused">{{ count($mesh->unmet()) }} short: {{ implode('; ', array_slice($mesh->unmet(), 0, 6)) }}{{ count($mesh->unmet()) > 6 ? ' and more' : '' }}.</p>
                            @endif
                            @php $rolls = array_values(array_filter($page->sheet->rolls, fn ($roll) => $roll->key === "mesh$place")); @endphp
                            @foreach (array_slice($rolls, 0, 40) as $roll)
                                <details class="batch-roll">
                                    <summary><span class="roll-number">{{ $roll->roll->number }}</span> <x-roll-strip :strip="$page->strip($roll)" :ink="$page->inks[$roll->key]" :name="$mesh->wound->name()" /></summary>
                                    <ul>
                                        <li>{{ $roll->name }}</li>
                                        @foreach ($roll->groups() as $cuts)
                                            <li><b>{{ $cuts[0]->whose }}</b>: {{ count($cuts) }} x {{ $page->units->needed($cuts[0]->segment->length) }}, {{ count($cuts) === 1 || $cuts[0]->segment->tie === null ? implode('; ', array_column($cuts, 'for')) : 'ties '.implode(', ', array_map(fn ($its) => $its->segment->tie, $cuts)) }}</li>
                                        @endforeach
                                    </ul>
                                </details>
                            @endforeach
                            @if (count($rolls) > 40)
                                <p>And {{ Davrin\Core\Words\Words::count(count($rolls) - 40, 'roll') }} more: they stand on the sheet.</p>
                            @endif
                        </section>
                    @endforeach
                    <form method="post" action="{{ route('batches.begin') }}" class="mt-6 flex items-center gap-4">
                        @csrf
                        @foreach ($choosing->copies as $plan => $count)
                            <input type="hidden" name="copies[{{ $plan }}]" value="{{ $count }}">
                        @endforeach
                        <button class="act act-strong">Begin to cut: one sheet for all</button>
                        <p class="max-w-md text-[13.5px] text-soft">The sheet keeps these plans as they are now. It is ticked, printed and worked off like that of one plan.</p>
                    </form>
                @endif
            </div>
        </div>
    </main>
</x-page>
