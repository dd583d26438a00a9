<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Colour\ColourDistance;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Ties\Tie;

/** Two ribbons that lie together and look the same: one of them could be left away. */
final readonly class RibbonsLookAlike implements Rule
{
    public const RULE = 'ribbons-alike';

    public function look(Plan $plan, Result $result): array
    {
        $warnings = [];
        foreach ($plan->parts as $index => $part) {
            $own = $part->size->standsOut() ? [] : $part->on->wound();
            $beneath = $own === [] ? [] : self::onTheSameTies($part, array_slice($plan->parts, 0, $index));
            foreach ($own as $place => $ribbon) {
                foreach ([...array_slice($own, 0, $place), ...$beneath] as $other) {
                    if ($other->id !== $ribbon->id && self::areAlike($ribbon, $other)) {
                        $warnings[] = self::warning($plan, $part, $ribbon, $other, [...$own, ...$beneath]);

                        continue 2;
                    }
                }
            }
        }

        return $warnings;
    }

    /**
     * @param  list<Part>  $before
     * @return list<Wound> ribbons of parts before it that lie on its ties
     */
    private static function onTheSameTies(Part $part, array $before): array
    {
        $numbers = fn (Part $its): array => array_map(fn (Tie $tie): int => $tie->number, $its->on->ties());
        $own = $numbers($part);
        $there = array_filter($before, fn (Part $its): bool => ! $its->size->standsOut() && array_intersect($own, $numbers($its)) !== []);

        return array_merge(...array_map(fn (Part $its): array => $its->on->wound(), array_values($there)));
    }

    /** In colour and in pattern; a sheer one shows what lies under it. */
    private static function areAlike(Wound $one, Wound $other): bool
    {
        $isSheer = fn (Wound $ribbon): bool => $ribbon->slip->has('wired') && $ribbon->slip->text('wired') === 'sheer';

        return ColourDistance::areAlike($one->slip->text('colour'), $other->slip->text('colour'))
            && $one->slip->text('hatch') === $other->slip->text('hatch')
            && $isSheer($one) === $isSheer($other);
    }

    /** @param  list<Wound>  $together  all that lie there */
    private static function warning(Plan $plan, Part $part, Wound $ribbon, Wound $other, array $together): Warning
    {
        return new Warning(
            self::RULE,
            "parts.$part->id",
            [],
            'Two ribbons that look the same.',
            sprintf('%s lie together, and one is hardly told from the other.', Material::names([$other, $ribbon])),
            [],
            fn (): array => OtherRibbons::insteadOf($plan, $part, $ribbon, fn (Wound $instead): bool => array_filter(
                $together,
                fn (Wound $its): bool => $its->id !== $ribbon->id && self::areAlike($instead, $its),
            ) === []),
            'It would take a ribbon of another colour or pattern.',
        );
    }
}
