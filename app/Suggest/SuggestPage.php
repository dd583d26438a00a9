<?php

namespace App\Suggest;

use App\Blanks\Problem;
use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\SuggestSearch;
use App\Settings\House;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Suggest\Suggestion;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Words\Refused;

/** What a search for something to make shows: the wishes as sentences with blanks, and what was found, each drawn. */
final readonly class SuggestPage
{
    /** While it looks on, and once it is done. */
    private const SHOWN = 6;

    private const SHOWN_AT_LAST = 12;

    /**
     * @param  list<array{number: int, name: string, how: string, why: string, facts: list<string>, drawing: FormDrawing}>  $shown
     * @param  list<string>  $loosen  what to loosen, where nothing fits
     */
    private function __construct(
        public ?SuggestSearch $search,
        public Line $wishes,
        public string $form,
        public array $only,
        public array $shown,
        public array $loosen,
        public ?Problem $problem,
    ) {}

    /** Before anything is looked for. */
    public static function blank(House $house, ?Problem $problem = null, string $form = 'usual', array $only = []): self
    {
        $wishes = Wishes::read([], $house->currency());

        return new self(null, self::line($wishes, $house->units()), $form, $only, [], [], $problem);
    }

    public static function of(SuggestSearch $search, House $house, ?Problem $problem = null): self
    {
        $ranking = $search->ranking();
        $shown = $ranking->shown($search->isDone() ? self::SHOWN_AT_LAST : self::SHOWN);
        $cards = [];
        foreach ($shown as $number => $its) {
            $why = $ranking->why($its, $shown, $house->units());
            $card = self::card($search, $its, $number, $why, $house->units());
            $cards = $card === null ? $cards : [...$cards, $card];
        }

        return new self(
            $search,
            self::line($search->wished(), $house->units()),
            $search->form,
            $search->only,
            $cards,
            $cards === [] && $search->isDone() ? $search->loosening()->sentences($search->wished(), $house->units()) : [],
            $problem,
        );
    }

    private static function line(Wishes $wishes, Units $units): Line
    {
        return Recipe::line(Wishes::ADDRESS, Wishes::sentence(), $wishes->slip, $units);
    }

    /** @return ?array{number: int, name: string, how: string, why: string, facts: list<string>, drawing: FormDrawing} */
    private static function card(SuggestSearch $search, Suggestion $its, int $number, string $why, Units $units): ?array
    {
        try {
            $plan = $search->search()->plan($its);
        } catch (Refused) {
            return null;
        }
        $result = app(Engine::class)->figures($plan);
        $kind = app(Craft::class)->parts[$its->of->technique];
        $tally = $result->tally;

        return [
            'number' => $number,
            'name' => $plan->name(),
            'how' => sprintf(
                '%s, %s, %s',
                $kind instanceof CutToLength ? lcfirst($kind->cutTo($units->exact($its->length))) : $units->exact($its->length),
                $tally->ties->said(),
                app(Craft::class)->layouts[(string) $its->of->layout['layout']]->name(),
            ),
            'why' => $why,
            'facts' => [
                $result->cost->total->shown(),
                $tally->minutes->shown,
                $tally->across->said(),
                $tally->fullness->shown,
                $its->metrics->rollsToBuy === 0 ? 'no roll to buy' : implode(', ', $result->toBuy()),
            ],
            'drawing' => new FormDrawing($plan, $result, Side::Front, prefix: "s$number-"),
        ];
    }
}
