@props(['problem', 'kept' => 'The plan is as it was.'])
<p class="problem" id="problem" role="alert">{{ $problem->sentence }} <span>{{ $kept }}</span></p>
