{{-- A stretch of tape with two marks: how large a piece was said to get, and how large it came. --}}
@php
    $most = max($said, $came) * 1.12;
    $at = fn (float $inches): float => round($inches / $most * 200, 1);
@endphp
<svg class="sizes" viewBox="0 0 200 30" role="img" aria-label="{{ Str::lower('said '.$saidWords.', came '.$cameWords) }}">
    <path class="ribbon" d="M0 12h200v8H0z" />
    @for ($inch = 0; $inch <= $most; $inch += 2)
        <path class="tick" d="M{{ $at($inch) }} 12v{{ $inch % 12 === 0 ? 8 : 4 }}" />
    @endfor
    <path class="said-at" d="M{{ $at($said) }} 11l-4 -7h8z" />
    <path class="came-at" d="M{{ $at($came) }} 21l-4 7h8z" />
</svg>
<p class="sizes-words"><span>{{ Str::unbroken($saidWords) }}</span> <b>came {{ Str::unbroken($cameWords) }}</b></p>
