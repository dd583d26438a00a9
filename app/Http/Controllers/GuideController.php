<?php

namespace App\Http\Controllers;

use App\Guide\Drawn;
use App\Guide\States;
use App\Http\KeptDrawing;
use App\Plans\Starter;
use App\Settings\House;
use App\Settings\LearnedNow;
use App\Techniques\Sample;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Guide\Chapter;
use Davrin\Core\Guide\FirstWreath;
use Davrin\Core\Guide\Glossary;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Plan\PlanReader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The guide: what there is, and how each is made. */
final readonly class GuideController
{
    private const LONGEST = 60;

    private Guide $guide;

    private Units $units;

    public function __construct(
        private Craft $craft,
        private PlanReader $reader,
        private Engine $engine,
        Guide $guide,
        private States $states,
        private LearnedNow $learned,
        House $house,
    ) {
        $this->units = $house->units();
        $this->guide = $guide->measuredIn($this->units);
    }

    public function index(Request $request): View
    {
        $sought = mb_substr(trim((string) $request->string('q')), 0, self::LONGEST);
        $found = $sought === '' ? [] : $this->guide->sought($sought);

        return view('guide.index', [
            'sought' => $sought,
            'found' => $found,
            // The same Davrin in the same units draws the same.
            'mark' => config('app.version').' '.$this->units->value,
            'chapters' => $sought === '' ? array_column(array_map(fn (Chapter $chapter): array => [
                $chapter->value,
                ['title' => $chapter->words(), 'pages' => $this->guide->in($chapter)],
            ], Chapter::cases()), 1, 0) : [],
        ]);
    }

    /** What stands for a page in a list. */
    public function picture(Request $request, string $page): Response
    {
        $its = $this->guide->pages[$page] ?? abort(404);

        return KeptDrawing::answer($request, (string) gzencode(view('guide.picture', ['drawn' => $this->drawn($its)])->render()));
    }

    public function show(string $page): View
    {
        $its = $this->guide->pages[$page] ?? abort(404);
        $chapter = $this->guide->in($its->chapter);
        $at = (int) array_search($its, $chapter, true);

        return view('guide.show', [
            'drawn' => $this->drawn($its),
            'before' => $chapter[$at - 1] ?? null,
            'after' => $chapter[$at + 1] ?? null,
        ]);
    }

    public function first(): View
    {
        // The figures of the plan that a new wreath is begun with.
        $begun = ['learned' => $this->learned->figures()->write()] + Starter::Ruffles->plan($this->reader)->write();
        $tally = $this->engine->figures($this->reader->read($begun))->tally;

        return view('guide.first', [
            'steps' => array_map(fn (array $step): array => [
                ...$step,
                'scene' => $this->states->draw($step['drawn'], null, $this->units),
                'pages' => array_map(fn (string $key): GuidePage => $this->guide->pages[$key], $step['pages']),
            ], FirstWreath::steps($this->units)),
            'takes' => "{$tally->minutes->shown} and {$tally->cost->shown} of material",
            'cautions' => [Caution::Cutter, Caution::Wire, Caution::HotGlue, Caution::SmallParts, Caution::Hook, Caution::Door],
        ]);
    }

    public function glossary(): View
    {
        return view('guide.glossary', ['words' => Glossary::words($this->units), 'guide' => $this->guide]);
    }

    private function drawn(GuidePage $page): Drawn
    {
        $kind = $this->craft->parts[$page->key] ?? null;

        $isShown = $kind !== null && ! $kind instanceof OwnWork;

        return new Drawn(
            $page,
            $isShown ? Sample::of($kind, $this->reader, $this->engine, $this->units) : null,
            $this->states,
            $this->units,
        );
    }
}
