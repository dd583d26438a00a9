{{-- What was just done, with its undo, or why it could not be. --}}
@if ($taken = session('takenDown'))
    <form method="post" action="{{ route('plans.restore', $taken['id']) }}" class="said flex items-center gap-4" role="status">
        @csrf
        "{{ $taken['name'] }}" is taken down.
        <button class="act" autofocus>Hang it up again</button>
    </form>
@endif
@if (session('said'))
    <p class="said" role="status">{{ session('said') }}</p>
@endif
@if (session('refused'))
    <p class="refused" role="alert">{{ session('refused') }}</p>
@endif
