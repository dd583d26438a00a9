<x-page title="The disk file">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">The disk file</h1>
        <p class="mt-4 text-[17px]">{{ $sentence }}</p>
        <p class="mt-6"><a class="act act-strong" href="{{ route('plans.index') }}">To the plans</a></p>
    </main>
</x-page>
