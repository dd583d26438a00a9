@props(['part', 'problem' => null, 'class' => 'blank'])
@php
    $id = 'blank-'.strtr($part->address, '.', '-');
    $typed = $problem?->typed[$part->address] ?? null;
    $wrong = $problem?->address === $part->address;
@endphp
@if ($part->options !== [])<select {{ $attributes->class($class) }} id="{{ $id }}" name="set[{{ $part->address }}]" aria-label="{{ $part->label }}" autocomplete="off" data-blank data-shown="{{ $part->shown }}" @if ($wrong) aria-invalid="true" aria-describedby="problem" @endif>
    @foreach ($part->options as $key => $words)
        <option value="{{ $key }}" @selected((string) $key === ($typed ?? $part->value))>{{ $words }}</option>
    @endforeach
</select>@else<input {{ $attributes->class($class)->merge(['type' => 'text']) }} id="{{ $id }}" name="set[{{ $part->address }}]" value="{{ $typed ?? $part->shown }}" size="{{ max(1, mb_strlen($typed ?? $part->shown)) }}" maxlength="120" aria-label="{{ $part->label }}" autocomplete="off" spellcheck="false" data-blank data-shown="{{ $part->shown }}" @if ($wrong) aria-invalid="true" aria-describedby="problem" @endif>@endif