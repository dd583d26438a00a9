{{-- A sentence with its blanks. A blank keeps what was typed in it while that cannot be taken. --}}
@props(['line', 'problem' => null, 'inks' => []])
<p {{ $attributes->class('sentence') }}>@foreach ($line->parts as $part)@if (is_string($part)){{ $part }}@else
@php
    $typed = $problem?->typed[$part->address] ?? null;
    $id = 'blank-'.strtr($part->address, '.', '-');
    $ink = str_ends_with($part->address, '.mesh') ? $inks[$part->value] ?? null : null;
@endphp
@if ($ink)<x-swatch :ink="$ink" /> @endif
@if ($part->options !== [])<select class="blank" id="{{ $id }}" name="set[{{ $part->address }}]" aria-label="{{ $part->label }}" autocomplete="off" data-blank data-shown="{{ $part->shown }}" @if ($problem?->address === $part->address) aria-invalid="true" aria-describedby="problem" @endif>@foreach ($part->options as $key => $words)<option value="{{ $key }}" @selected((string) $key === ($typed ?? $part->value))>{{ $words }}</option>@endforeach</select>@else<input class="{{ $part->isColour ? 'colour' : 'blank' }}" type="{{ $part->isColour ? 'color' : 'text' }}" id="{{ $id }}" name="set[{{ $part->address }}]" value="{{ $typed ?? $part->shown }}" size="{{ max(1, mb_strlen($typed ?? $part->shown)) }}" maxlength="120" aria-label="{{ $part->label }}" autocomplete="off" spellcheck="false" data-blank data-shown="{{ $part->shown }}" @if ($problem?->address === $part->address) aria-invalid="true" aria-describedby="problem" @endif>@endif
@endif
@endforeach</p>