{{-- What a material is called, its colour and what was paid for it: opened by its swatch, in whatever sentence that stands. --}}
@php
    $blanks = collect($called->parts)->filter(fn ($part): bool => ! is_string($part))->keyBy(fn ($part): string => Str::afterLast($part->address, '.'));
@endphp
<div class="panel" id="panel-{{ $material['id'] }}" popover aria-label="{{ $material['name'] }}">
    <x-edit-form :saved="$saved" :view="$view" live="change">
        @foreach (['name' => ['Call it', ''], 'paid' => ['Paid', "a roll; listed at $price"]] as $key => [$before, $after])
            @php $typed = $problem?->typed[$blanks[$key]->address] ?? $blanks[$key]->shown; @endphp
            <label>{{ $before }} @include('components.blank', ['id' => "panel-{$material['id']}-$key", 'name' => "set[{$blanks[$key]->address}]", 'label' => $blanks[$key]->label, 'options' => [], 'shown' => $blanks[$key]->shown, 'value' => $typed, 'typed' => $typed, 'refused' => $problem?->address === $blanks[$key]->address]) {{ $after }}</label>
        @endforeach
        <x-colours :part="$blanks['colour']" blank="panel-{{ $material['id'] }}-colour" :problem="$problem" />
        <noscript><button class="act">Save</button></noscript>
    </x-edit-form>
</div>
