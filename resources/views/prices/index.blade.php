<x-page title="Prices" here="prices">
    <main class="whole prices">
        <h1>Prices</h1>
        <p><a class="quiet" href="{{ route('prices.rolls') }}">which roll is cheaper</a></p>
        <x-notices />
        <div class="pricing">
            <section aria-label="Prices that were decided on">
                @if ($kept->isEmpty())
                    <p class="text-[17px]">No price is kept yet.</p>
                    <p class="mt-2 max-w-xl">Open a plan and choose "cost and price": it shows where the money goes, below which price a sale loses money, and what an hour really earns. What you decide on is kept here with its sheet.</p>
                @endif
                <ul class="kept-prices">
                    @foreach ($kept as $price)
                        <li>
                            <a href="{{ route('prices.show', $price) }}"><b>{{ $price->asked }}</b> <span>{{ $price->name }}</span></a>
                            <p class="looked-at">{{ $price->place }}, {{ $price->created_at->format('M j, Y') }}: cost {{ $price->sheet['cost'] }}{{ $price->sheet['hour'] === null ? '' : ", an hour earns {$price->sheet['hour']}" }}@if ($price->plan === null). The plan does not hang any more @elseif ($price->plan->revision_id !== $price->revision_id). The plan has changed since: <a class="quiet" href="{{ route('plans.price', $price->plan_id) }}">what it costs today</a>@endif</p>
                        </li>
                    @endforeach
                </ul>
                {{ $kept->links('plans.pages', ['newer' => 'Later prices', 'older' => 'Earlier prices', 'label' => 'More prices']) }}
                <x-put-away title="Put away" :items="$deleted" route="prices.restore" back="keep it again" />
            </section>
            <section>
                <h2 class="text-xl">What I price by</h2>
                @include('prices.terms')
            </section>
        </div>
    </main>
</x-page>
