{{-- What a price comes to: its figures with their reasons, the postage, and where the money goes. --}}
<dl class="sum">
    @foreach ($sheet['figures'] as $figure)
        @if ($figure['label'] !== 'an hour really earns')
            <dt>{{ ucfirst($figure['label']) }}<span>{{ Str::unbroken($figure['because']) }}</span></dt>
            <dd>{{ $figure['shown'] }}</dd>
        @endif
    @endforeach
</dl>
@if ($sheet['post'])
    <p class="looked-at">{{ Str::unbroken($sheet['post']) }}</p>
@endif
@include('prices.bar')
