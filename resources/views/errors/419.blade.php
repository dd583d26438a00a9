<x-page title="Open too long">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">Open too long</h1>
        <p class="mt-4 text-[17px]">This page was open so long that it had to be renewed. Nothing was changed; go back and do it again.</p>
        <p class="mt-6"><a class="act act-strong" href="{{ route('plans.index') }}">To the plans</a></p>
    </main>
</x-page>
