<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Colour\OrdersByCount;
use Davrin\Core\Material\Material;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Words;

/** Finds remedies for mesh that is not enough. Each one makes it safe, not merely enough at nominal length. */
final readonly class Remedies
{
    /** The shortest a remedy may make a piece, as a share of its length now; shorter is another wreath (docs/decisions.md). */
    private const LEAST_PART = [2, 3];

    public function __construct(private Trial $trial) {}

    /**
     * @param  non-empty-list<WoundResult>  $meshes  that are not enough, all for one part
     * @return list<Remedy>
     */
    public function forMeshes(Plan $plan, Result $before, array $meshes): array
    {
        $ids = array_map(fn (WoundResult $mesh): string => $mesh->wound->id, $meshes);
        $parts = array_values(
            array_filter(
                $plan->parts,
                fn (Part $part): bool => array_filter($meshes, fn (WoundResult $mesh): bool => $part->uses($mesh->wound)) !== [],
            ),
        );
        // What takes least to find is found first, so that where the search is cut short there is a way out all the same.
        $moreRolls = $this->moreRolls($plan, $meshes, $ids);
        $moreRolls = $moreRolls === null ? null : $this->trial->remedy($plan, $before, $moreRolls[0], $moreRolls[1], $ids);
        [$shorter, $barer] = [[
            ...array_map(
                fn (Part $part): ?array => $this->trial->shorter(
                    $plan,
                    $part,
                    self::LEAST_PART,
                    fn (array $fill): bool => $this->isEnough($plan, $ids, $fill),
                ),
                $parts,
            ),
            ...array_map(fn (Part $part): ?array => $this->fewerOfIt($plan, $part, $meshes), $parts),
            $this->fewerASection($plan, $parts, $ids),
        ], [
            // Of several parts the last one hides least.
            ...array_map(fn (Part $part): ?array => $this->bareTies($plan, $part, $ids), array_slice($parts, -1)),
        ]];

        return array_values(
            array_filter([...$this->worked($plan, $before, $shorter, $ids), $moreRolls, ...$this->worked($plan, $before, $barer, $ids)]),
        );
    }

    /**
     * @param  list<array{string, array<string, string>}|null>  $found  what to call each, and what to write
     * @param  list<string>  $ids
     * @return list<?Remedy>
     */
    private function worked(Plan $plan, Result $before, array $found, array $ids): array
    {
        return array_map(
            fn (array $its): ?Remedy => $this->trial->remedy($plan, $before, $its[0], $its[1], $ids),
            array_values(array_filter($found)),
        );
    }

    /**
     * An edit as a remedy, where these meshes are enough after it.
     *
     * @param  array<string, string>  $fill
     * @param  non-empty-list<string>  $ids
     */
    public function ifEnough(Plan $plan, Result $before, string $label, array $fill, array $ids): ?Remedy
    {
        return $this->isEnough($plan, $ids, $fill) ? $this->trial->remedy($plan, $before, $label, $fill, $ids) : null;
    }

    /**
     * Whether these meshes are enough once so much is written.
     *
     * @param  list<string>  $ids
     * @param  array<string, string>  $fill
     */
    private function isEnough(Plan $plan, array $ids, array $fill): bool
    {
        return $this->trial->meshesDo($plan, $fill, fn (array $after): bool => array_filter(
            $after, fn (RollOutcome $mesh): bool => in_array($mesh->wound->id, $ids, true) && ! $mesh->verdict->isGood(),
        ) === []);
    }

    /**
     * Where so many of each are dealt: as many of the mesh as there is enough of, and of the most frequent other one more for each.
     *
     * @param  non-empty-list<WoundResult>  $meshes
     * @return array{string, array<string, string>}|null
     */
    private function fewerOfIt(Plan $plan, Part $part, array $meshes): ?array
    {
        [$order, $short] = [$part->on->colourOrder, $meshes[0]->wound->id];
        $counts = $order instanceof OrdersByCount && $part->on->colourTask !== null && count($meshes) === 1
            ? $order->named($part->on->colourTask)
            : [];
        $others = array_diff_key($counts, [$short => 1]);
        if (! isset($counts[$short]) || $others === []) {
            return null;
        }
        arsort($others);
        $other = (string) array_key_first($others);
        $names = array_map(fn (Material $material): string => $material->name(), $plan->materials->all);
        $with = fn (int $count): array => [$other => $counts[$other] + $counts[$short] - $count, $short => $count];
        $fill = fn (int $count): array => [
            "parts.$part->id.material" => implode(
                ' + ',
                array_map(fn (string $mesh): string => ($with($count)[$mesh] ?? $counts[$mesh])." $mesh", array_keys($counts)),
            ),
        ];
        $best = $this->trial->most(
            1,
            $counts[$short] - 1,
            fn (int $count): bool => $this->isEnough($plan, [$short, $other], $fill($count)),
        );

        return $best === null
            ? null
            : [sprintf('%d of %s, %d of %s', $best, $names[$short], $with($best)[$other], $names[$other]), $fill($best)];
    }

    /**
     * @param  list<Part>  $parts
     * @param  list<string>  $ids
     * @return array{string, array<string, string>}|null
     */
    private function fewerASection(Plan $plan, array $parts, array $ids): ?array
    {
        $group = array_values(array_filter(
            array_filter(array_map(fn (Part $part): ?TieGroup => $part->on->group, $parts)),
            fn (TieGroup $group): bool => $group->slip->has('perSection'),
        ))[0] ?? null;
        if ($group === null) {
            return null;
        }
        $now = $group->slip->count('perSection');
        $least = intdiv($now * self::LEAST_PART[0] + self::LEAST_PART[1] - 1, self::LEAST_PART[1]);
        $fill = fn (int $count): array => ["ties.$group->id.perSection" => (string) $count];
        $best = $this->trial->most($least, $now - 1, fn (int $count): bool => $this->isEnough($plan, $ids, $fill($count)));

        return $best === null ? null : [Words::count($best, 'tie').' a section', $fill($best)];
    }

    /**
     * As few ties bare as will do, side by side at the end of the part, where a bow or a sign hides them.
     *
     * @param  list<string>  $ids
     * @return array{string, array<string, string>}|null
     */
    private function bareTies(Plan $plan, Part $part, array $ids): ?array
    {
        $ties = array_map(fn (Tie $tie): int => $tie->number, $part->on->ties());
        if ($part->demand->cuts === []) {
            return null;
        }
        sort($ties);
        $fill = fn (int $count): array => ["parts.$part->id.on" => 'ties '.implode(', ', array_slice($ties, 0, $count))];
        $least = intdiv(count($ties) * self::LEAST_PART[0] + self::LEAST_PART[1] - 1, self::LEAST_PART[1]);
        $best = $this->trial->most($least, count($ties) - 1, fn (int $count): bool => $this->isEnough($plan, $ids, $fill($count)));

        return $best === null ? null : ['Leave '.Words::ties(array_slice($ties, $best)).' bare', $fill($best)];
    }

    /**
     * @param  non-empty-list<WoundResult>  $meshes
     * @param  list<string>  $ids
     * @return array{string, array<string, string>}|null
     */
    private function moreRolls(Plan $plan, array $meshes, array $ids): ?array
    {
        foreach ([0, 1] as $more) {
            [$fill, $said] = [[], []];
            foreach ($meshes as $mesh) {
                $rolls = max($mesh->safeRolls ?? 0, ($mesh->wound->rolls() ?? count($mesh->plan->from(Origin::New))) + 1) + $more;
                $fill["materials.{$mesh->wound->id}.rolls"] = (string) $rolls;
                $said[] = Words::count($rolls, 'roll').(count($meshes) > 1 ? ' of '.$mesh->wound->name() : '');
            }
            if ($this->isEnough($plan, $ids, $fill)) {
                return ['Have '.Words::list($said).' at hand', $fill];
            }
        }

        return null;
    }
}
