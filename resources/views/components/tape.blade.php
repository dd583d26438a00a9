@props(['here' => ''])
<nav class="tape" aria-label="Davrin">
    <svg aria-hidden="true">
        <defs>
            <pattern id="ticks" x="0" y="8" width="84" height="64" patternUnits="userSpaceOnUse">
                @foreach ([26, 9, 9, 9, 15, 9, 9, 9] as $index => $length)
                    <rect x="{{ 82 - $length }}" y="{{ $index * 8 }}" width="{{ $length }}" height="1.5" fill="#22302c" />
                @endforeach
            </pattern>
        </defs>
        <rect width="84" height="100%" fill="url(#ticks)" />
    </svg>
    <a class="brand" href="{{ route('plans.index') }}">Davrin</a>
    <a class="top-[72px]" href="{{ route('plans.index') }}" @if ($here === 'plans') aria-current="page" @endif>Plans</a>
    <a class="top-[136px]" href="{{ route('shelf.index') }}" @if ($here === 'shelf') aria-current="page" @endif>Shelf</a>
    <a class="top-[200px]" href="{{ route('forms.index') }}" @if ($here === 'forms') aria-current="page" @endif>Forms</a>
    <a class="top-[264px]" href="{{ route('bows.index') }}" @if ($here === 'bows') aria-current="page" @endif>Bows</a>
    <a class="top-[328px]" href="{{ route('techniques') }}" @if ($here === 'guide') aria-current="page" @endif>Guide</a>
    <a class="top-[392px]" href="{{ route('prices.index') }}" @if ($here === 'prices') aria-current="page" @endif>Prices</a>
    <a class="top-[456px]" href="{{ route('builds.index') }}" @if ($here === 'bench') aria-current="page" @endif>Bench</a>
    <a class="top-[520px]" href="{{ route('log.index') }}" @if ($here === 'log') aria-current="page" @endif>Log</a>
    <a class="bottom-3" href="{{ route('keys') }}" data-keys>? Keys</a>
</nav>
