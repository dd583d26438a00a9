<x-page title="Forms" here="forms">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-3">
            <h1 class="mr-auto text-3xl">Forms on the shelf</h1>
            <x-open-file :to="route('forms.store')" accept=".svg,image/svg+xml" :most="App\Forms\SvgOutline::MOST_BYTES">Open an outline (SVG)</x-open-file>
        </div>
        <x-notices />

        @if ($forms->isEmpty())
            <section class="mt-10 max-w-xl text-[17px]">
                <p>The shelf is empty. Open a plan and keep its form here: wires, crossbars and welds as they really are, so that the next plan begins from the form in your hand.</p>
                <p class="mt-3">A form of your own outline can be drawn in any drawing program, as one path, and opened from its SVG file.</p>
            </section>
        @endif
        <div class="wall shelf">
            @foreach ($forms as $item)
                <x-shelf-form :item="$item" />
            @endforeach
        </div>
        {{ $forms->links('plans.pages') }}

        <x-put-away title="Put away" :items="$deleted" route="forms.restore" back="put it back" />
    </main>
</x-page>
