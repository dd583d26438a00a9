@props(['key', 'figure', 'value' => null, 'note' => null, 'more' => []])
<details class="fact" id="fact-{{ $key }}">
    <summary><b>{{ $value ?? $figure->shown }}</b><span>{{ $note ?? $figure->label }}</span></summary>
    <ul class="reason">
        @foreach ([...$figure->because, ...$more] as $because)
            <li>{{ $because }}</li>
        @endforeach
    </ul>
</details>
