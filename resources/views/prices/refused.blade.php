<x-page :title="'What '.$saved->name.' costs'" here="plans">
    <main class="whole prices">
        @include('whole.heading', ['here' => 'price'])
        <h1>What {{ $saved->name }} costs, and what to ask</h1>
        <p class="refused" role="alert">{{ $refused }}</p>
        <h2 class="mt-8 text-xl">What I price by</h2>
        @include('prices.terms')
    </main>
</x-page>
