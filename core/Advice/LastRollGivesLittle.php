<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Words\Words;

/** A whole roll is opened for what a little less on each piece would save. */
final readonly class LastRollGivesLittle implements Rule
{
    public const RULE = 'little-of-a-roll';

    /** Pieces are made shorter by at most an eighth. */
    private const LEAST_PART = [7, 8];

    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        /** @var array<string, ?array{array{string, array<string, string>}, array<string, RollOutcome>}> $found by the ids of the parts */
        [$found, $groups, $saved] = [[], [], []];
        foreach ($result->wound as $mesh) {
            foreach (self::opened($mesh) > 0 ? LengthSearch::groups($plan->partsOf($mesh->wound)) : [] as $group) {
                $key = implode(' ', array_column($group, 'id'));
                $meshes = array_values(array_filter($result->wound, fn (WoundResult $its): bool => self::isUsed($group, $its)));
                if (! isset($groups[$key])) {
                    $found[$key] = self::areEnough($meshes) ? $this->found($plan, $result, $group) : null;
                    $groups[$key] = $group;
                }
                $after = $found[$key][1] ?? [];
                if ($after !== [] && self::opened($mesh) > self::opened($after[$mesh->wound->id])) {
                    $saved[$key][] = $mesh;
                    break;
                }
            }
        }

        $warnings = [];
        foreach ($saved as $key => $meshes) {
            [$remedy, $after] = $found[$key] ?? [['', []], []];
            $warnings[] = self::warning($plan, $groups[$key], $meshes, $after, $remedy);
        }

        return $warnings;
    }

    /**
     * The longest cut that opens fewer rolls, and what is on the rolls then.
     *
     * @param  non-empty-list<Part>  $group
     * @return ?array{array{string, array<string, string>}, array<string, RollOutcome>}
     */
    private function found(Plan $plan, Result $result, array $group): ?array
    {
        $now = array_combine(MaterialsOfAPart::ids($result->wound), $result->wound);
        $then = [];
        $isLess = function (array $after) use ($now, &$then): bool {
            /** @var list<RollOutcome> $after */
            $then = array_combine(MaterialsOfAPart::ids($after), $after);
            $isWorse = fn (RollOutcome $mesh): bool => ! $mesh->verdict->isGood() && $mesh->verdict != $now[$mesh->wound->id]->verdict;

            return self::opensFewer($now, $after) && array_filter($after, $isWorse) === [];
        };
        $remedy = (new LengthSearch($this->trial))->longestOnRolls(
            $plan,
            $group,
            self::LEAST_PART,
            fn (array $fill): bool => $this->trial->meshesDo($plan, $fill, $isLess),
            fn (array $needs): bool => array_filter($needs, fn (int $need, string $id): bool => self::opened($now[$id]) > 0
                && $need <= self::withoutARoll($now[$id]), ARRAY_FILTER_USE_BOTH) !== [],
            fn (array $fill): bool => $this->couldOpenFewer($plan, $now, $fill),
        );

        return $remedy === null ? null : [$remedy, $then];
    }

    /**
     * What may not be written is no reason to stop looking at longer ones.
     *
     * @param  array<string, RollOutcome>  $now  by material
     * @param  array<string, string>  $fill
     */
    private function couldOpenFewer(Plan $plan, array $now, array $fill): bool
    {
        $edited = $this->trial->applied($plan, new FillBlanks($fill));

        return $edited === null || self::opensFewer($now, $this->trial->onRolls($edited));
    }

    /**
     * Whether fewer rolls are opened of some material, and of none more.
     *
     * @param  array<string, RollOutcome>  $now  by material
     * @param  list<RollOutcome>  $after
     */
    private static function opensFewer(array $now, array $after): bool
    {
        $differ = array_map(fn (RollOutcome $mesh): int => self::opened($mesh) - self::opened($now[$mesh->wound->id]), $after);

        return array_sum($differ) < 0 && max([0, ...$differ]) === 0;
    }

    /**
     * @param  non-empty-list<Part>  $group
     * @param  non-empty-list<WoundResult>  $saving  materials that a roll is saved of
     * @param  array<string, RollOutcome>  $after
     * @param  array{string, array<string, string>}  $remedy
     */
    private static function warning(Plan $plan, array $group, array $saving, array $after, array $remedy): Warning
    {
        $part = array_values(array_filter($group, fn (Part $part): bool => $part->uses($saving[0]->wound)));
        $part = $part[count($part) - 1];
        $alike = MaterialsOfAPart::grouped(
            $saving,
            fn (WoundResult $mesh): string => json_encode(
                [self::fewest($mesh, $group), self::ofANewRoll($mesh, $part)],
                JSON_THROW_ON_ERROR,
            ),
        );

        return new Warning(
            self::RULE,
            "parts.$part->id",
            MaterialsOfAPart::ids($saving),
            'A roll for a little.',
            implode(' ', array_map(fn (array $meshes): string => self::sentence($meshes, $group, $part), $alike)),
            [],
            fn (): array => [Proposal::filling($remedy, self::aRoll($plan, $group, $after[$saving[0]->wound->id]))],
            rolls: array_combine(
                MaterialsOfAPart::ids($saving),
                array_map(fn (WoundResult $mesh): array => array_keys(self::fewest($mesh, $group)), $saving),
            ),
        );
    }

    /**
     * @param  non-empty-list<WoundResult>  $meshes
     * @param  non-empty-list<Part>  $group
     */
    private static function sentence(array $meshes, array $group, Part $part): string
    {
        $rolls = self::fewest($meshes[0], $group);
        $isOne = count($rolls) === 1;

        return sprintf(
            '%s %s of %s%s %s opened for %s%s; a new one gives %d.',
            $isOne ? 'Roll' : 'Rolls',
            Words::ranges(array_keys($rolls)),
            count($meshes) === 1 ? '' : 'each of ',
            MaterialsOfAPart::names($meshes),
            $isOne ? 'is' : 'are',
            self::counted(max([0, ...$rolls]), $part, $meshes[0]),
            $isOne ? '' : ' each',
            self::ofANewRoll($meshes[0], $part),
        );
    }

    /**
     * @param  list<Part>  $group
     * @return array<int, int> the full rolls that give the fewest pieces, by their number
     */
    private static function fewest(RollOutcome $mesh, array $group): array
    {
        $pieces = self::pieces($mesh, $group);

        return $pieces === [] ? [] : array_filter($pieces, fn (int $count): bool => $count === min($pieces));
    }

    /** @param  non-empty-list<Part>  $group */
    private static function isUsed(array $group, RollOutcome $mesh): bool
    {
        return array_filter($group, fn (Part $part): bool => $part->uses($mesh->wound)) !== [];
    }

    /**
     * Whether all are enough as it is.
     *
     * @param  list<WoundResult>  $meshes
     */
    private static function areEnough(array $meshes): bool
    {
        return array_filter($meshes, fn (WoundResult $mesh): bool => $mesh->verdict->short || $mesh->verdict->atRisk) === [];
    }

    /** What there is to cut from with one roll less than is opened now, in units of length. */
    private static function withoutARoll(RollOutcome $mesh): int
    {
        $rolls = $mesh->plan->from(Origin::Full, Origin::New);
        $lengths = array_map(fn (RollUse $roll): int => $roll->length->units, $rolls);
        $onHand = array_map(
            fn (Stock $stock): int => $stock->origin->opens() ? 0 : $stock->nominal->units * ($stock->count ?? 0),
            $mesh->plan->supply->stock,
        );

        return array_sum($onHand) + (count($rolls) - 1) * max([0, ...$lengths]);
    }

    private static function opened(RollOutcome $mesh): int
    {
        return $mesh->plan->opened();
    }

    /** What a new roll gives of a part at its length, in pieces or poofs. */
    private static function ofANewRoll(RollOutcome $mesh, Part $part): int
    {
        [$length, $tails] = [0, 0];
        foreach ($part->demand->cuts as $cut) {
            $length = max($length, $cut->material === $mesh->wound->id ? $cut->length->units : 0);
        }
        foreach ($part->demand->runs as $run) {
            $length = max($length, ...array_map(fn ($step): int => $step->pitch->units, $run->steps));
            $tails = $run->tails()->units;
        }

        return $length === 0 ? 0 : intdiv(max(0, $mesh->wound->nominal()->units - $tails), $length);
    }

    /** "6 pieces", "2 poofs": pieces where an element takes several of them. */
    private static function counted(int $count, Part $part, RollOutcome $mesh): string
    {
        $pieces = count(array_filter($part->demand->cuts, fn ($cut): bool => $cut->material === $mesh->wound->id));

        return $pieces > count($part->demand->elements) ? Words::count($count, 'piece') : Words::count($count, ...$part->kind->noun());
    }

    /**
     * What the fullest roll gives afterwards: "24 poofs a roll (178 in of 180 in); ".
     *
     * @param  list<Part>  $parts
     */
    private static function aRoll(Plan $plan, array $parts, RollOutcome $after): string
    {
        $pieces = self::pieces($after, $parts);
        if ($pieces === []) {
            return '';
        }
        arsort($pieces);
        $number = array_key_first($pieces);
        $roll = array_values(array_filter($after->plan->rolls, fn (RollUse $roll): bool => $roll->number === $number))[0];

        return sprintf(
            '%s a roll (%s of %s); ',
            self::counted($pieces[$number], $parts[count($parts) - 1], $after),
            $plan->units()->exact($roll->used()),
            $plan->units()->exact($roll->length),
        );
    }

    /**
     * @param  list<Part>  $parts
     * @return array<int, int> how many pieces or poofs of these parts each full roll gives, by its number
     */
    private static function pieces(RollOutcome $mesh, array $parts): array
    {
        $ids = array_column($parts, 'id');
        $pieces = [];
        foreach ($mesh->plan->rolls as $roll) {
            $its = array_filter($roll->segments, fn ($segment): bool => in_array($segment->part, $ids, true) && $segment->element !== null);
            if ($its !== [] && in_array($roll->stock->origin, [Origin::New, Origin::Full], true)) {
                $pieces[$roll->number] = count($its);
            }
        }

        return $pieces;
    }
}
