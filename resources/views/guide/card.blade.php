{{-- One page of the guide as a card in a list. --}}
<a class="guide-card" href="{{ route('guide.page', $page->key) }}">
    <img src="{{ route('guide.picture', ['page' => $page->key, 'v' => $mark], false) }}" alt="" width="96" height="96" loading="lazy" decoding="async">
    <span><b>{{ $page->title }}</b>{{ $page->is }}</span>
</a>
