<x-page :title="'What '.$saved->name.' costs'" here="plans">
    <main class="whole prices">
        @include('whole.heading', ['here' => 'price'])
        <h1>What {{ $saved->name }} costs, and what to ask</h1>
        <p class="refused" role="alert">{{ $refused }}</p>
        <form method="get" action="{{ route('plans.price', $saved) }}" class="sentence what-if">
            In a batch of <input class="blank" type="text" inputmode="numeric" name="copies" size="3" maxlength="6" value="{{ $request->typed('copies') ?: 1 }}" aria-label="how many pieces are made together" autocomplete="off">
            <button class="act">Work it out</button>
        </form>
        <h2 class="mt-8 text-xl">What I price by</h2>
        @include('prices.terms')
    </main>
</x-page>
