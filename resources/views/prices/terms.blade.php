{{-- What pieces are priced by: for every plan, wherever it is written. --}}
<section class="terms" id="terms" aria-label="What I price by">
    <x-terms-form :line="$terms->work" :problem="$terms->problem" />
    @foreach (['places' => ['place', 'Where I sell'], 'boxes' => ['box', 'What I post it in']] as $list => [$one, $heading])
        <h3>{{ $heading }}</h3>
        @foreach ($terms->$list as $id => $line)
            <div class="term">
                <x-terms-form :line="$line" :problem="$terms->problem" />
                @if ($list === 'boxes' || count($terms->places) > 1)
                    <form method="post" action="{{ route('prices.edit') }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ $id }}">
                        <button class="quiet" name="do" value="remove-{{ $one }}">take away</button>
                    </form>
                @endif
            </div>
        @endforeach
        @if ($list === 'boxes' && $terms->boxes === [])
            <p class="looked-at">No box yet: postage is not counted.</p>
        @endif
        <form method="post" action="{{ route('prices.edit') }}">
            @csrf
            <button class="quiet" name="do" value="add-{{ $one }}">add a {{ $one }}</button>
        </form>
    @endforeach
    @if ($terms->problem && $terms->problem->address === null)
        <p class="problem" role="alert">{{ $terms->problem->sentence }}</p>
    @endif
    @if ($terms->mayUndo)
        <form method="post" action="{{ route('prices.undo') }}">
            @csrf
            <button class="quiet">undo the last change of these</button>
        </form>
    @endif
</section>
