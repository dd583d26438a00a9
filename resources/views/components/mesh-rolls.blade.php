@props(['line', 'use', 'mesh', 'strips', 'ink', 'saved', 'view', 'problem' => null, 'warns' => false, 'spare' => false])
<section class="mesh @if ($warns) warns @endif" id="rolls-{{ $mesh->mesh->id }}">
    <x-edit-form :saved="$saved" :view="$view" live="change">
        <x-sentence :line="$line" :problem="$problem" />
        <div class="flex flex-wrap items-baseline gap-x-5">
            <x-sentence :line="$use" :problem="$problem" />
            <div class="figures">
                <span class="text-ink">{{ $mesh->verdict->words() }}</span>
                <x-figure :figure="$mesh->used">{{ $mesh->used->shown }} used</x-figure>
                <x-figure :figure="$mesh->left">{{ $mesh->left->shown }} left</x-figure>
                @unless ($mesh->verdict->short)
                    <x-figure :figure="$mesh->slack">{{ str_starts_with($mesh->slack->shown, '-') ? substr($mesh->slack->shown, 1).' over what is safe' : $mesh->slack->shown.' of slack' }}</x-figure>
                @endunless
            </div>
        </div>
        <noscript><button class="act">Write it</button></noscript>
        @if ($problem?->at($line->address))
            <x-problem :problem="$problem" />
        @endif
    </x-edit-form>
    @if ($spare)
        <x-edit-form :saved="$saved" :view="$view" class="editor-only">
            <input type="hidden" name="id" value="{{ $mesh->mesh->id }}">
            No layer uses it. <button class="quiet" name="do" value="remove-mesh">take it away</button>
        </x-edit-form>
    @endif
    @foreach ($strips as $strip)
        <x-roll-strip :strip="$strip" :ink="$ink" :lit="$view->tie" :name="$mesh->mesh->name()" />
    @endforeach
</section>
