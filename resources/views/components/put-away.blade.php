{{-- What was put away, each with the way back. --}}
@props(['title', 'items', 'route', 'back'])
@if ($items->isNotEmpty())
    <section class="mt-4 border-t-[1.5px] border-dashed border-line pt-4">
        <h2 class="text-lg">{{ $title }}</h2>
        <ul class="mt-2 flex flex-wrap gap-x-8 gap-y-2">
            @foreach ($items as $item)
                <li class="flex items-baseline gap-3">
                    {{ $item->name }}
                    <form method="post" action="{{ route($route, $item) }}">
                        @csrf
                        <button class="quiet">{{ $back }}</button>
                    </form>
                </li>
            @endforeach
        </ul>
    </section>
@endif
