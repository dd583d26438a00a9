<x-page title="Too large">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">Too large</h1>
        <p class="mt-4 text-[17px]">That file is too large. A plan file and a drawing have at most 1 MB, a photograph 15 MB, a list of the shelf and a log 20 MB: save it smaller, go back and try again. What you wrote beside it stands there still.</p>
        <p class="mt-6"><a class="act act-strong" href="{{ route('plans.index') }}" data-to-what-was-typed>Back</a></p>
    </main>
</x-page>
