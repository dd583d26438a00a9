<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/** Other numbers of ties on which a pattern closes, and what to write for them. */
final class OtherCount
{
    /**
     * The next lower and the next higher multiple of the colours: by the layout, where it counts its ties; else the lower one
     * by leaving the last ties of the row bare.
     *
     * @return array<string, array<string, string>> what to write, by what to call it
     */
    public static function closing(ColourTask $colourTask, TieRow $row, int $colours): array
    {
        $ties = count($row->ties);
        $fewer = $ties - $ties % $colours;
        $remedies = [];
        foreach ([$fewer, $fewer + $colours] as $count) {
            $layout = self::inLayout($colourTask, $row, $count);
            if ($layout !== null) {
                $remedies[Words::count($count, 'tie')] = $layout;
            } elseif ($count < $ties && $count >= $colours && count($colourTask->rows) === 1) {
                $numbers = array_map(fn ($tie): int => $tie->number, $row->ties);
                $label = sprintf('%s, %s left bare', Words::count($count, 'tie'), Words::ties(array_slice($numbers, $count)));
                $remedies[$label] = ['on' => 'ties '.Words::ranges(array_slice($numbers, 0, $count))];
            }
        }

        return $remedies;
    }

    /** @return ?array<string, string> */
    private static function inLayout(ColourTask $colourTask, TieRow $row, int $count): ?array
    {
        $slip = $colourTask->group->slip;
        $index = $row->ties[0]->row - 1;
        $whole = array_filter(
            $colourTask->group->rows,
            fn (TieRow $its): bool => $its->ties[0]->row === $index + 1 && count($its->ties) === count($row->ties),
        );
        if ($whole === []) {
            // The part leaves some bare already: the layout does not say how many it has.
            return null;
        }
        if ($slip->has('rows')) {
            return ["ties.{$colourTask->group->id}.rows" => implode(', ', array_replace($slip->counts('rows'), [$index => $count]))];
        }
        $now = $slip->has('perSection') ? $slip->count('perSection') : 0;
        $sections = $now > 0 && count($row->ties) % $now === 0 ? intdiv(count($row->ties), $now) : 0;

        return $sections > 0 && count($colourTask->rows) === 1 && $count % $sections === 0
            ? ["ties.{$colourTask->group->id}.perSection" => (string) intdiv($count, $sections)]
            : null;
    }
}
