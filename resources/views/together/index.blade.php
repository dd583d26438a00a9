<x-page title="Cut together" here="plans">
    <main class="together px-8 pt-5 pb-16">
        <p class="text-[13.5px]"><a href="{{ route('plans.index') }}">Plans</a></p>
        <h1 class="mt-1 text-3xl">Cut together</h1>
        <p class="mt-1 max-w-3xl">What one plan leaves on a roll serves the next. Say how many of each are made; the rolls follow.</p>
        <div class="pair" id="pair">
            <form method="get" action="{{ route('together') }}" hx-get="{{ route('together') }}" hx-trigger="change, input delay:400ms" hx-target="#cut-together" hx-select="#cut-together" hx-swap="outerHTML" hx-push-url="true" hx-sync="this:replace">
                <ul>
                    @forelse ($plans as $plan)
                        <li><label><input class="blank" type="number" name="copies[{{ $plan->id }}]" min="0" max="{{ App\Batch\Together::MOST_COPIES }}" value="{{ $copies[$plan->id] ?? 0 }}" autocomplete="off"> {{ $plan->name }}</label></li>
                    @empty
                        <li>Nothing hangs on the wall yet.</li>
                    @endforelse
                </ul>
                <noscript><button class="act act-strong">Lay them on the rolls</button></noscript>
            </form>
            <div id="cut-together">
                @if ($refused)
                    <p class="refused" role="alert">{{ $refused }}</p>
                @elseif ($together === null)
                    <p class="text-[17px] text-soft">Choose a plan or two.</p>
                @else
                    <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$together->inks" /></defs></svg>
                    @foreach ($together->meshes as $place => $mesh)
                        @php $rolls = $mesh->rolls; @endphp
                        <section class="sheet-roll">
                            <h2><x-swatch :ink="$together->inks[$place]" /> {{ $mesh->mesh->name() }}, {{ $together->units->exact($mesh->mesh->width()) }}</h2>
                            <p>
                                <b>{{ $rolls->opened() }} full {{ Str::plural('roll', $rolls->opened()) }}</b> together, {{ $rolls->money()->shown() }} to buy; each from new rolls of its own {{ $mesh->openedApart }}, {{ $mesh->moneyApart->shown() }}.
                                {{ $together->units->needed($rolls->used()) }} used, {{ $together->units->available($rolls->left()) }} left.
                                @if ($rolls->proof && $rolls->isProvenBest())
                                    Proven: no fewer do.
                                @elseif ($rolls->proof)
                                    No fewer than {{ $rolls->proof->opened }} can do.
                                @endif
                            </p>
                            @if ($mesh->unmet() !== [])
                                <p class="refused">{{ count($mesh->unmet()) }} short: {{ implode('; ', array_slice($mesh->unmet(), 0, 6)) }}{{ count($mesh->unmet()) > 6 ? ' and more' : '' }}.</p>
                            @endif
                            @foreach ($rolls->rolls as $index => $roll)
                                <details class="batch-roll">
                                    <summary><span class="roll-number">{{ $roll->number }}</span> <x-roll-strip :strip="$together->strips[$place][$index]" :ink="$together->inks[$place]" :name="$mesh->mesh->name()" /></summary>
                                    <ul>
                                        @foreach ($together->gives($mesh, $roll) as $plan => $pieces)
                                            <li><b>{{ $plan }}</b>: tie {{ implode(', ', $pieces) }}</li>
                                        @endforeach
                                    </ul>
                                </details>
                            @endforeach
                        </section>
                    @endforeach
                    @if ($together->meshes === [])
                        <p class="text-[17px] text-soft">These plans cut no mesh yet.</p>
                    @endif
                @endif
            </div>
        </div>
    </main>
</x-page>
