<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Figure;
use Davrin\Core\Result\LayerResult;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Tally;
use Davrin\Core\Result\Words;

/** Draws the headline figures together. */
final class Tallies
{
    /** Minutes, all starting guesses. */
    private const TIE = 0.3;

    private const STROKE = 0.1;

    private const FLUFFING = 10.0;

    private const HANGER_AND_BACK = 5.0;

    /**
     * @param  list<LayerResult>  $layers
     * @param  list<MeshResult>  $meshes
     */
    public static function of(Plan $plan, array $layers, array $meshes, StemCount $stems, Cost $cost): Tally
    {
        return new Tally(
            self::ties($plan),
            self::elements($layers),
            self::rolls($meshes),
            self::left($plan, $meshes),
            $stems->stemsFigure,
            $stems->packsFigure,
            self::across($plan),
            self::opening($plan),
            self::minutes($plan, $meshes),
            $plan->settings->costsByLength() ? $cost->byLength : $cost->opened,
        );
    }

    private static function ties(Plan $plan): Figure
    {
        $rows = array_map(fn (array $row): string => sprintf('%d on the %s', count($row), $row[0]->pair->name($plan->form)), $plan->ties->rows);

        return new Figure('ties', $plan->ties->count(), (string) $plan->ties->count(), [
            sprintf('%s in %s', implode(' + ', $rows), Words::count($plan->form->sections(), 'section')),
        ]);
    }

    /** @param  list<LayerResult>  $layers */
    private static function elements(array $layers): Figure
    {
        $count = array_sum(array_map(fn (LayerResult $layer): int => count($layer->elements), $layers));
        $labels = array_values(array_unique(array_map(fn (LayerResult $layer): string => $layer->count->label, $layers)));
        $label = count($labels) === 1 ? $labels[0] : 'pieces and poofs';

        return new Figure($label, $count, (string) $count, $layers === []
            ? ['no layer of mesh yet']
            : array_map(fn (LayerResult $layer): string => $layer->count->shown, $layers));
    }

    /** @param  list<MeshResult>  $meshes */
    private static function rolls(array $meshes): Figure
    {
        $count = array_sum(array_map(fn (MeshResult $mesh): int => count($mesh->plan->rolls), $meshes));

        return new Figure($count === 1 ? 'roll' : 'rolls', $count, (string) $count, array_map(fn (MeshResult $mesh): string => $mesh->mesh->name().': '.$mesh->rolls->shown, self::some($meshes)));
    }

    /** @param  list<MeshResult>  $meshes */
    private static function left(Plan $plan, array $meshes): Figure
    {
        $left = Length::sum(array_map(fn (MeshResult $mesh): Length => $mesh->plan->left(), $meshes));

        return new Figure('left on the rolls', LengthText::canonical($left), $plan->units()->available($left), array_map(
            fn (MeshResult $mesh): string => $mesh->mesh->name().': '.$mesh->left->shown, self::some($meshes),
        ));
    }

    /**
     * @param  list<MeshResult>  $meshes
     * @return non-empty-list<MeshResult>
     */
    private static function some(array $meshes): array
    {
        return $meshes === [] ? throw new \LogicException('A plan has a mesh.') : $meshes;
    }

    /** Twice the largest distance that any element stands out from the middle. */
    private static function across(Plan $plan): Figure
    {
        $reach = max([$plan->form->reach(), ...array_map(fn (Layer $layer): float => $layer->extent()[1], $plan->layers)]);

        return self::size($plan, 'across', 2 * $reach, [
            ...array_map(fn (Layer $layer): string => self::standsOut($plan, $layer), $plan->layers),
            sprintf('twice the farthest from the middle: %s', $plan->units()->about(2 * $reach)),
        ]);
    }

    /** Twice the smallest distance that any element leaves open, never below nothing. */
    private static function opening(Plan $plan): Figure
    {
        if ($plan->layers === []) {
            return self::size($plan, 'opening', 0.0, ['no layer of mesh yet']);
        }
        $least = min(array_map(fn (Layer $layer): float => $layer->extent()[0], $plan->layers));

        return $least <= 0
            ? new Figure('opening', '0 in', 'closed', ['the mesh of the innermost row reaches past the middle'], true)
            : self::size($plan, 'opening', 2 * $least, [sprintf('twice the nearest to the middle: %s', $plan->units()->about(2 * $least))]);
    }

    /** @param  non-empty-list<string>  $because */
    private static function size(Plan $plan, string $label, float $inches, array $because): Figure
    {
        return new Figure($label, LengthText::canonical(Length::inches(0, (int) round($inches * 8), 8)), $plan->units()->about($inches), $because, true);
    }

    private static function standsOut(Plan $plan, Layer $layer): string
    {
        $units = $plan->units();
        $reach = $layer->technique->reach($layer->slip, $layer->mesh->width());

        return sprintf(
            'the row of the %s is %s from the middle, and one reaches %s further (a starting guess)',
            $layer->technique->noun()[1],
            $units->place(Length::ofUnits((int) round(($layer->extent()[1] - $reach) * Length::PER_INCH))),
            $units->about($reach),
        );
    }

    /** @param  list<MeshResult>  $meshes */
    private static function minutes(Plan $plan, array $meshes): Figure
    {
        $ties = $plan->ties->count() * self::TIE;
        $strokes = self::STROKE * (
            array_sum(array_map(fn (Layer $layer): int => count($layer->work->cuts) + count($layer->work->runs), $plan->layers))
            + array_sum(array_map(fn (MeshResult $mesh): int => count($mesh->plan->changes), $meshes))
        );
        $making = array_sum(array_map(fn (Layer $layer): float => count($layer->work->elements) * $layer->technique->minutes(), $plan->layers));
        $finish = self::FLUFFING + self::HANGER_AND_BACK;
        $total = $ties + $strokes + $making + $finish;

        return new Figure('to make', (int) round($total), Words::minutes($total), [
            sprintf('ties %.1f + cuts %.1f + making and attaching %.1f + fluffing, hanger and back %.1f min (starting guesses)', $ties, $strokes, $making, $finish),
        ], true);
    }
}
