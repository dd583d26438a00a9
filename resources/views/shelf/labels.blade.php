<x-page title="The label printer" here="shelf">
    <main class="px-8 pt-5 pb-16">
        <h1 class="text-3xl">The label printer</h1>
        <p class="mt-2 max-w-2xl text-[15px]">No real printer is connected, so this page plays one. What is printed from a cut sheet or on the shelf comes out here, as large as it would be on paper.</p>
        <x-notices />
        <form method="post" action="{{ route('labels.play') }}" class="mt-4 flex flex-wrap items-center gap-3">
            @csrf
            <span>{{ $printer->isOn() ? 'Switched on' : 'Switched off' }}, {{ Davrin\Core\Words\Words::count($printer->left(), 'label') }} left on its roll.</span>
            <button class="act" name="do" value="{{ $printer->isOn() ? 'off' : 'on' }}">{{ $printer->isOn() ? 'Switch it off' : 'Switch it on' }}</button>
            <button class="act" name="do" value="{{ $printer->left() > 1 ? 'end' : 'roll' }}">{{ $printer->left() > 1 ? 'Let the roll run to its last label' : 'Put a new roll in' }}</button>
            @if ($strip !== [])
                <button class="act act-strong" name="do" value="tear">Tear them off</button>
            @endif
        </form>
        @if ($strip === [])
            <p class="mt-6 text-[17px] text-soft">Nothing printed yet.</p>
        @else
            <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$inks" /></defs></svg>
            <ol class="labels">
                @foreach ($strip as $place => $label)
                    <li>
                        <svg class="label-band" viewBox="0 0 18 110" preserveAspectRatio="none" aria-hidden="true"><rect width="18" height="110" fill="{{ $inks[$place]->fill }}" /><rect width="18" height="110" fill="url(#mesh-{{ $inks[$place]->id }})" /></svg>
                        <span><b>{{ $label->name }}</b> <strong>{{ $label->left }}</strong> <small>{{ implode(', ', array_filter([$label->width === null ? null : "$label->width wide", $label->lot === null ? null : "lot $label->lot"])) }}</small></span>
                    </li>
                @endforeach
            </ol>
        @endif
        <p class="mt-6"><a href="{{ route('shelf.index') }}">Back to the shelf</a></p>
    </main>
</x-page>
