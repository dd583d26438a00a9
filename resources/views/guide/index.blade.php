<x-page title="Guide" here="guide">
    <main class="px-8 pt-5 pb-16">
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
            <h1 class="mr-auto text-3xl">How it is made</h1>
            <a class="act act-strong" href="{{ route('guide.first') }}">A first wreath, from form to door</a>
            <a class="act" href="{{ route('guide.try') }}">Try one</a>
            <a class="quiet" href="{{ route('guide.glossary') }}">what the words mean</a>
        </div>
        <div class="mt-2"><x-search :sought="$sought" label="Find in the guide" hint="any name: cruffle, pipe cleaner, bubble, spike" /></div>
        @if ($sought !== '')
            <p class="mt-3" role="status">{{ $found === [] ? "Nothing in the guide is called \"$sought\", or says it." : Davrin\Core\Words\Words::count(count($found), 'page') }} <a href="{{ route('techniques') }}">Show the whole guide</a></p>
            <div class="guide-cards">@foreach ($found as $page)@include('guide.card')@endforeach</div>
        @endif
        @foreach ($chapters as $key => $chapter)
            <section class="guide-chapter" aria-labelledby="{{ $key }}">
                <h2 id="{{ $key }}">{{ $chapter['title'] }}</h2>
                <div class="guide-cards">@foreach ($chapter['pages'] as $page)@include('guide.card')@endforeach</div>
            </section>
        @endforeach
        <section class="mt-10 max-w-prose" id="care">
            <h2 class="text-xl">Take care</h2>
            @foreach (Davrin\Core\Demand\Caution::cases() as $caution)
                <p class="caution"><b>{{ $caution->title() }}.</b> {{ $caution->inFull() }}</p>
            @endforeach
            <p class="mt-3">Davrin gives figures, not assurances: follow the labels of your tools, and leave what may hang on a door to the local codes and the licensed professionals who know them.</p>
        </section>
    </main>
</x-page>
