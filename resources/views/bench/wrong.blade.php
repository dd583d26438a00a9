@php [$build, $units] = [$page->build, $page->now->units()]; @endphp
<x-page :title="'Something went wrong: '.$build->plan->name" here="bench">
    <main class="whole wrong" data-wrong-page data-back="{{ route('builds.show', $build, false) }}">
        <p class="whole-way"><a class="quiet" href="{{ route('builds.show', $build) }}" data-to-bench>back to the bench, nothing went wrong</a></p>
        <h1>What went wrong?</h1>
        <p class="mt-1 max-w-2xl">{{ $page->at === null ? '' : "At {$page->at->short()}. " }}What is made stays as it is. The rest is planned anew from what there is, and nothing is changed until you choose.</p>
        <x-notices />
        <ol class="wrongs">
            @foreach ($page->titles as $key => $title)
                <li><a href="{{ route('builds.wrong', ['build' => $build, 'at' => $page->at?->key, 'trouble' => $key]) }}" @if ($page->trouble?->key() === $key) aria-current="true" @endif data-key="{{ $loop->iteration }}">@if ($loop->iteration < 10)<kbd>{{ $loop->iteration }}</kbd> @endif{{ $title }}</a></li>
            @endforeach
        </ol>
        @if ($page->trouble !== null)
            <form method="get" action="{{ route('builds.wrong', $build) }}" class="wrong-said">
                <input type="hidden" name="trouble" value="{{ $page->trouble->key() }}">
                <input type="hidden" name="at" value="{{ $page->at?->key }}">
                <x-sentence :line="$page->line()" :problem="$page->problem" />
                @if ($page->problem)
                    <p class="refused" id="problem" role="alert">{{ $page->problem->sentence }}</p>
                @endif
                @if ($page->slip->blanks !== [])
                    <button class="act">What can be done?</button>
                @endif
            </form>
            @if ($page->problem === null)
                <section class="ways-out" aria-label="Ways to go on">
                    @forelse ($page->ways as $way)
                        <form method="post" action="{{ route('builds.way', $build) }}">
                            @csrf
                            <input type="hidden" name="trouble" value="{{ $page->trouble->key() }}">
                            <input type="hidden" name="at" value="{{ $page->at?->key }}">
                            <input type="hidden" name="version" value="{{ $build->version()->id }}">
                            @foreach ($page->fields() as $name => $value)
                                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                            @endforeach
                            <button @class(['act', 'act-strong' => $loop->first]) name="way" value="{{ $way->key }}" @if ($loop->first) data-first @endif>{{ Str::unbroken($way->label) }}</button>
                            <ul>
                                @foreach ($way->effects as $effect)
                                    <li>{{ Str::unbroken($effect) }}</li>
                                @endforeach
                            </ul>
                        </form>
                    @empty
                        <p>Nothing that Davrin knows of helps here as it stands. Note it, skip the piece, and go on with another: what is made is kept.</p>
                    @endforelse
                </section>
            @endif
        @endif
    </main>
</x-page>
