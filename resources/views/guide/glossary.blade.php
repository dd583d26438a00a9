<x-page title="What the words mean" here="guide">
    <main class="px-8 pt-5 pb-16">
        <p class="text-[13.5px]"><a href="{{ route('techniques') }}">The guide</a></p>
        <h1 class="text-3xl">What the words mean</h1>
        <dl class="glossary">
            @foreach ($words as $its)
                <div><dt>{{ $its['word'] }}</dt><dd>{{ Str::unbroken($its['means']) }}@if ($its['page'] !== null) <a href="{{ route('guide.page', $its['page']) }}">{{ Str::lcfirst($guide->pages[$its['page']]->title) }}</a>@endif</dd></div>
            @endforeach
        </dl>
    </main>
</x-page>
