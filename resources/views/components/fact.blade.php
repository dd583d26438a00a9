@props(['key', 'figure', 'note' => null, 'more' => []])
<details class="fact" id="fact-{{ $key }}">
    <summary><b>{{ $figure->shown }}</b><span>{{ $note ?? $figure->label }}</span></summary>
    <ul class="reason">
        @foreach ([...$figure->because, ...$more] as $because)
            <li>{{ $because }}</li>
        @endforeach
    </ul>
</details>
