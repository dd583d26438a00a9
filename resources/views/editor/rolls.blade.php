{{-- A material that is wound: how it is sold, what is on hand, what follows, and its rolls to scale. --}}
<section {{ $region }} class="mesh @if ($warns) warns @endif">
    <x-edit-form :saved="$saved" :view="$view" live="change">
        <x-sentence :line="$line" :problem="$problem" :panel="'panel-'.$material['id']" />
        <div class="flex flex-wrap items-baseline gap-x-5">
            <x-sentence :line="$use" :problem="$problem" />
            <div class="figures">
                <span class="text-ink">{{ $verdict }}</span>
                @foreach ($figures as [$figure, $words])
                    <x-figure :figure="$figure">{{ $words }}</x-figure>
                @endforeach
                @if ($changed === null && $onShelf !== [])
                    {{-- In the same line, though another form's: what is chosen here is not a blank of the sentence. --}}
                    <select class="quiet take-form editor-only" name="to" form="take-{{ $material['id'] }}" aria-label="take {{ $material['name'] }} from the shelf" autocomplete="off"
                        hx-post="{{ $view->to('edits') }}" hx-trigger="change consume" hx-include="#take-{{ $material['id'] }}">
                        <option value="">use what I have</option>
                        @foreach ($onShelf as $id => [$name, $width])
                            <option value="{{ $id }}">{{ $name }}, {{ $width }}</option>
                        @endforeach
                    </select>
                    <noscript><button class="quiet" form="take-{{ $material['id'] }}">take it</button></noscript>
                @endif
            </div>
        </div>
        <noscript><button class="act">Save</button></noscript>
        @if ($problem?->at($line->address))
            <x-problem :problem="$problem" />
        @endif
    </x-edit-form>
    @include('editor.mesh-panel')
    @if ($changed !== null)
        <x-edit-form :saved="$saved" :view="$view" class="editor-only changed">
            Free on the shelf now: {{ $changed }}.
            <button class="act" name="do" value="take-materials">Plan from that</button>
        </x-edit-form>
    @elseif ($onShelf !== [])
        <x-edit-form :saved="$saved" :view="$view" :id="'take-'.$material['id']" class="editor-only hidden">
            <input type="hidden" name="do" value="take-material">
            <input type="hidden" name="id" value="{{ $material['id'] }}">
        </x-edit-form>
    @endif
    @if ($spare)
        <x-edit-form :saved="$saved" :view="$view" class="editor-only">
            <input type="hidden" name="id" value="{{ $material['id'] }}">
            No layer uses it. <button class="quiet" name="do" value="remove-material">take it away</button>
        </x-edit-form>
    @endif
    <div class="strips" tabindex="0" role="group" aria-label="rolls of {{ $material['name'] }}, to scale">
        @foreach ($strips as $strip)
            <x-roll-strip :strip="$strip" :ink="$ink" :lit="$lit" :name="$material['name']" />
        @endforeach
    </div>
    @if ($undrawn > 0)
        <p class="text-[13.5px]">And {{ Davrin\Core\Words\Words::count($undrawn, 'roll') }} more, each <a href="{{ route('cuts.show', $saved, false) }}">on the cut sheet</a>.</p>
    @endif
</section>
