@php [$page, $drawn] = [$try->page(), $try->drawn]; @endphp
<x-page title="Try one" here="guide">
    <main class="guide-page px-8 pt-5 pb-16">
        <svg width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$drawn->inks()" /></defs></svg>
        <p class="text-[13.5px]"><a href="{{ route('techniques') }}">The guide</a> · <a href="{{ route('guide.page', $page->key) }}">{{ $page->title }}</a></p>
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
            <h1 class="mr-auto text-3xl">Try one: {{ Str::lcfirst($page->title) }}</h1>
            <form method="get" action="{{ route('guide.try') }}"><label>another <select class="blank" name="technique">@foreach ($pages as $key => $title)<option value="{{ $key }}" @selected($key === $page->key)>{{ $title }}</option>@endforeach</select></label> <button class="act">Show it</button></form>
            <form method="post" action="{{ route('guide.try-first') }}">@csrf<button class="act act-strong">Pick a first wreath from my shelf</button></form>
        </div>
        <x-notices />
        <p class="mt-2 max-w-3xl">One for the hand, not for a piece. Nothing is written down, nothing leaves the shelf, and what you make of it can go into a scrap wreath.</p>
        <ol class="try-one">
            <li><h2>1 Cut</h2><p>{{ Str::unbroken($try->cut()) }}</p>
                @foreach ($try->sample->part()->cautions as $caution)<p class="caution">{{ $caution->words() }}</p>@endforeach</li>
            <li><h2>2 Make</h2>
                <ol class="guide-steps">
                    @foreach ($drawn->steps() as $step)
                        @include('guide.step', ['number' => $loop->iteration, 'sample' => $try->sample])
                    @endforeach
                </ol>
                @if ($page->twist)<p class="mt-3 max-w-3xl"><b>How to tie it:</b> {{ Str::unbroken($page->twist) }}</p>@endif
            </li>
            <li><h2>3 Count</h2>@foreach ($try->counts() as $count)<p>{{ $count }}</p>@endforeach</li>
            <li><h2>4 Check</h2>
                <ul class="happened">@foreach ($try->checks() as $check)<li>{{ Str::unbroken($check) }}</li>@endforeach</ul>
                <form method="get" action="{{ route('guide.try') }}#came" class="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-2" id="came">
                    <input type="hidden" name="technique" value="{{ $page->key }}">
                    @if ($try->sample->part()->size->standsOut())
                        <label>From the middle of its wires to its outer edge it measures <input class="blank" name="reach" value="{{ $try->reach }}" size="8" maxlength="40" autocomplete="off"></label>
                    @endif
                    <label>it took me <input class="blank" name="minutes" value="{{ $try->minutes }}" size="8" maxlength="40" autocomplete="off"></label>
                    <button class="act">How is that?</button>
                </form>
                @foreach ($try->refused as $why)<p class="problem mt-2" role="alert">{{ $why }}</p>@endforeach
                @foreach ($try->said as $words)<p class="said mt-2" role="status">{{ Str::unbroken($words) }}</p>@endforeach
            </li>
        </ol>
        <p class="mt-6 max-w-3xl text-soft">Well enough? <a href="{{ route('guide.first') }}">Then a first wreath</a>, from form to door.</p>
    </main>
</x-page>
