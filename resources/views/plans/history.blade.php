<x-page title="History of {{ $saved->name }}" here="plans">
    <main class="px-8 pt-5 pb-16">
        <h1 class="text-3xl">History of <a href="{{ route('plans.show', $saved, false) }}">{{ $saved->name }}</a></h1>
        <p class="mt-1 max-w-prose text-soft">{{ $steps->total() === 1 ? 'One step so far.' : $steps->total().' steps, the latest first.' }} Bring one back, and the plan is again as it was after it. That is a step of its own, so nothing of what came later is lost.</p>
        <x-notices />
        @if ($saved->isReady())
            <p class="said mt-4">The plan is ready and holds {{ $saved->holdsWords() }}. Unreserve that first to bring back an earlier step. <a href="{{ route('plans.show', $saved, false) }}">Open the plan</a></p>
        @endif
        <ol class="steps">
            @foreach ($steps as $step)
                <li @class(['step', 'is-now' => $step->id === $saved->revision_id, 'is-undone' => ! isset($kept[$step->id])])>
                    <img src="{{ App\Plans\Picture::url($saved->id, $step->id) }}" alt="The plan after this step: {{ $step->words }}" width="150" height="150" loading="lazy" decoding="async">
                    <div>
                        <p><time datetime="{{ $step->created_at->toIso8601String() }}" data-clock="day">{{ $step->created_at->format('j M Y, H:i') }} UTC</time></p>
                        <h2>{{ Str::ucfirst($step->words) }}</h2>
                        @if ($step->card?->isCurrent())
                            <p class="text-[13.5px] text-soft">{{ implode(' · ', $step->card->told['figures']) }} · {{ $step->card->told['cost'] }}</p>
                        @endif
                        @if ($step->id === $saved->revision_id)
                            <p class="mark">as the plan is now</p>
                        @endif
                        <form method="post" action="{{ route('log.store', [], false) }}">
                            @csrf
                            <input type="hidden" name="plan" value="{{ $saved->id }}">
                            <input type="hidden" name="step" value="{{ $step->id }}">
                            <button class="quiet">log a piece made like this</button>
                        </form>
                        @if ($step->id !== $saved->revision_id)
                            @unless (isset($kept[$step->id]))
                                <p class="mark">undone</p>
                            @endunless
                            @unless ($saved->isReady())
                                <form method="post" action="{{ route('plans.bring-back', [$saved, $step], false) }}">
                                    @csrf
                                    <input type="hidden" name="revision" value="{{ $saved->revision_id }}">
                                    <button class="act">Bring it back</button>
                                </form>
                            @endunless
                        @endif
                    </div>
                </li>
            @endforeach
        </ol>
        {{ $steps->links('plans.pages', ['newer' => 'Later steps', 'older' => 'Earlier steps', 'label' => 'More steps']) }}
    </main>
</x-page>
