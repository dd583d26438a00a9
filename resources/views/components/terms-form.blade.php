{{-- One sentence of what pieces are priced by, which is saved as it is changed. --}}
@props(['line', 'problem' => null])
<form method="post" action="{{ route('prices.edit') }}" hx-post="{{ route('prices.edit', absolute: false) }}" hx-trigger="change" hx-target="main" hx-select="main" hx-swap="morph" hx-ext="morph" hx-sync="closest main:queue all">
    @csrf
    <x-sentence :line="$line" :problem="$problem" />
    @if ($problem?->at($line->address))
        <x-problem :problem="$problem" kept="All else is as it was." />
    @endif
    <noscript><button class="act">Save</button></noscript>
</form>
