{{-- A sentence with its blanks. A blank keeps what was typed in it while that cannot be taken. --}}
{{-- panel: where a colour is chosen, if not in a panel of its own; inks: of the meshes that it names, each with a panel unless there are none. --}}
{{-- was: whether the page says along what stood in each blank, so that one that another window wrote meanwhile is not put back. --}}
@props(['line', 'problem' => null, 'inks' => [], 'panel' => null, 'panels' => true, 'was' => false])
<div {{ $attributes->class('sentence') }}>@foreach ($line->parts as $part)@if (is_string($part)){{ $part }}@else
@php
    $typed = $problem?->typed[$part->address] ?? null;
    $refused = $problem?->address === $part->address;
    $id = 'blank-'.strtr($part->address, '.', '-');
@endphp
@foreach ($part->fields as $index => $entry)
@php $its = App\Blanks\Typed::entry($typed, $index, count($entry)); @endphp
@foreach ($entry as $place => $field)
@if (($ink = $inks[$field->value] ?? null) && ! $panels)<x-swatch :ink="$ink" /> @elseif ($ink)<button type="button" class="swatch-button" popovertarget="panel-{{ $field->value }}" aria-label="rename {{ $field->options[$field->value] }}, or change its colour"><x-swatch :ink="$ink" /></button>@endif
@include('components.blank', ['id' => $id.($index + $place > 0 ? "-$index-$place" : ''), 'name' => "set[$part->address][$index][]", 'label' => $field->label, 'options' => $field->options, 'shown' => $field->options[$field->value] ?? $field->value, 'value' => $its[$place] ?? $field->value, 'typed' => $its[$place] ?? $field->value, 'more' => $field->value === ''])
@endforeach
@if (! $loop->last){{ ($part->fields[$index + 1][0]->value ?? '') === '' ? ' ' : ' + ' }}@endif
@endforeach
@if ($part->fields === [])
@if ($part->isColour)<button type="button" class="colour" id="{{ $id }}-shown" popovertarget="{{ $panel ?? "$id-panel" }}" aria-label="{{ $part->label }}: {{ $part->shown }}" @if ($refused) aria-invalid="true" aria-describedby="problem" @endif><svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><path fill="{{ $part->value }}" d="M0 0h1v1H0z" /></svg></button>@if ($panel === null)<x-colours :part="$part" :blank="$id" :problem="$problem" popover="auto" id="{{ $id }}-panel" class="panel" />@endif
@else
@if ($part->folded !== null)<details class="folded" @if ($refused) open @endif><summary class="blank">{{ Str::unbroken($part->folded) }}</summary>@endif
@include('components.blank', ['name' => "set[$part->address]", 'label' => $part->label, 'options' => $part->options, 'shown' => $part->shown, 'value' => $typed ?? $part->value, 'typed' => $typed ?? $part->shown])@if ($was)<input type="hidden" name="was[{{ $part->address }}]" value="{{ $part->options === [] ? $part->shown : $part->value }}">@endif
@if ($part->folded !== null)</details>@endif
@endif
@endif
@endif
@endforeach</div>