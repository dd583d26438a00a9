@props(['problem'])
<p class="problem" id="problem" role="alert">{{ $problem->sentence }} <span>The plan is as it was.</span></p>
