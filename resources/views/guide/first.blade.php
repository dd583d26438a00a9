<x-page title="A first wreath" here="guide">
    <main class="guide-page px-8 pt-5 pb-16">
        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="array_map(App\Guide\Palette::of(...), ['a', 'b', 'r', 's'])" /></defs></svg>
        <p class="text-[13.5px]"><a href="{{ route('techniques') }}">The guide</a></p>
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
            <h1 class="mr-auto text-3xl">A first wreath, from form to door</h1>
            <form method="post" action="{{ route('guide.try-first') }}">@csrf<button class="act act-strong">Pick one from my shelf</button></form>
        </div>
        <x-notices />
        <p class="mt-2 max-w-3xl">Eighteen ruffles of one mesh on a ring: an evening, one roll, {{ $takes }}. Nothing in it is hard to mend. <a href="{{ route('guide.try') }}">Try one ruffle</a> before you cut the roll.</p>
        <ol class="guide-steps">
            @foreach ($steps as $step)
                <li>
                    <x-guide-scene :scene="$step['scene']" />
                    <h2>{{ $loop->iteration }} {{ $step['title'] }}</h2>
                    <p>{{ Str::unbroken($step['says']) }}</p>
                    <p class="text-[13.5px]">@foreach ($step['pages'] as $page)<a href="{{ route('guide.page', $page->key) }}">{{ Str::lcfirst($page->title) }}</a>{{ $loop->last ? '' : ', ' }}@endforeach</p>
                </li>
            @endforeach
        </ol>
        <section class="mt-8 max-w-prose">
            <h2 class="text-xl">Take care</h2>
            @foreach ($cautions as $caution)<p class="caution"><b>{{ $caution->title() }}.</b> {{ $caution->inFull() }}</p>@endforeach
        </section>
    </main>
</x-page>
