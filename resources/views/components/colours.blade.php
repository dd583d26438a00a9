{{-- A colour to choose: by its name, by six digits, or by a click on a swatch. --}}
@props(['part', 'blank', 'problem' => null])
@php
    $typed = $problem?->typed[$part->address] ?? null;
@endphp
<div {{ $attributes->class('colours') }}>
    <label>{{ ucfirst($part->label) }} @include('components.blank', ['id' => $blank, 'name' => "set[$part->address]", 'label' => $part->label, 'options' => [], 'shown' => $part->shown, 'value' => $typed ?? $part->value, 'typed' => $typed ?? $part->shown, 'refused' => $problem?->address === $part->address])</label>
    <div class="swatches">@foreach (Davrin\Core\Words\ColourNames::OFFERED as $name => $colour)<button name="set[{{ $part->address }}]" value="{{ $name }}" @if ($name === $part->shown) aria-current="true" @endif data-colour><svg viewBox="0 0 1 1" aria-hidden="true"><path fill="{{ $colour }}" d="M0 0h1v1H0z" /></svg>{{ $name }}</button>@endforeach</div>
</div>
