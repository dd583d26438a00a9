<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** All that an edit changes, in words: result against result, and warnings against warnings. */
final class Difference
{
    /**
     * @param  Warning  $warning  that the edit mends; that it is gone goes without saying
     * @param  list<Warning>  $stood  before
     * @param  list<Warning>  $stands  after
     * @param  Plan  $edited  what $after was computed from
     */
    public static function between(
        Result $before,
        Result $after,
        Warning $warning,
        array $stood,
        array $stands,
        Plan $edited,
    ): string {
        $said = [
            ...self::materials($before, $after, $warning, $edited),
            ...self::figures($before, $after),
            ...self::money($before, $after),
            ...self::warnings($warning, $stood, $stands),
        ];

        return $said === [] ? 'changes nothing else' : implode('; ', $said);
    }

    /** @return list<string> material by material, named where more than the one that is warned of changes */
    private static function materials(Result $before, Result $after, Warning $warning, Plan $edited): array
    {
        $old = array_combine(array_map(fn (WoundResult $its): string => $its->wound->id, $before->wound), $before->wound);
        $changed = [];
        foreach ($after->wound as $its) {
            $said = self::rolls($old[$its->wound->id] ?? null, $its, $edited);
            if ($said !== []) {
                $changed[$its->wound->id] = $said;
            }
        }
        $isPlain = count($changed) === 1 && in_array(array_key_first($changed), [...$warning->materials, ...(
            count($before->wound) === 1 ? array_keys($old) : []
        )], true);
        if ($isPlain) {
            return $changed[array_key_first($changed)];
        }
        $names = [];
        foreach ($after->wound as $its) {
            $alike = isset($changed[$its->wound->id]) ? implode(', ', $changed[$its->wound->id]) : null;
            $names[$alike ?? ''][] = $its->wound->name();
        }
        unset($names['']);

        return array_map(
            fn (string $said, array $those): string => Words::list($those).": $said".(count($those) > 1 ? ' each' : ''),
            array_keys($names),
            $names,
        );
    }

    /** @return list<string> */
    private static function rolls(?WoundResult $was, WoundResult $its, Plan $edited): array
    {
        [$said, $units] = [[], $edited->units()];
        if ($was?->verdict != $its->verdict || $was?->plan->unmetPieces !== $its->plan->unmetPieces) {
            $said[] = match (true) {
                $its->verdict->short => self::missing($its, $edited).' short',
                ! $its->verdict->isGood() => $its->verdict->words(),
                $was === null => '',
                $was->verdict->short => 'nothing short',
                default => 'safe',
            };
        }
        $opened = fn (?WoundResult $result): int => $result?->plan->opened() ?? 0;
        if ($opened($its) !== $opened($was)) {
            $said[] = 'opens '.Words::count($opened($its), 'roll');
        }
        foreach ([Origin::Part, Origin::Loose] as $origin) {
            $count = count($its->plan->from($origin));
            if ($count !== count($was?->plan->from($origin) ?? [])) {
                $said[] = 'cuts from '.Words::count($count, $origin->value);
            }
        }
        [$new, $old] = [count($its->plan->from(Origin::New)), $was === null ? 0 : count($was->plan->from(Origin::New))];
        $cents = $its->plan->cents() - ($was?->plan->cents() ?? 0);
        if ($new !== $old || $cents !== 0) {
            $said[] = $new >= $old
                ? sprintf('buys %s more for %s', Words::count($new - $old, 'roll'), $its->wound->money($cents)->shown())
                : sprintf('%s less to buy (%s)', Words::count($old - $new, 'roll'), $its->wound->money(-$cents)->shown());
        }
        if ($was === null || $was->used->value !== $its->used->value || $was->left->value !== $its->left->value) {
            $said[] = sprintf('uses %s, leaves %s', $units->needed($its->plan->used()), $units->available($its->plan->left()));
        }
        $reserve = fn (?WoundResult $result): int => max(
            0,
            ($result?->wound->rolls() ?? 0) - count($result?->plan->from(Origin::New) ?? []),
        );
        if ($reserve($its) !== $reserve($was) && $reserve($its) > 0) {
            $said[] = sprintf(
                '%s (%s) only if needed',
                Words::count($reserve($its), 'roll'),
                $its->wound->price()->times($reserve($its))->shown(),
            );
        }

        return array_values(array_filter($said));
    }

    /** "2 ruffles", "1 ruffle and 3 poofs": the elements that it is not enough for. */
    private static function missing(WoundResult $its, Plan $edited): string
    {
        $missing = array_count_values(array_map(fn (Element $element): string => $element->part, $its->plan->unmet));

        return Words::list(array_map(
            fn (string $part, int $count): string => Words::count($count, ...$edited->part($part)->kind->noun()),
            array_keys($missing),
            $missing,
        ));
    }

    /** @return list<string> figures of the whole piece that are other than they were */
    private static function figures(Result $before, Result $after): array
    {
        $said = [];
        $labelled = fn (Figure $figure): string => "$figure->shown $figure->label";
        foreach ([
            [$before->tally->ties, $after->tally->ties, $labelled],
            [$before->tally->elements, $after->tally->elements, $labelled],
            [$before->tally->across, $after->tally->across, $labelled],
            [$before->tally->opening, $after->tally->opening, fn (Figure $figure): string => "opening $figure->shown"],
            [$before->tally->depth, $after->tally->depth, $labelled],
            [$before->fullness->figure, $after->fullness->figure, fn (Figure $figure): string => $figure->shown],
            [$before->tally->minutes, $after->tally->minutes, $labelled],
        ] as [$was, $is, $words]) {
            if ($was->shown !== $is->shown) {
                $said[] = $words($is);
            }
        }
        $goods = fn (Result $result): array => array_combine(
            array_map(fn (GoodsUse $use): string => $use->good->id, $result->goods),
            array_map(fn (GoodsUse $use): string => $use->count->shown, $result->goods),
        );

        return [...$said, ...array_values(array_diff_assoc($goods($after), $goods($before)))];
    }

    /** @return list<string> what it costs more or less, both ways it is counted */
    private static function money(Result $before, Result $after): array
    {
        $currency = $after->cost->total->currency;
        [$byLength, $opened] = [
            self::more($before->cost->byLength, $after->cost->byLength, $currency),
            self::more($before->cost->opened, $after->cost->opened, $currency),
        ];

        return $byLength === $opened
            ? array_filter([$byLength])
            : [
                ...($byLength === '' ? [] : ["$byLength by length"]),
                ...($opened === '' ? [] : ["$opened by what is opened"]),
            ];
    }

    /** "$0.14 less"; nothing where it is the same. */
    private static function more(Figure $before, Figure $after, Currency $currency): string
    {
        $amount = fn (Figure $figure): Money => Money::read((string) $figure->value, $currency);
        $more = $amount($after)->minus($amount($before));

        return $more->cents === 0 ? '' : Money::cents(abs($more->cents), $currency)->shown().($more->cents > 0 ? ' more' : ' less');
    }

    /**
     * @param  list<Warning>  $stood
     * @param  list<Warning>  $stands
     * @return list<string> the other warnings that are gone, and those that are new
     */
    private static function warnings(Warning $warning, array $stood, array $stands): array
    {
        [$old, $new] = [self::titles($stood), self::titles($stands)];
        $gone = array_diff_key($old, $new, self::titles([$warning]));
        $come = array_diff_key($new, $old);

        return [
            ...($gone === [] ? [] : ['no longer '.Words::list(array_values(array_unique($gone)))]),
            ...($come === [] ? [] : ['but then '.Words::list(array_values(array_unique($come)))]),
        ];
    }

    /**
     * @param  list<Warning>  $warnings
     * @return array<string, string> their titles as they stand in a sentence
     */
    private static function titles(array $warnings): array
    {
        $titles = [];
        foreach ($warnings as $one) {
            if (! $one->isToldByFigures()) {
                $titles["$one->rule $one->about"] = lcfirst(rtrim($one->title, '.'));
            }
        }

        return $titles;
    }
}
