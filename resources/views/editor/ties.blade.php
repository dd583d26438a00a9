<g {{ $region }}>
    @foreach ($ties as $tie)
        <a @class(['tie', 'is-warned' => $tie['warned'], 'is-lit' => $view->tie === $tie['number'], 'is-dot' => ! $tie['numbered'] && $view->tie !== $tie['number']]) href="{{ $url = $view->litTie($tie['number'])->url() }}" hx-get="{{ $url }}" hx-replace-url="true" id="tie-{{ $tie['number'] }}" data-tie-link tabindex="{{ $tie['number'] === ($view->tie ?? 1) ? 0 : -1 }}" aria-label="Tie {{ $tie['number'] }}, {{ $tie['where'] }}{{ $tie['warned'] ? ', warned of' : '' }}" transform="translate({{ $tie['x'] }} {{ $tie['y'] }}) scale({{ $more }})">
            <circle r="{{ App\Drawing\FormDrawing::TIE }}" />
            @if ($tie['changes'])
                <circle class="change" r="13" />
            @endif
            <text y="4">{{ $tie['number'] }}</text>
        </a>
    @endforeach
</g>
