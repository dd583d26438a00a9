{{-- Where one is among the pages of a whole piece, and the way back to its plan. --}}
<p class="whole-way">
    <a class="quiet" href="{{ route('plans.show', $saved) }}">back to {{ $saved->name }}</a>
    @foreach (['check' => 'before you cut', 'order' => 'order of work', 'door' => 'on the door', 'inspiration' => 'colours from a photograph', 'price' => 'cost and price', 'vary' => 'vary a figure'] as $page => $words)
        <a class="quiet" href="{{ route("plans.$page", $saved) }}" @if ($page === $here) aria-current="page" @endif>{{ $words }}</a>
    @endforeach
    <a class="quiet" href="{{ route('builds.begin', $saved) }}" @if ($here === 'build') aria-current="page" @endif>build it</a>
    <a class="quiet" href="{{ route('log.index', ['plan' => $saved->id]) }}">in the log</a>
    <a class="quiet" href="{{ route('compare', ['plans' => [$saved->id]]) }}">compare</a>
</p>
