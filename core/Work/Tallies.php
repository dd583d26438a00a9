<?php

declare(strict_types=1);

namespace Davrin\Core\Work;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\TieStuff;
use Davrin\Core\Demand\Run;
use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Tally;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** Draws the headline figures together. */
final class Tallies
{
    /** Minutes, all starting guesses. */
    private const TIE = 0.3;

    private const STROKE = 0.1;

    private const FLUFFING = 10.0;

    private const HANGER_AND_BACK = 5.0;

    /**
     * @param  list<PartResult>  $layers
     * @param  list<WoundResult>  $meshes
     */
    public static function of(Plan $plan, array $layers, array $meshes, TieStuff $stuff, Cost $cost, Estimates $estimates, Fullness $fullness): Tally
    {
        return new Tally(
            self::ties($plan),
            self::elements($layers),
            self::rolls($meshes),
            self::left($plan, $meshes),
            $stuff->stemsFigure,
            $stuff->packsFigure,
            $stuff->zipTiesFigure,
            $estimates->across(),
            $estimates->opening(),
            $estimates->depth(),
            $fullness->figure,
            self::minutes($plan, $meshes),
            $plan->settings->costsByLength() ? $cost->byLength : $cost->opened,
        );
    }

    private static function ties(Plan $plan): Figure
    {
        $because = [];
        foreach ($plan->ties->groups as $group) {
            $rows = array_map(fn (TieRow $row): string => self::rowWords($plan, $row), $group->rows);
            $because[] = sprintf('%s in %s', implode(' + ', $rows), Words::count($plan->form->sections(), 'section'));
        }

        return new Figure('ties', $plan->ties->count(), (string) $plan->ties->count(), $because === [] ? ['no layout of ties'] : $because);
    }

    /** "12 on the two outer wires", "7 on the left side, 6 on the middle of the stick and 7 on the right side". */
    private static function rowWords(Plan $plan, TieRow $row): string
    {
        $on = array_count_values(array_map(fn (Tie $tie): string => $plan->form->name($tie->seat), $row->ties));

        return Words::list(array_map(fn (string $name, int $count): string => "$count on the $name", array_keys($on), $on));
    }

    /** @param  list<PartResult>  $layers */
    private static function elements(array $layers): Figure
    {
        $count = array_sum(array_map(fn (PartResult $layer): int => count($layer->elements), $layers));
        $labels = array_values(array_unique(array_map(fn (PartResult $layer): string => $layer->count->label, $layers)));
        $label = count($labels) === 1 ? $labels[0] : 'pieces';

        return new Figure($label, $count, (string) $count, $layers === []
            ? ['no layer of mesh yet']
            : array_map(fn (PartResult $layer): string => $layer->count->shown, $layers));
    }

    /** @param  list<WoundResult>  $meshes */
    private static function rolls(array $meshes): Figure
    {
        $count = array_sum(array_map(fn (WoundResult $mesh): int => count($mesh->plan->rolls), $meshes));

        return new Figure($count === 1 ? 'roll' : 'rolls', $count, (string) $count, array_map(fn (WoundResult $mesh): string => $mesh->mesh->name().': '.$mesh->rolls->shown, self::some($meshes)));
    }

    /** @param  list<WoundResult>  $meshes */
    private static function left(Plan $plan, array $meshes): Figure
    {
        $left = Length::sum(array_map(fn (WoundResult $mesh): Length => $mesh->plan->left(), $meshes));

        return new Figure('left on the rolls', LengthText::canonical($left), $plan->units()->available($left), array_map(
            fn (WoundResult $mesh): string => $mesh->mesh->name().': '.$mesh->left->shown, self::some($meshes),
        ));
    }

    /**
     * @param  list<WoundResult>  $meshes
     * @return non-empty-list<WoundResult>
     */
    private static function some(array $meshes): array
    {
        return $meshes === [] ? throw new \LogicException('A plan has a mesh.') : $meshes;
    }

    /** @param  list<WoundResult>  $meshes */
    private static function minutes(Plan $plan, array $meshes): Figure
    {
        $ties = $plan->ties->count() * self::TIE;
        $strokes = self::STROKE * (
            array_sum(array_map(fn (Part $layer): int => count($layer->work->cuts) + array_sum(array_map(fn (Run $run): int => count($run->strands), $layer->work->runs)), $plan->layers))
            + array_sum(array_map(fn (WoundResult $mesh): int => count($mesh->plan->changes), $meshes))
        );
        $making = array_sum(array_map(fn (Part $layer): float => count($layer->work->elements) * $layer->technique->minutes(), $plan->layers));
        $finish = self::FLUFFING + self::HANGER_AND_BACK;
        $total = $ties + $strokes + $making + $finish;

        return new Figure('to make', (int) round($total), Words::minutes($total), [
            sprintf('ties %.1f + cuts %.1f + making and attaching %.1f + fluffing, hanger and back %.1f min (starting guesses)', $ties, $strokes, $making, $finish),
        ], true);
    }
}
