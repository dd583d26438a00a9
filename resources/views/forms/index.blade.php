<x-page title="Forms" here="forms">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-end gap-3">
            <h1 class="mr-auto text-3xl">Forms on the shelf</h1>
            <form method="post" action="{{ route('forms.store') }}" enctype="multipart/form-data" class="flex gap-1">
                @csrf
                <label class="act cursor-pointer focus-within:outline-3 focus-within:outline-blue">Open an outline (SVG)
                    <input class="sr-only" type="file" name="file" accept=".svg,image/svg+xml" data-opens-at-once>
                </label>
                <noscript><button class="act">Open</button></noscript>
            </form>
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

        @if ($deleted->isNotEmpty())
            <section class="mt-4 border-t-[1.5px] border-dashed border-line pt-4">
                <h2 class="text-lg">Put away</h2>
                <ul class="mt-2 flex flex-wrap gap-x-8 gap-y-2">
                    @foreach ($deleted as $form)
                        <li class="flex items-baseline gap-3">
                            {{ $form->name }}
                            <form method="post" action="{{ route('forms.restore', $form) }}">
                                @csrf
                                <button class="quiet">put it back</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endif
    </main>
</x-page>
