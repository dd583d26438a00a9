@props(['line', 'problem' => null, 'inks' => []])
<p class="sentence">@foreach ($line->parts as $part)@if (is_string($part)){{ $part }}@else
@if (isset($inks[$part->value]) && str_ends_with($part->address, '.mesh'))<x-swatch :ink="$inks[$part->value]" />@endif
<x-blank :part="$part" :problem="$problem" />@endif
@endforeach</p>
