<x-page title="Not here">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">Not here</h1>
        <p class="mt-4 text-[17px]">There is no such plan here. It may have been taken down: those hang at the foot of the wall of plans.</p>
        <p class="mt-6"><a class="act act-strong" href="{{ route('plans.index') }}">To the plans</a></p>
    </main>
</x-page>
