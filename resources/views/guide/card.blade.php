{{-- One page of the guide as a card in a list. --}}
<a class="guide-card" href="{{ route('guide.page', $drawn->page->key) }}">
    @if ($drawn->sample?->isSeen())
        @php [$drawing, $frame] = [$drawn->sample->drawing(), $drawn->sample->frame()]; @endphp
        <svg viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" aria-hidden="true"><defs><x-mesh-patterns :inks="$drawing->inks" /></defs><x-mesh-on-form :drawing="$drawing" /></svg>
    @else
        <x-guide-scene :scene="$drawn->emblem()" />
    @endif
    <span><b>{{ $drawn->page->title }}</b>{{ $drawn->page->is }}</span>
</a>
