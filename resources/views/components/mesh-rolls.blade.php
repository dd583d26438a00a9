@props(['line', 'use', 'mesh', 'strips', 'more' => 0, 'ink', 'saved', 'view', 'problem' => null, 'warns' => false, 'spare' => false, 'onShelf' => null, 'changed' => null])
<section class="mesh @if ($warns) warns @endif" id="rolls-{{ $mesh->wound->id }}">
    <x-edit-form :saved="$saved" :view="$view" live="change">
        <x-sentence :line="$line" :problem="$problem" />
        <div class="flex flex-wrap items-baseline gap-x-5">
            <x-sentence :line="$use" :problem="$problem" />
            <div class="figures">
                <span class="text-ink">{{ $mesh->verdict->words() }}</span>
                <x-figure :figure="$mesh->used">{{ $mesh->used->shown }} used</x-figure>
                <x-figure :figure="$mesh->left">{{ $mesh->left->shown }} left</x-figure>
                <x-figure :figure="$mesh->slack">{{ $mesh->slackWords() }}</x-figure>
                @foreach ($mesh->whatRollsGive() as $figure)
                    <x-figure :figure="$figure" />
                @endforeach
                @if ($changed === null && $onShelf?->isNotEmpty())
                    {{-- In the same line, though another form's: what is chosen here is not a blank of the sentence. --}}
                    <select class="quiet take-form editor-only" name="to" form="take-{{ $mesh->wound->id }}" aria-label="take {{ $mesh->wound->name() }} from the shelf" autocomplete="off"
                        hx-post="{{ $view->to('edits') }}" hx-trigger="change consume" hx-include="#take-{{ $mesh->wound->id }}">
                        <option value="">use what I have</option>
                        @foreach ($onShelf as $item)
                            <option value="{{ $item->id }}">{{ $item->name }}, {{ $item->widthWords() }}</option>
                        @endforeach
                    </select>
                    <noscript><button class="quiet" form="take-{{ $mesh->wound->id }}">take it</button></noscript>
                @endif
            </div>
        </div>
        <noscript><button class="act">Save</button></noscript>
        @if ($problem?->at($line->address))
            <x-problem :problem="$problem" />
        @endif
    </x-edit-form>
    @if ($changed !== null)
        <x-edit-form :saved="$saved" :view="$view" class="editor-only changed">
            Free on the shelf now: {{ $changed }}.
            <button class="act" name="do" value="take-materials">Plan from that</button>
        </x-edit-form>
    @elseif ($onShelf?->isNotEmpty())
        <x-edit-form :saved="$saved" :view="$view" :id="'take-'.$mesh->wound->id" class="editor-only hidden">
            <input type="hidden" name="do" value="take-material">
            <input type="hidden" name="id" value="{{ $mesh->wound->id }}">
        </x-edit-form>
    @endif
    @if ($spare)
        <x-edit-form :saved="$saved" :view="$view" class="editor-only">
            <input type="hidden" name="id" value="{{ $mesh->wound->id }}">
            No layer uses it. <button class="quiet" name="do" value="remove-material">take it away</button>
        </x-edit-form>
    @endif
    @foreach ($strips as $strip)
        <x-roll-strip :strip="$strip" :ink="$ink" :lit="$view->tie" :name="$mesh->wound->name()" />
    @endforeach
    @if ($more > 0)
        <p class="text-[13.5px]">And {{ Davrin\Core\Words\Words::count($more, 'roll') }} more, each <a href="{{ route('cuts.show', $saved) }}">on the cut sheet</a>.</p>
    @endif
</section>
