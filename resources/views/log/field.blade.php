{{-- A row of a table whose last cell is written in. --}}
@php $refused = $problem?->address === $address; @endphp
<tr>
    <th scope="row">{{ $cells[0] }}</th>
    <td>{{ Str::unbroken($cells[1]) }}</td>
    <td><input class="blank" type="text" id="blank-{{ strtr($address, '.', '-') }}" name="set[{{ $address }}]" value="{{ $problem?->typed[$address] ?? $value }}" size="{{ $size }}" maxlength="40" aria-label="{{ $label }}" autocomplete="off" data-blank data-shown="{{ $value }}" @if ($refused) aria-invalid="true" aria-describedby="problem" @endif><input type="hidden" name="was[{{ $address }}]" value="{{ $value }}"></td>
</tr>
@if ($refused)<tr><td colspan="3"><x-problem :problem="$problem" kept="All else is as it was." /></td></tr>@endif
