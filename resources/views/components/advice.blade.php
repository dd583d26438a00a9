@props(['advice', 'saved', 'view'])
{{-- Where there are many ways out, the first two stand there and the others are one click away. --}}
@php [$shown, $folded] = count($advice->remedies) > 3 ? [array_slice($advice->remedies, 0, 2), array_slice($advice->remedies, 2)] : [$advice->remedies, []]; @endphp
<div class="advice">
    <p><b>{{ $advice->title }}</b> {{ Str::unbroken($advice->sentence) }}</p>
    <div class="remedies">
        @foreach ($shown as $remedy)
            <x-remedy :remedy="$remedy" :saved="$saved" :view="$view" />
        @endforeach
    </div>
    @if ($folded !== [])
        <details class="more-ways">
            <summary>{{ count($folded) }} more ways</summary>
            <div class="remedies">
                @foreach ($folded as $remedy)
                    <x-remedy :remedy="$remedy" :saved="$saved" :view="$view" />
                @endforeach
            </div>
        </details>
    @endif
</div>
