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

/** Ribbon in the colour of all the mesh that it lies on is hardly seen there. */
final readonly class RibbonIsLost implements Rule
{
    public const RULE = 'ribbon-lost';

    public function look(Plan $plan, Result $result): array
    {
        $warnings = [];
        foreach ($plan->parts as $index => $part) {
            $meshes = self::beneath($part, array_slice($plan->parts, 0, $index));
            if ($meshes === [] || $part->size->standsOut() || $part->places() === []) {
                continue;
            }
            foreach ($part->on->wound() as $ribbon) {
                if (array_filter($meshes, fn (Wound $mesh): bool => ! self::areClose($ribbon, $mesh)) === []) {
                    $warnings[] = self::warning($plan, $part, $ribbon, $meshes);
                }
            }
        }

        return $warnings;
    }

    /**
     * The meshes that a part lies on: those on its ties, or all where it stands on none.
     *
     * @param  list<Part>  $before
     * @return list<Wound>
     */
    private static function beneath(Part $part, array $before): array
    {
        $numbers = fn (Part $its): array => array_map(fn (Tie $tie): int => $tie->number, $its->on->ties());
        $own = $numbers($part);
        $under = array_filter(
            $before,
            fn (Part $its): bool => $its->size->standsOut() && ($own === [] || array_intersect($own, $numbers($its)) !== []),
        );

        $meshes = array_merge(...array_map(fn (Part $its): array => $its->on->wound(), array_values($under)));

        return array_values(array_column($meshes, null, 'id'));
    }

    private static function areClose(Wound $one, Wound $other): bool
    {
        return ColourDistance::areAlike($one->slip->text('colour'), $other->slip->text('colour'));
    }

    /** @param  non-empty-list<Wound>  $meshes */
    private static function warning(Plan $plan, Part $part, Wound $ribbon, array $meshes): Warning
    {
        return new Warning(
            self::RULE,
            "parts.$part->id",
            [],
            'Ribbon in the colour of its mesh.',
            sprintf('%s is hardly told from %s that it lies on.', $ribbon->name(), Material::names($meshes)),
            [],
            fn (): array => OtherRibbons::insteadOf(
                $plan,
                $part,
                $ribbon,
                fn (Wound $other): bool => array_filter($meshes, fn (Wound $mesh): bool => ! self::areClose($other, $mesh)) !== [],
            ),
            'It would take a ribbon of another colour.',
        );
    }
}
