@props(['figure', 'class' => 'why'])
<details {{ $attributes->class($class) }}>
    <summary title="{{ $figure->label }}">{{ $slot->isEmpty() ? $figure->said() : $slot }}</summary>
    <ul class="reason">
        @foreach ($figure->because as $because)
            <li>{{ $because }}</li>
        @endforeach
    </ul>
</details>
