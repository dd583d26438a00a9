<x-page title="Keys">
    <main class="p-8">
        <h1 class="text-3xl">Keys</h1>
        <x-keys />
    </main>
</x-page>
