{{-- What was just done, with its undo, or why it could not be. --}}
@if ($taken = session('takenDown'))
    <form method="post" action="{{ $taken['restore'] }}" class="said flex items-center gap-4" role="status">
        @csrf
        <span>"{{ $taken['name'] }}" is put away. {{ $taken['words'] ?? '' }}</span>
        <button class="act" autofocus>Bring it back</button>
    </form>
@endif
@if ($undo = session('undo'))
    <form method="post" action="{{ $undo['to'] }}" class="said flex items-center gap-4" role="status">
        @csrf
        @foreach ($undo['fields'] as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <span>{{ session('said') }}</span>
        <button class="act">Undo</button>
    </form>
@elseif (session('said'))
    <p class="said" role="status">{{ session('said') }}</p>
@endif
@if (session('refused'))
    <p class="refused" role="alert">{{ session('refused') }}</p>
@endif
