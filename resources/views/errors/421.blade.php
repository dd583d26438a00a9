<x-page title="Not by this name">
    <main class="max-w-2xl p-8">
        <h1 class="text-3xl">Not by this name</h1>
        <p class="mt-4 text-[17px]">Davrin answers only on the machine it runs on, as 127.0.0.1 or localhost{{ $host === '' ? '' : ", and was called \"$host\"" }}. Open it by one of these names. If others are to reach it by that name, whoever runs it can allow that: the README says how, and what it means.</p>
    </main>
</x-page>
