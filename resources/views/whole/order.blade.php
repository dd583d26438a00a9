<x-page :title="'Order of work of '.$saved->name" here="plans">
    <main class="whole">
        @include('whole.heading', ['here' => 'order'])
        <h1>{{ $saved->name }}, in the order of work</h1>
        <p>{{ count($result->build) }} steps, {{ $result->tally->minutes->shown }}.</p>
        <div class="order">
            <section aria-label="Steps">
                @php $number = 0; @endphp
                {{-- What to mind is said once in each part of the work. --}}
                @foreach (collect($result->build)->chunkWhile(fn ($step, $key, $chunk): bool => $step->phase === $chunk->last()->phase) as $steps)
                    <h2>{{ ucfirst($steps->first()->phase->words()) }}</h2>
                    @php $said = []; @endphp
                    <ol start="{{ $number + 1 }}">
                        @foreach ($steps as $step)
                            @php $number++; @endphp
                            <li>
                                <p>{{ Str::unbroken($step->does) }}</p>
                                <p class="looked-at">{{ $step->tool }}{{ $step->minutes > 0 ? ' · '.($step->minutes < 1 ? 'under a minute' : Davrin\Core\Words\Words::minutes($step->minutes)) : '' }}</p>
                                @foreach (array_udiff($step->cautions, $said, fn ($a, $b): int => $a->value <=> $b->value) as $caution)
                                    <p class="caution">{{ $caution->words() }}</p>
                                @endforeach
                                @php $said = [...$said, ...$step->cautions]; @endphp
                            </li>
                        @endforeach
                    </ol>
                @endforeach
            </section>
            <aside aria-label="What it takes">
                <h2>What it takes</h2>
                <dl>
                    @foreach ($result->wound as $its)
                        @if ($its->plan->rolls !== [])
                            <dt>{{ $its->wound->name() }}</dt>
                            <dd>{{ $its->used->shown }} from {{ Davrin\Core\Words\Words::count(count($its->plan->rolls), 'roll') }}, {{ $its->left->shown }} left{{ $its->plan->opened() > 0 ? '; '.$its->plan->toBuy($its->wound->name()).' to buy' : '' }}</dd>
                        @endif
                    @endforeach
                    @foreach ($result->goods as $use)
                        @if ($use->pieces > 0)
                            <dt>{{ ucfirst($use->what()) }}</dt>
                            <dd>{{ $use->count->shown }}: {{ Str::unbroken(implode('; ', $use->count->because)) }}; {{ implode(', ', $use->bought->because) }}</dd>
                        @endif
                    @endforeach
                </dl>
                <h2>What it comes to</h2>
                <dl>
                    <dt>Time</dt>
                    <dd>{{ $result->tally->minutes->shown }}: {{ implode(', ', $result->tally->minutes->because) }}</dd>
                    <dt>By length used</dt>
                    <dd>{{ $result->cost->byLength->shown }}</dd>
                    <dt>By what is opened</dt>
                    <dd>{{ $result->cost->opened->shown }}</dd>
                    <dt>Weight</dt>
                    <dd>{{ $result->tally->weight->shown }}: {{ implode('; ', $result->tally->weight->because) }}</dd>
                    <dt>Ties used</dt>
                    <dd>{{ $result->tally->used->shown }}: {{ implode('; ', $result->tally->used->because) }}</dd>
                    <dt>Size</dt>
                    <dd>{{ $result->tally->across->said() }}, {{ $result->tally->depth->said() }}{{ $result->form->closed() ? ', opening '.$result->tally->opening->shown : '' }}</dd>
                </dl>
            </aside>
        </div>
    </main>
</x-page>
