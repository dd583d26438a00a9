<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Words;

/** What an edit changes, in words. */
final class Difference
{
    /** @param  list<string>  $meshes  whose use is told, by id */
    public static function between(Result $before, Result $after, array $meshes, Units $units): string
    {
        [$old, $new] = [self::meshes($before, $meshes), self::meshes($after, $meshes)];
        $rolls = fn (WoundResult $mesh): int => count($mesh->plan->rolls);
        $said = [];
        if (array_sum(array_map($rolls, $new)) !== array_sum(array_map($rolls, $old))) {
            $said[] = 'opens '.Words::count(array_sum(array_map($rolls, $new)), 'roll');
        }
        $bought = self::centsToBuy($new) - self::centsToBuy($old);
        if ($bought > 0) {
            $said[] = sprintf(
                'buys %s more for %s',
                Words::count(self::newRolls($new) - self::newRolls($old), 'roll'),
                Money::cents($bought)->shown(),
            );
        }
        if ($bought < 0 && self::newRolls($new) < self::newRolls($old)) {
            $said[] = sprintf(
                '%s less to buy (%s)',
                Words::count(self::newRolls($old) - self::newRolls($new), 'roll'),
                Money::cents(-$bought)->shown(),
            );
        }
        if ($after->tally->elements->value !== $before->tally->elements->value) {
            $said[] = $after->tally->elements->shown.' '.$after->tally->elements->label;
        }
        if ($new !== []) {
            $said[] = sprintf(
                'uses %s, leaves %s',
                $units->needed(Length::sum(array_map(fn (WoundResult $mesh): Length => $mesh->plan->used(), $new))),
                $units->available(Length::sum(array_map(fn (WoundResult $mesh): Length => $mesh->plan->left(), $new))),
            );
        }
        $reserve = array_map(
            fn (WoundResult $mesh): int => max(0, ($mesh->wound->rolls() ?? 0) - count($mesh->plan->from(Origin::New))),
            $new,
        );
        if (array_sum($reserve) > 0) {
            $price = Money::cents(
                array_sum(array_map(fn (WoundResult $mesh, int $count): int => $count * $mesh->wound->price()->cents, $new, $reserve)),
            );
            $said[] = sprintf('%s (%s) in reserve', Words::count(array_sum($reserve), 'roll'), $price->shown());
        }
        if ($after->tally->across->shown !== $before->tally->across->shown) {
            $said[] = $after->tally->across->shown.' '.$after->tally->across->label;
        }
        if (
            $after->fullness->verdict !== $before->fullness->verdict
            || ($new === [] && $after->fullness->figure->shown !== $before->fullness->figure->shown)
        ) {
            $said[] = $after->fullness->figure->shown;
        }
        array_push($said, ...self::money($before->cost->total, $after->cost->total));

        return $said === [] ? 'changes nothing else' : implode('; ', $said);
    }

    /**
     * @param  list<string>  $ids
     * @return list<WoundResult>
     */
    private static function meshes(Result $result, array $ids): array
    {
        return array_values(array_filter($result->wound, fn (WoundResult $mesh): bool => in_array($mesh->wound->id, $ids, true)));
    }

    /** @param  list<WoundResult>  $meshes */
    private static function newRolls(array $meshes): int
    {
        return array_sum(array_map(fn (WoundResult $mesh): int => count($mesh->plan->from(Origin::New)), $meshes));
    }

    /**
     * Cost of their new rolls, in cents.
     *
     * @param  list<WoundResult>  $meshes
     */
    private static function centsToBuy(array $meshes): int
    {
        return array_sum(array_map(fn (WoundResult $mesh): int => $mesh->plan->money()->cents, $meshes));
    }

    /** @return list<string> */
    private static function money(Money $before, Money $after): array
    {
        $difference = $after->minus($before);

        return match (true) {
            $difference->cents === 0 => [],
            $difference->cents > 0 => [$difference->shown().' more'],
            default => [Money::cents(-$difference->cents)->shown().' less'],
        };
    }
}
