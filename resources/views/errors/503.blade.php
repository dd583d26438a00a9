<x-page title="Busy">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">Busy</h1>
        <p class="mt-4 text-[17px]">Davrin cannot reach its disk file just now. Nothing was changed; try again in a moment.</p>
        <p class="mt-6"><a class="act act-strong" href="{{ route('plans.index') }}">To the plans</a></p>
    </main>
</x-page>
