<x-page title="Guide" here="guide">
    <main class="px-8 pt-5 pb-16">
        <h1 class="text-3xl">What a piece is made of</h1>
        <p class="mt-1 max-w-prose">Each as it usually is, on four wires 1 in apart. In a plan every figure of it can be written otherwise, and its drawing follows.</p>
        <div class="techniques">
            @foreach ($samples as $sample)
                <x-technique-sample :sample="$sample" />
            @endforeach
        </div>
        <section class="mt-8 max-w-prose">
            <h2 class="text-xl">Take care</h2>
            @foreach (Davrin\Core\Demand\Caution::cases() as $caution)
                <p class="caution">{{ $caution->words() }}</p>
            @endforeach
            <p class="mt-3">Davrin gives figures, not assurances: follow the labels of your tools, and leave what may hang on a door to the local codes and the licensed professionals who know them.</p>
        </section>
    </main>
</x-page>
