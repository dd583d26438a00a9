@props(['thing'])
@php [$item, $ink] = [$thing->item, $thing->ink]; @endphp
<li class="board">
    <a href="{{ route('shelf.show', $item) }}">
        <x-shelf-drawing :thing="$thing" />
        <span class="plate">
            <b>{{ $item->name }}</b>
            @if ($item->isLow())
                <span class="low">low</span>
            @endif
            <span class="meant">@if ($item->width > 0){{ $item->widthWords() }} wide: @endif{{ $thing->words() }}</span>
        </span>
    </a>
</li>
