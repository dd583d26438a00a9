@php
    $advice = collect($result->advice)->groupBy('about')->map->all();
    $tie = collect($drawing->ties)->firstWhere('number', $view->tie);
    $closing = [$recipe->finish, $recipe->weighs, ...$recipe->goods, $recipe->settings];
    $taking = fn (string $id): array => [
        'material' => ['id' => $id, 'name' => $plan->materials->all[$id]->name()],
        'onShelf' => $onShelf[$plan->materials->all[$id]->kind->key()] ?? [],
        'changed' => $changed[$id] ?? null,
    ];
@endphp
<main class="editor" id="editor" hx-target="#editor" hx-swap="morph" hx-ext="morph" hx-sync="#editor:queue all" data-revision="{{ $saved->revision_id }}" data-view="{{ json_encode((object) $view->query()) }}">
    {{ $regions->of('svg', 'patterns', 'editor.patterns', ['inks' => $drawing->inks]) }}
    <header>
        <div class="heading" id="heading" data-always>
            <h1 class="sr-only">{{ $plan->name() }}</h1>
            <x-edit-form :saved="$saved" :view="$view" live="change">
                <x-sentence :line="$recipe->name" :problem="$problem" />
                @if ($problem?->at('plan'))
                    <x-problem :problem="$problem" />
                @endif
            </x-edit-form>
            <div class="saved mt-1 flex gap-2 text-[13px] text-soft">
                <span>saved <time datetime="{{ $saved->updated_at->toIso8601String() }}" data-clock>{{ $saved->updated_at->format('H:i') }} UTC</time></span>
                @foreach (['undo' => $undo, 'redo' => $redo] as $do => $step)
                    <x-edit-form :saved="$saved" :view="$view" :to="$do">
                        <button class="quiet" data-{{ $do }} @disabled($step === null) title="{{ $step === null ? "nothing to $do" : "$do: $step->words" }}">{{ $do }}</button>
                    </x-edit-form>
                @endforeach
                <a class="quiet" href="{{ route('plans.history', $saved, false) }}">history</a>
            </div>
        </div>
        {{ $regions->of('div', 'facts', 'editor.facts', ['facts' => $facts]) }}
    </header>

    <div class="recipe" id="recipe" role="region" aria-label="Recipe">
        <div id="status" data-always>
            <x-notices />
            @if ($looksOn)
                <p class="looks-on" id="looks-on-{{ $saved->revision_id }}" role="status" hx-get="{{ $view->thorough() }}" hx-trigger="load" hx-sync="this" data-revision="{{ $saved->revision_id }}">Looking for more ways to mend it<span aria-hidden="true"> ...</span> <noscript><a href="{{ $view->thorough() }}">Look for all of them</a></noscript></p>
            @endif
            @if ($saved->isReady())
                <form class="said ready" method="post" action="{{ route('plans.give-back', $saved) }}">
                    @csrf
                    @method('delete')
                    <p><b>Ready.</b> Reserved: {{ $saved->holdsWords() }}.@if ($toBuy !== []) To buy: {{ Davrin\Core\Words\Words::list($toBuy) }}.@endif To change the plan, unreserve it first.</p>
                    <button class="act">Unreserve</button>
                </form>
            @elseif ($saved->cut_at)
                <div class="said cut-already">
                    <p><b>Cut</b> on {{ $saved->cut_at->format('M j, Y') }}, as it was then: <a href="{{ route('cuts.show', $saved, false) }}">its cut sheet</a>.</p>
                    @if ($sinceCut !== null)
                        <p>{{ $sinceCut === [] ? 'The plan has changed since, but comes to the same cuts.' : 'The plan has changed since. What would differ:' }}</p>
                        <ul>
                            @foreach ($sinceCut as $differs)
                                <li>{{ Str::unbroken($differs) }}</li>
                            @endforeach
                        </ul>
                    @endif
                </div>
            @endif
            @if ($lost !== [])
                <div class="lost" role="status">
                    <b>What no longer fits was set back.</b> Undo brings it back.
                    <ul>
                        @foreach ($lost as $what)
                            <li>{{ $what }}</li>
                        @endforeach
                    </ul>
                </div>
            @endif
            @if ($problem && $problem->address === null)
                <p class="problem m-3" id="problem" role="alert">{{ $problem->sentence }}</p>
            @endif
        </div>
        {{ $regions->of('section', 'line-form', 'editor.line', ['number' => '1', 'line' => $recipe->form, 'problem' => $problem, 'more' => ['editor.take-form' => ['forms' => $shelfForms]]]) }}
        @foreach ($recipe->ties as $index => $line)
            {{ $regions->of('section', 'line-'.strtr($line->address, '.', '-'), 'editor.line', [
                'number' => $index + 2,
                'line' => $line,
                'problem' => $problem,
                'places' => $plan->ties->groups[$index]->isFree() ? $places : [],
                'guide' => $plan->ties->groups[$index]->layout->key(),
                'tools' => [...($loop->last ? ['add-ties' => 'tie it another way too'] : []), ...(count($recipe->ties) > 0 ? ['remove-ties' => 'take away'] : [])],
            ]) }}
        @endforeach
        @foreach ($recipe->parts as $index => $line)
            {{ $regions->of('section', 'line-'.strtr($line->address, '.', '-'), 'editor.line', [
                'number' => count($recipe->ties) + $index + 2,
                'line' => $line,
                'problem' => $problem,
                'advice' => $advice[$line->address] ?? [],
                'inks' => array_intersect_key($drawing->inks, $recipe->materials),
                'guide' => $plan->parts[$index]->kind->key(),
                'more' => $plan->parts[$index]->kind instanceof Davrin\Core\Part\Sign\Sign
                    ? ['editor.sign-outline' => ['part' => $plan->parts[$index]->id, 'refused' => $errors->first('outline')]]
                    : [],
                'tools' => [...($index > 0 ? ['part-earlier' => 'earlier'] : []), ...($index < count($recipe->parts) - 1 ? ['part-later' => 'later'] : []), 'remove-part' => 'take away'],
            ]) }}
        @endforeach
        <section class="line editor-only" id="line-more" data-always>
            <b class="number" aria-hidden="true">+</b>
            <x-edit-form :saved="$saved" :view="$view">
                @if ($recipe->parts === [])
                    <p class="mb-2">The ring is prepped. Put some mesh on it.</p>
                @endif
                <span class="flex flex-wrap gap-x-3 text-[15px]">
                    @if ($recipe->parts === [])
                        <button class="quiet" name="do" value="add-part">Add mesh to the ties</button>
                    @else
                        <span class="text-soft">Add</span>
                        <button class="quiet" name="do" value="add-part" aria-label="Add a layer of mesh">mesh</button>
                    @endif
                    @foreach (['tails' => ['ribbon', 'Add ribbon'], 'bow' => ['bow', 'Add a bow'], 'sign' => ['sign', 'Add a sign'], 'extra' => ['extras', 'Add extras'], 'step' => ['own step', 'Add your own step']] as $do => [$short, $whole])
                        <button class="quiet" name="do" value="add-{{ $do }}" aria-label="{{ $whole }}">{{ $short }}</button>
                    @endforeach
                </span>
            </x-edit-form>
        </section>
        <details class="aside" id="aside" @if (isset($advice['finish']) || collect($closing)->contains(fn ($line): bool => $problem?->at($line->address) ?? false)) open @endif>
            <summary id="aside-summary" data-always>
                @foreach (array_merge(...array_column($recipe->goods, 'figures')) as $figure)
                    <span>{{ $figure->said() }}</span>
                @endforeach
                <span>in {{ $plan->units()->value }}</span>
                <span>cost {{ $plan->settings->costsByLength() ? 'by length used' : 'by what is opened' }}</span>
                <span>{{ $plan->settings->room() ? $plan->units()->exact($plan->settings->room()).' of room in depth' : 'no depth limit' }}</span>
            </summary>
            @foreach ($closing as $line)
                {{ $regions->of('section', 'line-'.($line === $recipe->weighs ? 'form-weight' : strtr($line->address, '.', '-')), 'editor.line', [
                    'number' => '',
                    'line' => $line,
                    'problem' => $problem,
                    'advice' => $advice[$line->address] ?? [],
                    'more' => str_starts_with($line->address, 'materials.') ? ['editor.take-from-shelf' => $taking(Str::after($line->address, '.'))] : [],
                ]) }}
            @endforeach
        </details>
    </div>

    <div class="stage" id="stage" data-stage role="region" aria-label="Form">
        <div class="views" id="views" data-always>
            <b>seen from</b>
            @foreach (App\Drawing\Side::cases() as $side)
                <a href="{{ $view->seenFrom($side)->url() }}" hx-get="{{ $view->seenFrom($side)->url() }}" hx-replace-url="true" @if ($side === $view->side) aria-current="true" @else data-turn @endif>{{ $side->value }}</a>
            @endforeach
            <b>showing</b>
            @foreach (['mesh' => true, 'form, ties' => false] as $words => $mesh)
                <a href="{{ $view->withMesh($mesh)->url() }}" hx-get="{{ $view->withMesh($mesh)->url() }}" hx-replace-url="true" @if ($mesh === $view->mesh) aria-current="true" @endif>{{ $words }}</a>
            @endforeach
            <b>whole piece</b>
            <div class="pages">
                <a href="{{ route('plans.check', $saved) }}">before you cut</a>
                <a href="{{ route('plans.order', $saved) }}">order of work</a>
                <a href="{{ route('plans.door', $saved) }}">on the door</a>
                <a href="{{ route('plans.price', $saved) }}">cost and price</a>
                <a href="{{ route('builds.begin', $saved) }}">build it</a>
                <a href="{{ route('log.index', ['plan' => $saved->id]) }}">in the log</a>
            </div>
            @if ($paints)
                <b class="editor-only">paint ties</b>
                <div class="brushes editor-only" role="group" aria-label="paint ties with">
                    @foreach ($brushes as $index => $mesh)
                        <button type="button" class="brush" data-brush="{{ $mesh->id }}" aria-pressed="false" title="{{ $mesh->name() }}: click ties to paint them{{ $index < 9 ? ', or press '.($index + 1).' on one' : '' }}"><x-swatch :ink="$drawing->inks[$mesh->id]" /><span class="sr-only">{{ $mesh->name() }}</span></button>
                    @endforeach
                </div>
                <a class="editor-only" href="{{ route('plans.colours', $saved) }}">other colours</a>
            @endif
        </div>
        <div id="tie-card" data-always aria-live="polite">
            @if ($tie)
                <section class="tie-card">
                    <h2>Tie {{ $tie['number'] }}</h2>
                    <p>{{ $tie['where'] }}</p>
                    <ul>
                        @forelse ($tie['carries'] as $carried)
                            <li>{{ $carried }}</li>
                        @empty
                            <li>bare</li>
                        @endforelse
                        @if ($tie['changes'])
                            <li>here the run changes rolls</li>
                        @endif
                    </ul>
                    @if ($paints && $litPaints)
                        <x-edit-form :saved="$saved" :view="$view" class="mt-2 flex flex-wrap gap-x-3">
                            <input type="hidden" name="do" value="paint">
                            <input type="hidden" name="id" value="{{ $tie['number'] }}">
                            @foreach ($brushes as $mesh)
                                @php $isPainted = ($litPaints->on->colourTask->painted[$tie['number']] ?? null) === $mesh->id; @endphp
                                <button class="quiet" name="to" value="{{ $mesh->id }}"><x-swatch :ink="$drawing->inks[$mesh->id]" /> {{ $isPainted ? 'no longer '.$mesh->name() : $mesh->name() }}</button>
                            @endforeach
                        </x-edit-form>
                    @endif
                    @if ($litIsFree)
                        <x-edit-form :saved="$saved" :view="$view" class="mt-2">
                            <input type="hidden" name="id" value="{{ $tie['number'] }}">
                            <button class="quiet" name="do" value="take-tie">take this tie away</button>
                        </x-edit-form>
                    @endif
                </section>
            @endif
        </div>
        @include('editor.form', ['places' => $free])
        @if ($paints)
            <x-edit-form :saved="$saved" :view="$view" id="paint" hidden>
                <input type="hidden" name="do" value="paint">
                <input type="hidden" name="id">
                <input type="hidden" name="to">
            </x-edit-form>
        @endif
        <x-edit-form :saved="$saved" :view="$view" id="place-thing" hidden>
            <input type="hidden" name="do" value="place-thing">
            <input type="hidden" name="id">
            <input type="hidden" name="to">
            <input type="hidden" name="x">
            <input type="hidden" name="y">
        </x-edit-form>
        @if ($free)
            <x-edit-form :saved="$saved" :view="$view" id="place-by-click" hidden>
                <input type="hidden" name="do" value="place-tie">
                <input type="hidden" name="id" value="{{ $free }}">
                <input type="hidden" name="x">
                <input type="hidden" name="y">
            </x-edit-form>
        @endif
        <div class="go" id="go" data-always>
            <a class="act" href="{{ route('cuts.show', $saved) }}">Cut sheet</a>
            @if ($builds->isNotEmpty())
                <a class="act" href="{{ $builds->count() === 1 ? route('builds.show', $builds->first()) : route('builds.begin', $saved) }}" title="It holds {{ $benchHolds }}">On the bench</a>
            @endif
            @if (! $saved->isReady() && $saved->cut_at === null && $builds->isEmpty())
                <form method="post" action="{{ route('plans.ready', $saved) }}">
                    @csrf
                    <button class="act">Make it ready</button>
                </form>
            @endif
            <a class="act" href="{{ route('files.save', $saved) }}" download>Save as a file</a>
            <form method="post" action="{{ route('plans.copy', $saved) }}">
                @csrf
                <button class="act">Copy</button>
            </form>
        </div>
    </div>

    <div class="rolls" id="rolls" role="region" aria-label="Rolls">
        <h2>
            Rolls, to scale
            <span class="flex items-baseline gap-4 text-soft">
                each piece bears its tie
                <x-edit-form :saved="$saved" :view="$view" class="editor-only">
                    <button class="quiet" name="do" value="add-mesh">add a mesh</button>
                    <button class="quiet ml-3" name="do" value="add-ribbon">add a ribbon</button>
                </x-edit-form>
            </span>
        </h2>
        @foreach ($result->wound as $mesh)
            @php $id = $mesh->wound->id; @endphp
            {{ $regions->of('section', "rolls-$id", 'editor.rolls', [
                'line' => $recipe->materials[$id],
                'use' => $recipe->uses[$id],
                'called' => $recipe->called[$id],
                'price' => $mesh->wound->price()->shown(),
                'problem' => $problem,
                'verdict' => $mesh->verdict->words(),
                'figures' => [
                    [$mesh->used, $mesh->used->shown.' used'],
                    [$mesh->left, $mesh->left->shown.' left'],
                    [$mesh->slack, $mesh->slackWords()],
                    ...array_map(fn ($figure): array => [$figure, $figure->said()], $mesh->whatRollsGive()),
                ],
                'strips' => $shelf->strips[$id],
                'undrawn' => $shelf->more[$id],
                'ink' => $drawing->inks[$id],
                'lit' => $view->tie,
                'warns' => ! $mesh->verdict->isGood(),
                'spare' => count($plan->wound()) > 1 && $plan->partsOf($mesh->wound) === [],
                ...$taking($id),
            ]) }}
        @endforeach
    </div>
</main>
