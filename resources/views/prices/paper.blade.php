<h1>{{ $sheet['name'] }}</h1>
<p>{{ ucfirst($sheet['made']) }}, counted {{ Davrin\Core\Price\CostSheet::WAYS[$sheet['way']] }}.@if ($keptAt) Kept on {{ $keptAt->format('M j, Y') }}, as it was that day.@endif @if ($sheet['isShort']) Some of it is on no roll yet, so it costs more than this.@endif</p>
<table cellpadding="3">
<tr><th width="28%"><b>What</b></th><th width="24%"><b>From</b></th><th width="12%" align="right"><b>used, paid</b></th><th width="12%" align="right"><b>used, list</b></th><th width="12%" align="right"><b>opened, paid</b></th><th width="12%" align="right"><b>opened, list</b></th></tr>
@foreach ($sheet['lines'] as $line)
<tr><td>{{ $line['what'] }}</td><td>{{ $line['source'] }}</td>@foreach (array_keys(Davrin\Core\Price\CostSheet::WAYS) as $way)<td align="right">{{ $line['ways'][$way] }}</td>@endforeach</tr>
@endforeach
@foreach (($sheet['copies'] === 1 ? [] : ['all' => "Materials of all {$sheet['copies']}"]) + ['each' => 'Materials of one'] as $of => $words)
<tr><td colspan="2"><b>{{ $words }}</b></td>@foreach (array_keys(Davrin\Core\Price\CostSheet::WAYS) as $way)<td align="right"><b>{{ $sheet[$of][$way] }}</b></td>@endforeach</tr>
@endforeach
</table>
<p>{{ $sheet['difference'] }}</p>
<table cellpadding="3">
@foreach ([...$sheet['parts'], ['label' => 'what one costs', 'shown' => $sheet['cost'], 'because' => ''], ...$sheet['figures']] as $figure)
<tr><td width="28%">{{ ucfirst($figure['label']) }}</td><td width="14%" align="right"><b>{{ $figure['shown'] }}</b></td><td width="58%">{{ $figure['because'] }}</td></tr>
@endforeach
</table>
@if ($sheet['post'])<p>{{ $sheet['post'] }}</p>@endif
