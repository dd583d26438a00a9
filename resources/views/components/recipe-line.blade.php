@props(['line', 'number', 'saved', 'view', 'problem' => null, 'advice' => [], 'inks' => [], 'tools' => [], 'places' => null])
@php $lights = last(explode('.', $line->address)); @endphp
<section class="line @if ($advice !== []) warns @endif" id="line-{{ strtr($line->address, '.', '-') }}" data-lights="{{ $lights }}">
    <b class="number">{{ $number }}</b>
    <x-edit-form :saved="$saved" :view="$view" live="change">
        <x-sentence :line="$line" :problem="$problem" :inks="$inks" />
        <noscript><button class="act">Save</button></noscript>
        @if ($problem?->at($line->address))
            <x-problem :problem="$problem" />
        @endif
    </x-edit-form>
    @if ($places)
        <x-place-tie :saved="$saved" :view="$view" :group="$lights" :form="$places" :problem="$problem" />
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
        @unless ($slot->isEmpty())
            <div class="tools">{{ $slot }}</div>
        @endunless
    </div>
    @foreach ($line->cautions as $caution)
        <p class="caution">{{ $caution->words() }}</p>
    @endforeach
    @foreach ($advice as $item)
        <x-advice :advice="$item" :saved="$saved" :view="$view" />
    @endforeach
</section>
