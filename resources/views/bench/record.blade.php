@php $minutes = fn (float $its): string => $its === 0.0 ? '-' : number_format($its, 1).' min'; @endphp
<x-page :title="'Build record: '.$build->plan->name" here="bench">
    <main class="whole">
        <p class="whole-way"><a class="quiet" href="{{ route('builds.index') }}">the bench</a> <a class="quiet" href="{{ route('builds.check', $build) }}">final check</a> @unless ($build->plan->trashed()) <a class="quiet" href="{{ route('plans.show', $build->plan) }}">{{ $build->plan->name }}</a>@endunless</p>
        <h1>{{ $build->plan->name }}{{ $build->copies > 1 ? " x $build->copies" : '' }}, {{ $build->isFinished() ? "as it was built" : "so far" }}</h1>
        <p class="mt-1">Begun {{ $build->created_at->format('M j, Y') }}{{ $build->isFinished() ? ', finished '.$build->finished_at->format('M j, Y') : ', not finished yet' }}: {{ $record->done }} of {{ $record->of }} steps done{{ $record->skipped > 0 ? ', '.$record->skipped.' skipped' : '' }}.</p>
        <x-notices />
        @if ($late = $build->tickedTooLate())
            <p class="refused mt-4">{{ Davrin\Core\Words\Words::count($late, 'step') }} ticked in another window after it was finished {{ $late === 1 ? 'does' : 'do' }} not count: the shelf was settled without {{ $late === 1 ? 'it' : 'them' }}. Open the build again to count {{ $late === 1 ? 'it' : 'them' }}.</p>
        @endif
        <div class="record">
            <section aria-label="Minutes">
                <h2>Minutes</h2>
                <table>
                    <thead><tr><th scope="col">Step</th><th scope="col">Done</th><th scope="col">Planned</th><th scope="col">Took</th></tr></thead>
                    <tbody>
                        @foreach ($record->steps as $step)
                            <tr><th scope="row">{{ $step['step'] }}</th><td>{{ $step['done'] }} of {{ $step['of'] }}</td><td>{{ $minutes($step['planned']) }}</td><td>{{ $minutes($step['took']) }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
            <section aria-label="Rolls as they were">
                <h2>Rolls as they were</h2>
                @if ($record->rolls === [])
                    <p>Nothing was cut from a roll.</p>
                @endif
                <dl>
                    @foreach ($record->rolls as $roll)
                        <dt>{{ $roll['name'] }}</dt>
                        <dd>{{ Str::unbroken($roll['planned']) }}: {{ Str::unbroken($roll['gave']) }}</dd>
                    @endforeach
                </dl>
            </section>
            <section aria-label="What happened">
                <h2>What happened</h2>
                @if ($record->notes === [])
                    <p>Nothing was noted, and nothing went wrong.</p>
                @endif
                <ul>
                    @foreach ($record->notes as $note)
                        <li>{{ $note['at'] === '' ? '' : ucfirst($note['at']).': ' }}{{ $note['words'] }}</li>
                    @endforeach
                </ul>
                @if (count($record->versions) > 1)
                    <p class="mt-2">It was made by {{ count($record->versions) }} versions of the plan, all kept:</p>
                    <ol>
                        @foreach ($record->versions as $version)
                            <li>{{ $version->words }}, {{ $version->created_at->format('M j, H:i') }}</li>
                        @endforeach
                    </ol>
                @endif
            </section>
        </div>
        @if ($build->isFinished())
            <div class="mt-6 editor-only flex flex-wrap items-center gap-4">
                <form method="post" action="{{ route('log.from-build', $build) }}">
                    @csrf
                    <button class="act act-strong">Measure it, and write it into the log</button>
                </form>
                <form method="post" action="{{ route('builds.reopen', $build) }}">
                    @csrf
                    <button class="act">Open it again, to go on</button>
                </form>
                <p class="text-[13.5px] text-soft">What went back on the shelf as it was finished comes off again until it is finished once more. What was cut stays cut.</p>
            </div>
        @else
            <form method="post" action="{{ route('builds.order', $build) }}" class="mt-6 editor-only flex flex-wrap items-center gap-4">
                @csrf
                <a class="act act-strong" href="{{ route('builds.show', $build) }}">Back to the bench</a>
                <label>From here on <select class="blank" name="order">@foreach (Davrin\Core\Bench\WalkOrder::cases() as $order)<option value="{{ $order->value }}" @selected($order === $build->walk_order)>{{ $order->words() }}</option>@endforeach</select></label>
                @if ($build->copies > 1)
                    <label><span class="sr-only">of several pieces</span><select class="blank" name="together">@foreach (Davrin\Core\Bench\CopyOrder::cases() as $order)<option value="{{ $order->value }}" @selected($order === $build->copy_order)>{{ $order->words() }}</option>@endforeach</select></label>
                @endif
                <button class="act">Work this way</button>
            </form>
        @endif
    </main>
</x-page>
