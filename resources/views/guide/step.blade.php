{{-- One step, drawn: as the editor draws it where it is on the form, else as it lies on the table. --}}
<li>
    @if ($step['onForm'] && $sample)
        @php [$form, $frame] = [$sample->drawing("step-$number-"), $sample->frame()]; @endphp
        <svg class="on-form" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" aria-hidden="true"><defs><x-mesh-patterns :inks="$form->inks" /></defs><x-mesh-on-form :drawing="$form" /></svg>
    @else
        <x-guide-scene :scene="$step['scene']" />
    @endif
    <p><b>{{ $number }}</b> {{ Str::unbroken($step['says']) }}</p>
</li>
