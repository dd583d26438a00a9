<?php

namespace App\Prices;

use App\Blanks\Problem;
use App\Settings\House;
use Davrin\Core\Price\ParcelBox;
use Davrin\Core\Price\RollOffer;
use Davrin\Core\Price\SellingPlace;
use Davrin\Core\Price\Terms;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;

/** What pieces are priced by, in sentences with blanks. */
final readonly class TermsPage
{
    /** Under this a problem waits in the session for the page that shows it. */
    public const PROBLEM = 'termsProblem';

    /**
     * @param  array<string, Line>  $places  by id
     * @param  array<string, Line>  $boxes  by id
     * @param  array<string, Line>  $offers  by id
     */
    private function __construct(
        public Line $work,
        public array $places,
        public array $boxes,
        public array $offers,
        public bool $mayUndo,
        public ?Problem $problem,
    ) {}

    public static function of(House $house): self
    {
        [$terms, $units] = [$house->terms(), $house->units()];
        $lines = function (string $list, string $sentence) use ($terms, $units): array {
            $lines = [];
            foreach ($terms->$list as $id => $its) {
                $lines[(string) $id] = Recipe::line("$list.$id", $sentence, $its->slip, $units);
            }

            return $lines;
        };
        $problem = session(self::PROBLEM);

        return new self(
            Recipe::line('work', Terms::workSentence(), $terms->work, $units),
            $lines('places', SellingPlace::sentence()),
            $lines('boxes', ParcelBox::sentence()),
            $lines('offers', RollOffer::sentence()),
            $house->pricedOtherwiseBefore(),
            $problem instanceof Problem ? $problem : null,
        );
    }
}
