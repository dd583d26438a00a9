<x-page :title="$price->asked.' for '.$price->name" here="prices">
    <main class="whole prices">
        <p class="whole-way">
            <a class="quiet" href="{{ route('prices.index') }}">all prices</a>
            @if ($hangs)
                <a class="quiet" href="{{ route('plans.price', $price->plan_id) }}">what it costs today</a>
            @endif
        </p>
        <h1>{{ $price->asked }} for {{ $price->name }}</h1>
        <p>At {{ $price->place }}, decided on <time datetime="{{ $price->created_at->toIso8601String() }}">{{ $price->created_at->format('M j, Y') }}</time>. The sheet stays as it was that day, whatever prices and settings say since.</p>
        <x-notices />
        <div class="pricing">
            @include('prices.sheet')
            <section class="asking" aria-label="What was asked">
                <p @class(['hour', 'is-loss' => $sheet['isLoss']])><b>{{ $sheet['hour'] ?? 'no time' }}</b> <span>{{ $sheet['hour'] === null ? 'was counted' : "is what an hour earns at {$sheet['asked']}" }}</span></p>
                @include('prices.answers')
                <div class="take-along">
                    <a class="act" href="{{ route('prices.pdf', $price) }}">PDF, Letter</a>
                    <a class="act" href="{{ route('prices.pdf', [$price, 'paper' => 'a4']) }}">PDF, A4</a>
                    <a class="act" href="{{ route('prices.csv', $price) }}">CSV</a>
                    <form method="post" action="{{ route('prices.destroy', $price) }}">
                        @csrf
                        @method('delete')
                        <button class="quiet">put it away</button>
                    </form>
                </div>
            </section>
        </div>
    </main>
</x-page>
