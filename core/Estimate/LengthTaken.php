<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Words\Figure;

/** The mesh one part takes, cut in one go; a change of rolls costs two tails more, which the rolls show. */
final class LengthTaken
{
    public static function of(Part $part): Figure
    {
        $units = $part->on->units;
        $several = count($part->on->wound()) > 1;
        $because = [];
        foreach ($part->on->wound() as $mesh) {
            foreach (self::words($part, $mesh, $units) as $words) {
                $because[] = ($several ? $mesh->name().': ' : '').$words;
            }
        }
        $total = Length::sum(array_map(fn (Wound $mesh): Length => self::ofMesh($part, $mesh), $part->on->wound()));

        $figure = new Figure('mesh', LengthText::canonical($total), $units->needed($total), $because === [] ? ['nothing'] : $because);
        $byEye = array_filter($part->demand->runs, fn (Run $run): bool => $run->byEye) !== [];

        return $byEye ? $figure->asEstimate(Plan::BY_EYE) : $figure;
    }

    /** What it takes of one mesh. */
    public static function ofMesh(Part $part, Wound $mesh): Length
    {
        return Length::sum([
            self::standing($part, $mesh),
            ...array_map(fn (Run $run): Length => $run->tails()->times(self::strands($run, $mesh)), $part->demand->runs),
        ]);
    }

    /** The same without the tails of runs, which are tucked away. */
    public static function standing(Part $part, Wound $mesh): Length
    {
        $cuts = array_filter($part->demand->cuts, fn (Cut $cut): bool => $cut->material === $mesh->id);

        return Length::sum([
            ...array_map(fn (Cut $cut): Length => $cut->length, $cuts),
            ...array_map(
                fn (Run $run): Length => $run->length()->minus($run->tails())->times(self::strands($run, $mesh)),
                $part->demand->runs,
            ),
        ]);
    }

    private static function strands(Run $run, Wound $mesh): int
    {
        return count(array_keys($run->strands, $mesh->id, true));
    }

    /** @return list<string> */
    private static function words(Part $part, Wound $mesh, Units $units): array
    {
        $cuts = array_filter($part->demand->cuts, fn (Cut $cut): bool => $cut->material === $mesh->id);
        $counts = array_count_values(array_map(fn (Cut $cut): int => $cut->length->units, $cuts));
        $words = [];
        foreach ($counts as $length => $count) {
            $words[] = sprintf(
                '%d x %s = %s',
                $count,
                $units->exact(Length::ofUnits($length)),
                $units->exact(Length::ofUnits($length)->times($count)),
            );
        }

        return [
            ...$words,
            ...array_map(fn (Run $run): string => self::runWords($run, self::strands($run, $mesh), $units), $part->demand->runs),
        ];
    }

    private static function runWords(Run $run, int $strands, Units $units): string
    {
        $drops = Length::sum(array_map(fn (Step $step): Length => $step->drop, $run->steps));
        $one = sprintf(
            '%s + %d x %s%s + %s = %s',
            $units->exact($run->startTail),
            count($run->steps),
            $units->exact($run->steps[0]->pitch),
            $drops->isZero() ? '' : ' + '.$units->exact($drops).' to drop',
            $units->exact($run->endTail),
            $units->exact($run->length()),
        );

        return $strands === 1 ? $one : sprintf('%s, in %d strands %s', $one, $strands, $units->exact($run->length()->times($strands)));
    }
}
