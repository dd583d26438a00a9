<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Words\Words;

/** A whole roll is opened for a few pieces only, and a little less on each would save it. */
final readonly class LastRollGivesLittle implements Rule
{
    /** A last roll gives little when it gives up to this share of a full one. */
    private const LITTLE = 4;

    /** A remedy takes off no more than a sixth. */
    private const LEAST_PART = [5, 6];

    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        return array_values(array_filter(array_map(fn (Part $part): ?Advice => $this->advice($plan, $result, $part), $plan->parts)));
    }

    private function advice(Plan $plan, Result $result, Part $part): ?Advice
    {
        $meshes = array_values(array_filter($result->wound, fn (RollOutcome $mesh): bool => $part->uses($mesh->wound)));
        $little = array_values(array_filter($meshes, fn (RollOutcome $mesh): bool => self::littleRolls($mesh, $part) !== []));
        if (
            $little === []
            || array_filter($meshes, fn (RollOutcome $mesh): bool => $mesh->verdict->short || $mesh->verdict->atRisk) !== []
        ) {
            return null;
        }
        $ids = MaterialsOfAPart::ids($meshes);
        $shorter = $this->trial->shorter($plan, $part, self::LEAST_PART, fn (array $fill): bool => $this->trial->meshesDo(
            $plan, $fill, fn (array $after): bool => self::rolls($after, $ids) < self::rolls($result->wound, $ids)
                && array_filter(
                    $after,
                    fn (RollOutcome $mesh): bool => in_array($mesh->wound->id, $ids, true) && ! $mesh->verdict->isGood(),
                ) === [],
        ));

        $remedy = $shorter === null
            ? null
            : $this->trial->remedy($plan, $result, $shorter[0], $shorter[1], $ids, $this->aRoll($plan, $part, $little[0], $shorter[1]));

        return $remedy === null
            ? null
            : new Advice(
                'little-of-a-roll',
                "parts.$part->id",
                $ids,
                'A roll for a little.',
                self::sentence($little, $part),
                [],
                [$remedy],
            );
    }

    /**
     * @param  list<RollOutcome>  $meshes
     * @param  list<string>  $ids
     */
    private static function rolls(array $meshes, array $ids): int
    {
        return array_sum(
            array_map(fn (RollOutcome $mesh): int => in_array($mesh->wound->id, $ids, true) ? count($mesh->plan->rolls) : 0, $meshes),
        );
    }

    /** @param  non-empty-list<RollOutcome>  $little */
    private static function sentence(array $little, Part $part): string
    {
        $alike = MaterialsOfAPart::grouped(
            $little,
            fn (RollOutcome $mesh): string => json_encode(
                [self::littleRolls($mesh, $part), max(self::elements($mesh, $part))],
                JSON_THROW_ON_ERROR,
            ),
        );

        return implode(' ', array_map(function (array $meshes) use ($part): string {
            $rolls = self::littleRolls($meshes[0], $part);
            $several = count($rolls) * count($meshes) > 1;

            return sprintf(
                '%s %s of %s %s only %s%s; a full one gives %d.',
                count($rolls) === 1 ? 'Roll' : 'Rolls',
                Words::ranges(array_keys($rolls)),
                MaterialsOfAPart::names($meshes),
                $several ? 'give' : 'gives',
                Words::count(max([1, ...$rolls]), ...$part->kind->noun()),
                $several ? ' each' : '',
                max(self::elements($meshes[0], $part)),
            );
        }, $alike));
    }

    /**
     * What a roll gives afterwards: "24 poofs a roll (178 in of 180 in); ".
     *
     * @param  array<string, string>  $fill
     */
    private function aRoll(Plan $plan, Part $part, RollOutcome $mesh, array $fill): string
    {
        $said = '';
        $this->trial->meshesDo($plan, $fill, function (array $after) use ($plan, $part, $mesh, &$said): bool {
            foreach ($after as $its) {
                if ($its->wound->id === $mesh->wound->id) {
                    $fullest = array_search(max(self::elements($its, $part)), self::elements($its, $part), true);
                    $roll = array_values(array_filter($its->plan->rolls, fn (RollUse $roll): bool => $roll->number === $fullest))[0];
                    $said = sprintf(
                        '%s a roll (%s of %s); ',
                        Words::count(self::elements($its, $part)[$roll->number], ...$part->kind->noun()),
                        $plan->units()->exact($roll->used()),
                        $plan->units()->exact($roll->length),
                    );
                }
            }

            return true;
        });

        return $said;
    }

    /** @return array<int, int> of a mesh, the rolls that give only a little, and how many elements each gives */
    private static function littleRolls(RollOutcome $mesh, Part $part): array
    {
        $elements = self::elements($mesh, $part);
        // A roll that also serves another part is worth opening.
        $shared = array_filter(
            $mesh->plan->rolls,
            fn (RollUse $roll): bool => array_filter($roll->segments, fn (Segment $segment): bool => $segment->part !== $part->id) !== [],
        );
        $most = max($elements);
        $little = array_filter(
            array_diff_key($elements, array_flip(array_map(fn (RollUse $roll): int => $roll->number, $shared))),
            fn (int $count): bool => $count * self::LITTLE <= $most,
        );

        return count($elements) > count($little) ? $little : [];
    }

    /** @return non-empty-array<int, int> how many elements of the part each roll gives, by its number */
    private static function elements(RollOutcome $mesh, Part $part): array
    {
        $elements = [];
        foreach ($mesh->plan->rolls as $roll) {
            $elements[$roll->number] = count(
                array_filter($roll->segments, fn (Segment $segment): bool => $segment->part === $part->id && $segment->element !== null),
            );
        }

        return $elements === [] ? [1 => 0] : $elements;
    }
}
