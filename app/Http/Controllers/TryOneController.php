<?php

namespace App\Http\Controllers;

use App\Guide\Drawn;
use App\Guide\States;
use App\Guide\TryOne;
use App\Models\SavedPlan;
use App\Settings\House;
use App\Settings\LearnedNow;
use App\Suggest\FromTheShelf;
use App\Techniques\Sample;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Guide\Chapter;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Suggest\FirstWreath;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One element for practice, and a first plan that forgives. */
final class TryOneController
{
    private const USUAL = 'ruffle';

    private const LONGEST = 40;

    /** A first wreath is looked for no longer, in seconds. */
    private const SECONDS = 5.0;

    public function show(
        Request $request,
        Craft $craft,
        Guide $guide,
        States $states,
        PlanReader $reader,
        Engine $engine,
        LearnedNow $learned,
        House $house,
    ): View {
        $guide = $guide->measuredIn($house->units());
        $pages = array_column(array_map(fn (GuidePage $page): array => [$page->key, $page], $guide->in(Chapter::Mesh)), 1, 0);
        $asked = (string) $request->string('technique');
        $page = $pages[$asked] ?? $pages[self::USUAL];
        $sample = Sample::of($craft->parts[$page->key], $reader, $engine, $house->units(), $learned->figures());
        $typed = fn (string $field): string => mb_substr((string) $request->string($field), 0, self::LONGEST);

        return view('guide.try', [
            'try' => new TryOne(new Drawn($page, $sample, $states, $house->units()), $sample, $typed('reach'), $typed('minutes')),
            'pages' => array_map(fn (GuidePage $its): string => $its->title, $pages),
        ]);
    }

    /** A plan for a first wreath, of what lies on the shelf. */
    public function first(House $house, Craft $craft, PlanReader $reader, Engine $engine): RedirectResponse
    {
        $until = microtime(true) + self::SECONDS;
        $first = FirstWreath::of(
            FromTheShelf::given($house, 'usual', []),
            $house->currency(),
            $house->units(),
            $craft,
            $reader,
            $engine,
            fn (): bool => microtime(true) < $until,
        );
        if ($first === null) {
            return redirect()->route('shelf.index')->with(
                'refused',
                'No mesh on the shelf makes a first wreath by itself, and one roll more would not either. Put a roll of 10 in mesh on the '
                    .'shelf, 10 yd of it: that is enough.',
            );
        }

        return redirect()->route('plans.show', SavedPlan::start($first->plan, 'picked for a first wreath'))->with('said', $first->words());
    }
}
