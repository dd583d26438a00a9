{{-- The figures a maker asks for first, each of which opens to its reason. --}}
<div {{ $region }} class="facts">
    @foreach ($facts as $key => $fact)
        <details class="fact" id="fact-{{ $key }}">
            <summary><b>{{ $fact['value'] }}</b><span>{{ $fact['note'] }}</span></summary>
            <ul class="reason">
                @foreach ($fact['because'] as $because)
                    <li>{{ $because }}</li>
                @endforeach
            </ul>
        </details>
    @endforeach
</div>
