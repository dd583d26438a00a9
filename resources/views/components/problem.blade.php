@props(['problem', 'slip'])
@if ($problem?->at($slip))
    <p class="problem" id="problem" role="alert">{{ $problem->sentence }} <span>The plan is as it was.</span></p>
@endif
