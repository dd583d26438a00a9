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
                @include("components.element.$layer->technique", ['lit' => null])
            @endforeach
            @foreach ($drawing->form['wires'] as $radius)
                <circle class="wire-through" r="{{ $radius * $scale }}" />
            @endforeach
        </svg>
    </a>
    <div class="tag">
        <h2><a class="hover:underline" href="{{ route('plans.show', $saved) }}">{{ $result->name }}</a></h2>
        <p class="mt-1 text-[13.5px]">
            @foreach ([
                $result->tally->ties->said(),
                $result->layers === [] ? 'no mesh yet' : $result->tally->elements->said(),
                $result->tally->rolls->said().', '.$result->tally->left->shown.' left',
                $result->tally->across->shown.' across',
            ] as $figure)
                <span class="whitespace-nowrap">{{ $figure }} ·</span>
            @endforeach
            <b>{{ $result->tally->cost->shown }}</b>
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
