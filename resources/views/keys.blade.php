<x-page title="Keys">
    <main class="p-8"><x-keys /></main>
</x-page>
