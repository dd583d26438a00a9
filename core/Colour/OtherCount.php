<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Ties\Tie;
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
            } elseif ($count < $ties && $count >= $colours) {
                $bare = array_map(fn (Tie $tie): int => $tie->number, array_slice($row->ties, $count));
                $all = array_map(fn (Tie $tie): int => $tie->number, $colourTask->ties());
                $label = sprintf('%s, %s left bare', Words::count($count, 'tie'), Words::ties($bare));
                $remedies[$label] = ['on' => 'ties '.Words::ranges(array_values(array_diff($all, $bare)))];
            }
        }

        return $remedies;
    }

    /**
     * As many of each as can be, as it is written for colours that are counted.
     *
     * @param  list<string>  $meshes
     * @return array<string, array<string, string>> what to write, by what to call it; nothing where it is so already
     */
    public static function evened(ColourTask $colourTask, array $meshes, int $ties): array
    {
        $counts = [];
        foreach ($meshes as $place => $mesh) {
            $counts[$mesh] = intdiv($ties, count($meshes)) + ($place < $ties % count($meshes) ? 1 : 0);
        }
        $words = array_map(fn (string $mesh, int $count): string => "$count {$colourTask->names[$mesh]}", array_keys($counts), $counts);
        $written = array_map(fn (string $mesh, int $count): string => "$count $mesh", array_keys($counts), $counts);

        return min([1, ...$counts]) === 0 ? [] : [implode(' + ', $words) => ['material' => implode(' + ', $written)]];
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
