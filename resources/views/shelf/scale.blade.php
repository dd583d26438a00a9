<x-page title="The scale" here="shelf">
    <main class="max-w-2xl px-8 pt-5 pb-16">
        <h1 class="text-3xl">The scale on the bench</h1>
        <p class="mt-2 text-[15px]">No real scale is connected, so this page plays one. What lies on it is what the shelf reads when a roll is weighed.</p>
        <x-notices />
        <div class="scale" aria-live="polite">{{ $lies['state'] === 'off' ? '' : ($lies['state'] === 'unsteady' ? '- - -' : $lies['weight']) }}</div>
        <form method="post" action="{{ route('scale.lay') }}" class="flex flex-wrap items-end gap-3">
            @csrf
            <label>lay on it <input class="blank" name="weight" size="9" maxlength="20" value="{{ old('weight', $lies['weight']) }}" required autocomplete="off"></label>
            <select class="blank" name="state" aria-label="how it is" autocomplete="off">
                @foreach (App\Devices\PlayedScale::STATES as $state => $words)
                    <option value="{{ $state }}" @selected(old('state', $lies['state']) === $state)>{{ $words }}</option>
                @endforeach
            </select>
            <button class="act act-strong">Lay it on</button>
        </form>
        <p class="mt-6"><a href="{{ route('shelf.index') }}">Back to the shelf</a></p>
    </main>
</x-page>
