<?php

namespace App\Prices;

use App\Blanks\Problem;
use App\Settings\House;
use Davrin\Core\Price\ParcelBox;
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
     */
    private function __construct(
        public Line $work,
        public array $places,
        public array $boxes,
        public bool $mayUndo,
        public ?Problem $problem,
    ) {}

    public static function of(House $house): self
    {
        [$terms, $units] = [$house->terms(), $house->units()];
        $lines = fn (string $list, string $sentence, array $of): array => array_map(
            fn (string $id, SellingPlace|ParcelBox $its): Line => Recipe::line("$list.$id", $sentence, $its->slip, $units),
            array_keys($of),
            $of,
        );
        $problem = session(self::PROBLEM);

        return new self(
            Recipe::line('work', Terms::workSentence(), $terms->work, $units),
            array_combine(array_keys($terms->places), $lines('places', SellingPlace::sentence(), $terms->places)),
            array_combine(array_keys($terms->boxes), $lines('boxes', ParcelBox::sentence(), $terms->boxes)),
            $house->pricedOtherwiseBefore(),
            $problem instanceof Problem ? $problem : null,
        );
    }
}
