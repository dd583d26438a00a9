@props(['item', 'frame'])
@php
    [$result, $drawing, $saved] = [$item->result, $item->drawing, $item->saved];
    $scale = App\Drawing\Path::SCALE;
    $half = $frame * $scale;
    $top = -$drawing->form['reach'] * $scale;
@endphp
<article class="hung">
    <a href="{{ route('plans.show', $saved) }}" aria-label="Open {{ $result->name }}">
        <svg viewBox="{{ -$half }} {{ -$half - 20 }} {{ 2 * $half }} {{ 2 * $half + 20 }}" role="img" aria-label="{{ $drawing->words() }}">
            <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
            <path class="cord" d="M-14 {{ $top }}L0 {{ -$half - 12 }}L14 {{ $top }}" />
            <circle class="peg" cy="{{ -$half - 14 }}" r="7" />
            <x-form-wires :drawing="$drawing" />
            @foreach ($drawing->layers as $layer)
                <x-dynamic-component :component="'element.'.$layer->technique" :layer="$layer" />
            @endforeach
            @foreach ($drawing->form['wires'] as $radius)
                <circle class="wire-through" r="{{ $radius * $scale }}" />
            @endforeach
        </svg>
    </a>
    <div class="tag">
        <h2><a class="hover:underline" href="{{ route('plans.show', $saved) }}">{{ $result->name }}</a></h2>
        <p class="mt-1 text-[13.5px]">
            {{ $result->tally->ties->shown }} ties · {{ implode(', ', array_map(fn ($layer) => $layer->count->shown, $result->layers)) ?: 'no mesh yet' }} · {{ $result->tally->rolls->value }} {{ $result->tally->rolls->value === 1 ? 'roll' : 'rolls' }}, {{ $result->tally->left->shown }} left · {{ $result->tally->across->shown }} · <b>{{ $result->tally->cost->shown }}</b>
        </p>
        @unless ($result->verdict->isGood())
            <p class="verdict @if ($result->verdict->short) short @endif">{{ $result->verdict->words() }}</p>
        @endunless
        <div class="mt-1.5 flex items-baseline gap-4">
            <form method="post" action="{{ route('plans.copy', $saved) }}">
                @csrf
                <button class="quiet">copy</button>
            </form>
            <a class="quiet" href="{{ route('files.save', $saved) }}" download>save as a file</a>
            <form method="post" action="{{ route('plans.destroy', $saved) }}">
                @csrf
                @method('delete')
                <button class="quiet">take down</button>
            </form>
        </div>
    </div>
</article>
