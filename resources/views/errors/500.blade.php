<x-page title="That went wrong">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">That went wrong</h1>
        <p class="mt-4 text-[17px]">Something went wrong on our side, and nothing was changed. Your plans are as they were. What happened is written down in storage/logs.</p>
        <p class="mt-6"><a class="act act-strong" href="{{ route('plans.index') }}">To the plans</a></p>
    </main>
</x-page>
