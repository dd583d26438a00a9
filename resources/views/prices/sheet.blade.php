{{-- What a piece costs, from the words of its sheet: of today, or as they were kept. --}}
@php $ways = Davrin\Core\Price\CostSheet::WAYS; @endphp
<section class="cost-sheet" aria-label="What it costs">
    @if ($sheet['isShort'])
        <p class="refused">Some of it is on no roll yet, so it costs more than this.</p>
    @endif
    <div class="scrolls" tabindex="0" role="region" aria-label="Materials">
        <table>
            <thead>
                <tr><th rowspan="2" scope="col">{{ ucfirst($sheet['made']) }}</th><th colspan="2" scope="colgroup">by length used</th><th colspan="2" scope="colgroup">by what is opened</th></tr>
                <tr>@foreach (['paid', 'list', 'paid', 'list'] as $at)<th scope="col">at {{ $at === 'paid' ? 'paid' : 'list' }}</th>@endforeach</tr>
            </thead>
            <tbody>
                @foreach ($sheet['lines'] as $line)
                    <tr>
                        <th scope="row">{{ $line['what'] }}
                            <details class="why"><summary>{{ $line['source'] }}</summary><div>{{ Str::unbroken($line['because']) }}</div></details>
                        </th>
                        @foreach (array_keys($ways) as $way)
                            <td @class(['counts' => $way === $sheet['way']])>{{ $line['ways'][$way] }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
            <tfoot>
                @foreach (($sheet['copies'] === 1 ? [] : ['all' => "materials of all {$sheet['copies']}"]) + ['each' => 'materials of one'] as $of => $words)
                    <tr>
                        <th scope="row">{{ $words }}</th>
                        @foreach (array_keys($ways) as $way)
                            <td @class(['counts' => $way === $sheet['way']])>{{ $sheet[$of][$way] }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tfoot>
        </table>
    </div>
    <p class="looked-at">{{ $sheet['difference'] }}@foreach ($sheet['lines'] as $line) @if ($line['waste']){{ $line['what'] }}: {{ Str::unbroken($line['waste']) }}, in what is used.@endif @endforeach</p>
    <dl class="sum">
        @foreach ($sheet['parts'] as $part)
            <dt>{{ ucfirst($part['label']) }}<span>{{ Str::unbroken($part['because']) }}</span></dt>
            <dd>{{ $part['shown'] }}</dd>
        @endforeach
        <dt class="together">What one costs</dt>
        <dd class="together">{{ $sheet['cost'] }}</dd>
    </dl>
</section>
