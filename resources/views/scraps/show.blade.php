@php
    $leftOut = array_column($without, 'id');
    $leave = fn (array $ids): string => route('scraps.show', ['technique' => $technique, 'length' => $length, 'width' => $width, 'form' => $form, 'without' => array_values($ids)]);
@endphp
<x-page title="From scraps" here="shelf">
    <main class="px-8 pt-5 pb-16">
        <p class="text-[13.5px]"><a href="{{ route('shelf.index') }}">The shelf</a></p>
        <h1 class="mt-1 text-3xl">From scraps</h1>
        <x-notices />
        @if ($widths === [])
            <p class="mt-8 max-w-xl text-[17px]">Nothing is opened: the shelf has full rolls only, or none. What a plan leaves lies here once its cut sheet is worked off.</p>
        @else
            <form method="get" action="{{ route('scraps.show') }}" class="look" hx-get="{{ route('scraps.show') }}" hx-trigger="change" hx-target="#made" hx-select="#made" hx-swap="outerHTML" hx-push-url="true">
                @foreach ($without as $item)
                    <input type="hidden" name="without[]" value="{{ $item->id }}">
                @endforeach
                <span>Make</span>
                <select class="blank" name="technique" aria-label="what is made" autocomplete="off">
                    @foreach ($techniques as $key => $words)
                        <option value="{{ $key }}" @selected($technique === $key)>{{ $words }}</option>
                    @endforeach
                </select>
                <label for="scrap-length">of</label>
                <input class="blank" id="scrap-length" name="length" value="{{ $length }}" size="8" maxlength="40" autocomplete="off">
                <span>from mesh</span>
                <select class="blank" name="width" aria-label="width" autocomplete="off">
                    @foreach ($widths as $its => $words)
                        <option value="{{ $its }}" @selected((int) $its === $width)>{{ $words }}</option>
                    @endforeach
                </select>
                <span>wide, on</span>
                <select class="blank" name="form" aria-label="form" autocomplete="off">
                    <option value="0">a 14 in ring</option>
                    @foreach ($forms as $its)
                        <option value="{{ $its->id }}" @selected($its->id === $form)>{{ $its->name }}</option>
                    @endforeach
                </select>
                <noscript><button class="act">Look</button></noscript>
            </form>
            <div id="made" class="pair made">
                @if ($refused)
                    <p class="refused" role="alert">{{ $refused }}</p>
                @else
                    <section>
                        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$scraps->inks" /></defs></svg>
                        <p class="text-[17px]">
                            <b>{{ array_sum($scraps->base->pieces) }} pieces</b> for {{ $scraps->ties }} ties.
                            @if ($scraps->base->missing > 0)
                                {{ $scraps->base->missing }} {{ Str::plural('tie', $scraps->base->missing) }} would stay bare.
                                @if ($scraps->longest)
                                    <a href="{{ route('scraps.show', ['technique' => $technique, 'width' => $width, 'form' => $form, 'length' => $units->exact($scraps->longest), 'without' => $leftOut]) }}">Pieces of {{ $units->exact($scraps->longest) }} fill them all.</a>
                                @else
                                    No piece that is near as long fills them all.
                                @endif
                            @endif
                        </p>
                        <ul class="mt-3">
                            @foreach ($scraps->items as $id => $item)
                                @php $pieces = $scraps->base->pieces[$id]; $taken = $scraps->base->taken[$id] ?? 0; @endphp
                                <li class="scrap">
                                    <x-swatch :ink="$scraps->inks[$id]" />
                                    <span><a href="{{ route('shelf.show', $item) }}">{{ $item->name }}</a>: {{ $scraps->gives($item) }}</span>
                                    @if (count($scraps->items) > 1)
                                        <a class="quiet" href="{{ $leave([...$leftOut, $item->id]) }}">leave it out</a>
                                    @endif
                                    <b>{{ $taken > 0 ? "$taken of $pieces" : ($pieces === 0 ? 'too short' : "none of $pieces") }}</b>
                                </li>
                            @endforeach
                        </ul>
                        @foreach ($without as $item)
                            <p class="mt-1 text-soft">{{ $item->name }} is left out. <a class="quiet" href="{{ $leave(array_diff($leftOut, [$item->id])) }}">use it too</a></p>
                        @endforeach
                        @if ($result)
                            <p class="mt-3 text-[15px]">{{ $result->tally->across->shown }} across, {{ $result->fullness->verdict ?? 'no mesh yet' }}, {{ $result->tally->minutes->shown }}, {{ $result->tally->cost->shown }} by length.</p>
                            <form method="post" action="{{ route('scraps.begin') }}" class="mt-3">
                                @csrf
                                @foreach ($leftOut as $id)
                                    <input type="hidden" name="without[]" value="{{ $id }}">
                                @endforeach
                                @foreach (['technique' => $technique, 'length' => $length, 'width' => $width, 'form' => $form] as $key => $value)
                                    <input type="hidden" name="{{ $key }}" value="{{ $value }}">
                                @endforeach
                                <button class="act act-strong">Begin this plan</button>
                            </form>
                        @endif
                    </section>
                    @if ($result && $drawing = $scraps->drawing($result))
                        @php $frame = $drawing->frame(); @endphp
                        <svg class="scraps-form" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $drawing->words() }}">
                            <defs><x-mesh-patterns :inks="$drawing->inks" /></defs>
                            <x-mesh-on-form :drawing="$drawing" />
                        </svg>
                    @endif
                @endif
            </div>
        @endif
    </main>
</x-page>
