@php [$done, $all] = $counts[$build->id]; @endphp
<li>
    <span><a href="{{ $build->isFinished() ? route('builds.record', $build) : route('builds.show', $build) }}"><b>{{ $build->plan->name }}{{ $build->copies > 1 ? " x $build->copies" : '' }}</b></a>@isset($ahead[$build->id])<br>{{ $ahead[$build->id] }}@endisset</span>
    <span>begun {{ $build->created_at->format('M j, Y') }}</span>
    <progress max="{{ max(1, $all) }}" value="{{ $done }}" aria-label="{{ $build->plan->name }}, done"></progress>
    <span>{{ $build->isFinished() ? 'finished '.$build->finished_at->format('M j, Y') : "$done of $all" }}</span>
    <form method="post" action="{{ route('builds.destroy', $build) }}">
        @csrf
        @method('delete')
        <button class="quiet">put away</button>
    </form>
</li>
