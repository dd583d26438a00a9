<x-page :title="'Vary '.$saved->name" here="plans">
    <main class="whole vary" id="vary">
        @include('whole.heading', ['here' => 'vary'])
        <h1>What if one figure of {{ $saved->name }} were another?</h1>
        <x-notices />
        @if ($varied === null)
            <p class="text-[17px]">This plan has no length and no number yet that could be another. Put some mesh on it first.</p>
        @else
            <form method="get" action="{{ route('plans.vary', $saved) }}" class="sentence what-if" hx-get="{{ route('plans.vary', $saved, false) }}" hx-trigger="change" hx-target="#vary" hx-select="#vary" hx-swap="morph" hx-ext="morph" hx-push-url="true" hx-sync="this:replace">
                Vary <select class="blank" name="of" aria-label="the figure that is varied" autocomplete="off">
                    @foreach ($all as $key => $its)
                        <option value="{{ $key }}" @selected($key === $varied->key)>{{ $its->label }}</option>
                    @endforeach
                </select>
                from <input class="blank" type="text" name="from" size="7" maxlength="40" value="{{ $typed['from'] }}" placeholder="{{ $chart?->sweep->shown($chart->sweep->from) }}" aria-label="from" autocomplete="off" @if ($refused?->pointer === '/from') aria-invalid="true" aria-describedby="problem" @endif>
                to <input class="blank" type="text" name="to" size="7" maxlength="40" value="{{ $typed['to'] }}" placeholder="{{ $chart?->sweep->shown($chart->sweep->to) }}" aria-label="to" autocomplete="off" @if ($refused?->pointer === '/to') aria-invalid="true" aria-describedby="problem" @endif>
                in steps of <input class="blank" type="text" name="step" size="6" maxlength="40" value="{{ $typed['step'] }}" placeholder="{{ $chart?->sweep->shown($chart->sweep->step) }}" aria-label="in steps of" autocomplete="off" @if ($refused?->pointer === '/step') aria-invalid="true" aria-describedby="problem" @endif>.
                @if ($refused)
                    <span class="problem" id="problem" role="alert">{{ $refused->getMessage() }}</span>
                @endif
                <noscript><button class="act">Work it out</button></noscript>
            </form>
        @endif
        @if ($chart)
            <div class="swept">
                <figure>
                    @if ($chart->points === [])
                        <p class="refused">None of these can be made: {{ $chart->sweep->points[0]->refused }}</p>
                    @else
                        <svg class="sweep" viewBox="0 0 {{ $chart::WIDE }} {{ $chart->high() }}" role="img" aria-label="{{ implode(' ', $chart->sweep->sentences()) }}">
                            <text class="axis" x="0" y="12">rolls opened</text>
                            @foreach ($chart->points as $index => $point)
                                <g @class(['is-now' => $point->isNow, 'is-short' => $point->short > 0])>
                                    @foreach ($chart->rolls($point) as [$top, $isMore])
                                        <rect x="{{ $chart->x($index) - $chart->wide() / 2 }}" y="{{ $top }}" width="{{ $chart->wide() }}" height="{{ $chart->rollHigh() }}" @class(['more' => $isMore]) />
                                    @endforeach
                                    @if ($chart->isLabelled($index))
                                        <text x="{{ $chart->x($index) }}" y="{{ $chart::FLOOR + 15 }}">{{ $point->shown }}</text>
                                    @endif
                                </g>
                            @endforeach
                            <path class="floor" d="M0 {{ $chart::FLOOR }}H{{ $chart::WIDE }}" />
                            @foreach ($chart->breaks() as [$after, $words])
                                <g class="break"><path d="M{{ $chart->edge($after) }} 20V{{ $chart::FLOOR }}" /><text x="{{ $chart->edge($after) + 4 }}" y="30">{{ $words }}</text></g>
                            @endforeach
                            @foreach ($chart->lines() as $number => $line)
                                <g transform="translate(0 {{ $chart::FLOOR + 26 + $number * $chart::BAND }})" class="run">
                                    <path class="floor" d="M0 44H{{ $chart::WIDE }}" />
                                    <path d="{{ $line['path'] }}" />
                                    @if ($line['now'])
                                        <circle cx="{{ $line['now'][0] }}" cy="{{ $line['now'][1] }}" r="4.5" />
                                    @endif
                                    <text x="0" y="42">{{ $line['label'] }} {{ $line['least'] }}</text>
                                    <text class="last" x="{{ $chart::WIDE }}" y="42">{{ $line['most'] }}</text>
                                </g>
                            @endforeach
                        </svg>
                        <figcaption>Each strip is a full roll. Dashed ones are needed should rolls come as short as they may; the dark column is the plan as it is.</figcaption>
                    @endif
                    <ul class="judged">
                        @foreach ($chart->sweep->sentences() as $said)
                            <li>{{ Str::unbroken($said) }}</li>
                        @endforeach
                    </ul>
                </figure>
                <div class="scrolls" tabindex="0" role="region" aria-label="Each value">
                    <table class="everywhere">
                        <thead><tr><th scope="col">{{ $varied->isLength ? 'length' : 'number' }}</th><th scope="col">rolls</th><th scope="col">to be safe</th><th scope="col">cost</th><th scope="col">size</th><th scope="col">fullness</th><th scope="col"><span class="sr-only">take it</span></th></tr></thead>
                        <tbody>
                            @foreach ($chart->sweep->points as $point)
                                <tr @class(['is-here' => $point->isNow])>
                                    <th scope="row">{{ Str::unbroken($point->shown) }}</th>
                                    @if ($point->tally === null)
                                        <td colspan="6" class="cannot">{{ $point->refused }}</td>
                                    @else
                                        <td>{{ $point->rolls }}{{ $point->short > 0 ? ", $point->short short" : '' }}</td>
                                        <td>{{ $point->safe ?? 'none do' }}</td>
                                        <td>{{ $point->cost->shown() }}</td>
                                        <td>{{ $point->tally->across->shown }}</td>
                                        <td>{{ $chart->fullness($point) }}</td>
                                        <td>
                                            @if ($point->isNow)
                                                as it is
                                            @elseif ($mayChange)
                                                <x-plain-edit :saved="$saved" :edit="['set' => $varied->written($point->value)]"><button class="quiet" aria-label="take it: {{ $point->shown }}">take it</button></x-plain-edit>
                                            @endif
                                        </td>
                                    @endif
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            </div>
            @if (! $mayChange)
                <p class="looked-at">This plan is reserved or cut: unreserve it first to take another figure.</p>
            @endif
        @endif
    </main>
</x-page>
