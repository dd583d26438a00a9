{{-- A sentence of the recipe with what follows from it and what can be done about it. --}}
@php
    $lights = last(explode('.', $line->address));
    [$advice, $inks, $tools, $places, $more, $guide] = [$advice ?? [], $inks ?? [], $tools ?? [], $places ?? [], $more ?? [], $guide ?? null];
@endphp
<section {{ $region }} class="line @if ($advice !== []) warns @endif" data-lights="{{ $lights }}">
    <b class="number">{{ $number }}</b>
    <x-edit-form :saved="$saved" :view="$view" live="change">
        <x-sentence :line="$line" :problem="$problem" :inks="$inks" />
        <noscript><button class="act">Save</button></noscript>
        @if ($problem?->at($line->address))
            <x-problem :problem="$problem" />
        @endif
    </x-edit-form>
    @if ($places !== [])
        @include('editor.place-tie', ['group' => $lights])
    @endif
    <div class="figures">
        @foreach ($line->figures as $figure)
            <x-figure :figure="$figure" />
        @endforeach
        @if ($tools !== [])
            <x-edit-form :saved="$saved" :view="$view" class="tools">
                <input type="hidden" name="id" value="{{ $lights }}">
                @foreach ($tools as $do => $words)
                    <button class="quiet" name="do" value="{{ $do }}">{{ $words }}</button>
                @endforeach
            </x-edit-form>
        @endif
        @if ($guide !== null)
            <div class="tools"><a class="quiet" href="{{ route('guide.page', $guide, false) }}">how to</a></div>
        @endif
        @foreach ($more as $its => $data)
            <div class="tools">@include($its, $data)</div>
        @endforeach
    </div>
    @foreach ($line->cautions as $caution)
        <p class="caution">{{ $caution->words() }}</p>
    @endforeach
    @foreach ($advice as $item)
        <x-advice :advice="$item" :saved="$saved" :view="$view" />
    @endforeach
</section>
