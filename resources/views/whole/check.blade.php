<x-page :title="'Before you cut '.$saved->name" here="plans">
    <main class="whole">
        @include('whole.heading', ['here' => 'check'])
        @php $count = $check->count() + count($onTheShelf); @endphp
        <h1>{{ $count === 0 ? 'Nothing found' : ($count === 1 ? 'One thing to look at' : "$count things to look at") }}</h1>
        <p class="max-w-prose">Before the scissors: {{ $saved->name }}, read over as a careful friend would. What was looked at stands under each question.</p>
        <ol class="questions">
            @foreach ($check->answers as $answer)
                <li @class(['question', 'is-found' => ! $answer->isWell()])>
                    <h2>{{ $answer->asked }} <b>{{ $answer->isWell() ? 'fine' : 'look here' }}</b></h2>
                    <p class="looked-at">{{ Str::unbroken(implode(' · ', $answer->lookedAt)) }}</p>
                    @foreach ($answer->found as $found)
                        <div class="advice">
                            <p><b>{{ $found->title }}</b> {{ Str::unbroken($found->sentence) }} <a class="quiet" href="{{ route('plans.show', $saved) }}#line-{{ strtr($found->about, '.', '-') }}">its sentence</a></p>
                            @if ($mayChange)
                                <div class="remedies">
                                    @foreach (array_slice($found->remedies, 0, 4) as $remedy)
                                        <x-plain-edit :saved="$saved" :edit="$remedy->edit->asData()">
                                            <button class="remedy">{{ $remedy->label }} <small>{{ Str::unbroken($remedy->effect) }}</small></button>
                                        </x-plain-edit>
                                    @endforeach
                                </div>
                            @endif
                        </div>
                    @endforeach
                </li>
            @endforeach
            <li @class(['question', 'is-found' => $onTheShelf !== []])>
                <h2>Is what is here used before more is bought? <b>{{ $onTheShelf === [] ? 'fine' : 'look here' }}</b></h2>
                <p class="looked-at">all that the plan buys, against what is free on the shelf</p>
                @foreach ($onTheShelf as $there)
                    <div class="advice">
                        <p><b>It lies on the shelf.</b> {{ $there->item->name }}: {{ Str::unbroken($there->there) }} free, and the plan buys {{ Str::unbroken($there->buys) }}. <a class="quiet" href="{{ route('shelf.show', $there->item) }}">on the shelf</a></p>
                        @if ($mayChange)
                            <div class="remedies">
                                <x-plain-edit :saved="$saved" :edit="['do' => 'take-material', 'id' => $there->material->id, 'to' => (string) $there->item->id]">
                                    <button class="remedy">Use what I have</button>
                                </x-plain-edit>
                            </div>
                        @endif
                    </div>
                @endforeach
            </li>
        </ol>
        <p class="mt-6"><a class="act act-strong" href="{{ route('cuts.show', $saved) }}">Cut sheet</a></p>
    </main>
</x-page>
