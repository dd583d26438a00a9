<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Estimate\TiesUsed;
use Davrin\Core\Estimate\WeightEstimate;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Tally;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** Computes the headline figures. */
final class TallyComputation
{
    /**
     * @param  list<PartResult>  $parts
     * @param  list<WoundResult>  $meshes
     * @param  list<GoodsUse>  $goods
     */
    public static function of(
        Plan $plan,
        array $parts,
        array $meshes,
        array $goods,
        Cost $cost,
        Estimates $estimates,
        Fullness $fullness,
        BuildOrder $build,
    ): Tally {
        return new Tally(
            self::ties($plan),
            TiesUsed::of($plan)->figure(),
            self::elements($parts),
            self::roughly($plan, self::rolls($meshes)),
            self::roughly($plan, self::left($plan, $meshes)),
            $estimates->across(),
            $estimates->opening(),
            $estimates->depth(),
            $fullness->figure,
            WeightEstimate::of($plan, $goods)->figure,
            $build->minutes(),
            $plan->settings->costsByLength() ? $cost->byLength : $cost->opened,
        );
    }

    /** An estimate where some of the mesh is measured by eye. */
    private static function roughly(Plan $plan, Figure $figure): Figure
    {
        return $plan->hasByEye() ? $figure->asEstimate(Plan::BY_EYE) : $figure;
    }

    private static function ties(Plan $plan): Figure
    {
        $because = [];
        foreach ($plan->ties->groups as $group) {
            $rows = array_map(fn (TieRow $row): string => self::rowWords($plan, $row), $group->rows);
            $because[] = sprintf(
                '%s in %s',
                implode(' + ', $rows),
                Words::count(count(array_unique(array_column($group->ties(), 'section'))), 'section'),
            );
        }

        return new Figure('ties', $plan->ties->count(), (string) $plan->ties->count(), $because === [] ? ['no layout of ties'] : $because);
    }

    /** "12 on the two outer wires", "7 on the left side, 6 on the middle of the stick and 7 on the right side". */
    private static function rowWords(Plan $plan, TieRow $row): string
    {
        $on = array_count_values(array_map(fn (Tie $tie): string => $plan->form->names->of($tie->seat), $row->ties));

        return Words::list(array_map(fn (string $name, int $count): string => "$count on the $name", array_keys($on), $on));
    }

    /** @param  list<PartResult>  $parts */
    private static function elements(array $parts): Figure
    {
        $parts = array_values(array_filter($parts, fn (PartResult $part): bool => $part->elements !== []));
        $count = array_sum(array_map(fn (PartResult $part): int => count($part->elements), $parts));
        $labels = array_values(array_unique(array_map(fn (PartResult $part): string => $part->count->label, $parts)));
        $label = count($labels) === 1 ? $labels[0] : 'pieces';

        return new Figure($label, $count, (string) $count, $parts === []
            ? ['no layer of mesh yet']
            : array_map(fn (PartResult $part): string => $part->count->shown, $parts));
    }

    /** @param  list<WoundResult>  $meshes */
    private static function rolls(array $meshes): Figure
    {
        $count = array_sum(array_map(fn (WoundResult $mesh): int => count($mesh->plan->rolls), $meshes));

        $opened = array_sum(array_map(fn (WoundResult $mesh): int => $mesh->plan->opened(), $meshes));

        return new Figure(
            ($count === 1 ? 'roll ' : 'rolls ').($opened === $count ? 'opened' : 'cut from'),
            $count,
            (string) $count,
            array_map(fn (WoundResult $mesh): string => $mesh->wound->name().': '.$mesh->rollWords(), self::some($meshes)),
        );
    }

    /** @param  list<WoundResult>  $meshes */
    private static function left(Plan $plan, array $meshes): Figure
    {
        $left = Length::sum(array_map(fn (WoundResult $mesh): Length => $mesh->plan->left(), $meshes));

        return new Figure('left on the rolls', LengthText::canonical($left), $plan->units()->available($left), array_map(
            fn (WoundResult $mesh): string => $mesh->wound->name().': '.$mesh->left->shown, self::some($meshes),
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
}
