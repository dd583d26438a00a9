<x-page :title="'At the bench: '.$saved->name" here="bench">
    <main class="whole">
        @include('whole.heading', ['here' => 'build'])
        <h1>Build {{ $saved->name }}</h1>
        <p class="mt-2 max-w-2xl">{{ Davrin\Core\Words\Words::count(count($result->build), 'step') }}, {{ $result->tally->minutes->shown }} a piece. The bench shows one thing at a time, large, and one key or pedal goes on. Nothing that is ticked is lost: close it and it opens where it was.</p>
        <x-notices />
        @if ($result->verdict->short)
            <p class="refused mt-4">It is short of mesh as it is planned. You can begin; the pieces that are on no roll yet say so, and there Davrin plans the rest anew from what you have then.</p>
        @endif
        @if (collect($builds)->contains(fn ($build): bool => ! $build->isFinished()))
            <p class="mt-4">It is on the bench already:</p>
        @endif
        <ul class="builds">
            @foreach ($builds as $build)
                @include('bench.line')
            @endforeach
        </ul>
        <form method="post" action="{{ route('builds.store', $saved) }}" class="begin-build">
            @csrf
            <p><label>How many pieces <input class="blank" name="pieces" size="3" maxlength="6" inputmode="numeric" value="{{ old('pieces', '1') }}" autocomplete="off" @error('pieces') aria-invalid="true" aria-describedby="pieces-problem" @enderror></label></p>
            @error('pieces')
                <p class="refused" id="pieces-problem" role="alert">{{ $message }}</p>
            @enderror
            <fieldset>
                <legend>How you work</legend>
                @foreach (Davrin\Core\Bench\WalkOrder::cases() as $order)
                    <label><input type="radio" name="order" value="{{ $order->value }}" @checked(old('order', 'step') === $order->value)> {{ $order->words() }}</label>
                @endforeach
            </fieldset>
            <fieldset>
                <legend>Where there are several</legend>
                @foreach (Davrin\Core\Bench\CopyOrder::cases() as $order)
                    <label><input type="radio" name="together" value="{{ $order->value }}" @checked(old('together', 'piece') === $order->value)> {{ $order->words() }}</label>
                @endforeach
            </fieldset>
            <p class="mt-4"><button class="act act-strong">To the bench</button></p>
            <p class="mt-3 max-w-2xl text-[13.5px] text-soft">From now on the build holds what it needs of the shelf. What others hold is not cut: where it has to be, the build is planned from what is free.</p>
        </form>
    </main>
</x-page>
