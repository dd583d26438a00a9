@php use App\Shelf\Import\Column; @endphp
<x-page :title="$import->name" here="shelf">
    <main class="import px-8 pt-5 pb-16" id="import">
        <p class="text-[13.5px]"><a href="{{ route('shelf.index') }}">The shelf</a></p>
        <h1 class="mt-1 text-3xl">{{ $import->name }}</h1>
        <x-notices />
        @switch ($import->state)
            @case ('matching')
                <p class="mt-2 max-w-3xl">Say which column says what. Nothing goes on the shelf yet: first all of the file is read, and you see what of it cannot be.</p>
                <form method="post" action="{{ route('imports.match', $import) }}" hx-post="{{ route('imports.match', $import) }}" hx-trigger="change" hx-target="#import" hx-select="#import" hx-swap="morph" hx-ext="morph">
                    @csrf
                    @if (count($first) > 1)
                        <p class="mt-3"><label><b>The columns are named in</b>
                            <select class="blank max-w-full" name="header" autocomplete="off">
                                @foreach ($first as $place => $row)
                                    <option value="{{ $place }}" @selected($place === $import->header_row)>line {{ $row->line }}: {{ Str::limit(implode(', ', array_filter($row->cells)), 60) }}</option>
                                @endforeach
                            </select></label>
                            @if ($import->header_row > 0)
                                <span class="text-soft">What stands before it is a title and is left out.</span>
                            @endif
                        </p>
                    @endif
                    <ul class="columns">
                        @foreach (Column::cases() as $column)
                            <li>
                                <label><b>{{ $column->words() }}</b>
                                    <select class="blank" name="columns[{{ $column->value }}]" autocomplete="off">
                                        <option value="">not in the file</option>
                                        @foreach ($import->header as $place => $name)
                                            <option value="{{ $place }}" @selected(($import->columns[$column->value] ?? null) === $place)>{{ $name === '' ? 'column '.($place + 1) : Str::limit($name, 30) }}</option>
                                        @endforeach
                                    </select>
                                </label>
                            </li>
                        @endforeach
                    </ul>
                    <noscript><button class="act">See what comes of it</button></noscript>
                </form>
                <form method="post" action="{{ route('imports.match', $import) }}" class="mt-4 flex gap-4">
                    @csrf
                    <input type="hidden" name="read" value="1">
                    @foreach ($import->columns as $column => $place)
                        <input type="hidden" name="columns[{{ $column }}]" value="{{ $place }}">
                    @endforeach
                    <button class="act act-strong">Read the whole file</button>
                </form>
                <h2 class="mt-6 text-lg">What the first rows come to</h2>
                <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$inks" /></defs></svg>
                <ol class="rows">
                    @forelse ($preview as $row)
                        <li @class(['is-refused' => $row['refused'] !== null])>
                            <b>line {{ $row['line'] }}</b>
                            @if ($row['row'])
                                <x-swatch :ink="$inks[$row['line']]" />
                                {{ $row['row']->ware->noun()[0] }}: {{ $row['row']->said['name'] }}{{ isset($row['row']->said['width']) ? ', '.$row['row']->said['width'].' wide' : '' }},
                                {{ $row['row']->there($units) }}
                            @else
                                {{ Str::limit(implode(', ', array_filter($row['cells'])), 60) }}: {{ $row['refused'] }}
                            @endif
                        </li>
                    @empty
                        <li>There is no row behind the first line.</li>
                    @endforelse
                </ol>
                @break
            @case ('reading')
                <form method="post" action="{{ route('imports.step', $import) }}" hx-post="{{ route('imports.step', $import) }}" hx-trigger="load" hx-target="#import" hx-select="#import" hx-swap="outerHTML" class="mt-4">
                    @csrf
                    <progress max="100" value="{{ $import->percent() }}">{{ $import->percent() }} %</progress>
                    <p class="mt-2" role="status">{{ $import->percent() }} % read, {{ $import->line - 1 }} rows so far{{ $refused > 0 ? ", $refused of them refused" : '' }}.</p>
                    <noscript><button class="act">Read on</button></noscript>
                </form>
                @break
            @case ('read')
                <p class="mt-3 text-[17px]" role="status"><b>{{ $good }}</b> {{ $good === 1 ? 'row' : 'rows' }} can go on the shelf; <b>{{ $refused }}</b> {{ $refused === 1 ? 'is' : 'are' }} refused.</p>
                <div class="mt-4 flex flex-wrap gap-3">
                    @if ($good > 0)
                        <form method="post" action="{{ route('imports.lay', $import) }}">
                            @csrf
                            <button class="act act-strong">Put {{ $good }} {{ $good === 1 ? 'row' : 'rows' }} on the shelf</button>
                        </form>
                    @endif
                    <form method="post" action="{{ route('imports.again', $import) }}">
                        @csrf
                        <button class="act">Match the columns again</button>
                    </form>
                    @if ($refused > 0)
                        <a class="act" href="{{ route('imports.refused', $import) }}">Save the refused rows</a>
                    @endif
                </div>
                @break
            @case (App\Shelf\Import\Laying::STATE)
                <p class="mt-3 text-[17px]" role="status">This file is being put on the shelf in another window. If that window was closed before it was done, nothing of it is on the shelf: try again in a minute.</p>
                <form method="post" action="{{ route('imports.lay', $import) }}" class="mt-4">
                    @csrf
                    <button class="act">Put it on the shelf again</button>
                </form>
                @break
            @default
                <p class="mt-3 text-[17px]">What could go on the shelf lies there.</p>
        @endswitch
        @if ($refusals->isNotEmpty() && $import->state !== 'reading')
            <h2 class="mt-6 text-lg">Refused{{ $refused > $refusals->count() ? ", the first {$refusals->count()} of $refused" : '' }}</h2>
            <ol class="rows">
                @foreach ($refusals as $row)
                    <li class="is-refused"><b>line {{ $row->line }}</b> {{ Str::limit(implode(', ', array_filter($row->cells)), 60) }}: {{ $row->refused }}
                        @if ($import->state === 'read')
                            <form class="mend" method="post" action="{{ route('imports.mend', [$import, $row], false) }}" hx-post="{{ route('imports.mend', [$import, $row], false) }}" hx-target="#import" hx-select="#import" hx-swap="morph" hx-ext="morph">
                                @csrf
                                @foreach ($import->columns as $column => $place)
                                    <label>{{ Column::from($column)->words() }} <input class="blank" name="cells[{{ $place }}]" value="{{ $row->cells[$place] ?? '' }}" size="{{ max(6, min(30, mb_strlen($row->cells[$place] ?? ''))) }}" maxlength="400" autocomplete="off"></label>
                                @endforeach
                                <button class="act">Mend it</button>
                            </form>
                        @endif
                    </li>
                @endforeach
            </ol>
        @endif
        <form method="post" action="{{ route('imports.drop', $import) }}" class="mt-6">
            @csrf
            @method('delete')
            <button class="quiet">{{ $import->state === 'done' ? 'put this page away' : 'leave the shelf as it is' }}</button>
        </form>
    </main>
</x-page>
