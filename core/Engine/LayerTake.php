<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Figure;

/** The mesh one layer takes, cut in one go; a change of rolls costs two tails more, which the rolls show. */
final class LayerTake
{
    public static function of(Plan $plan, Layer $layer): Figure
    {
        $units = $plan->units();
        [$lengths, $because] = [[], []];
        foreach (self::equalCuts($layer) as [$count, $length]) {
            $lengths[] = $length->times($count);
            $because[] = sprintf('%d x %s = %s', $count, $units->exact($length), $units->exact($length->times($count)));
        }
        foreach ($layer->work->runs as $run) {
            $lengths[] = self::runLength($run);
            $because[] = self::runWords($run, $units);
        }
        $total = Length::sum($lengths);

        return new Figure('mesh', LengthText::canonical($total), $units->needed($total), $because === [] ? ['nothing'] : $because);
    }

    /** @return list<array{int, Length}> */
    private static function equalCuts(Layer $layer): array
    {
        $counts = array_count_values(array_map(fn (Cut $cut): int => $cut->length->units, $layer->work->cuts));

        return array_map(fn (int $units, int $count): array => [$count, Length::ofUnits($units)], array_keys($counts), $counts);
    }

    private static function runLength(Run $run): Length
    {
        return $run->tails()->plus(...array_map(fn (Step $step): Length => $step->length(), $run->steps));
    }

    private static function runWords(Run $run, Units $units): string
    {
        $drops = Length::sum(array_map(fn (Step $step): Length => $step->drop, $run->steps));

        return sprintf(
            '%s + %d x %s%s + %s = %s',
            $units->exact($run->startTail),
            count($run->steps),
            $units->exact($run->steps[0]->pitch),
            $drops->isZero() ? '' : ' + '.$units->exact($drops).' to drop',
            $units->exact($run->endTail),
            $units->exact(self::runLength($run)),
        );
    }
}
