<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\PartLots;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Words\Words;

/** Two lots of one mesh would lie side by side, or no lot alone is enough where two in turn would be. */
final readonly class LotsDoNotMatch implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        return array_values(
            array_filter(array_map(fn (WoundResult $mesh): ?Warning => $this->warning($plan, $result, $mesh), $result->wound)),
        );
    }

    private function warning(Plan $plan, Result $result, WoundResult $mesh): ?Warning
    {
        $lots = PartLots::lots($mesh->wound);
        $part = $plan->partsOf($mesh->wound)[0] ?? null;
        if ($lots === null || $part === null) {
            return null;
        }
        $ofRolls = array_map(fn (RollUse $roll): ?string => $roll->stock->lot, $mesh->plan->rolls);
        $cut = array_values(array_unique(array_filter($ofRolls, fn (?string $lot): bool => $lot !== null)));
        sort($cut);
        $name = $mesh->wound->name();
        $byTurns = new Proposal('Take the two lots by turns', PartLots::of($mesh->wound->id));
        $warning = fn (string $rule, string $title, string $sentence, Proposal ...$proposals): Warning => new Warning(
            $rule, "parts.$part->id", [$mesh->wound->id], $title, $sentence, [], fn (): array => array_values($proposals),
            rolls: self::fromAnotherLot($mesh),
        );
        if (count($cut) > 1) {
            return $warning(
                'lots',
                'Two lots side by side.',
                sprintf('Lots %s of %s come as they lie on the rolls. Where they do not match, it shows.', Words::list($cut), $name),
                $byTurns,
                Proposal::filling(['Keep to one lot', ["materials.{$mesh->wound->id}.lots" => 'apart']]),
            );
        }

        return ($mesh->plan->unmetPieces > 0 || $mesh->plan->cents() > 0) && $this->isLess($plan, $result, $byTurns)
            ? $warning(
                'no-lot-alone',
                'No lot is enough alone.',
                sprintf('%s of %s may not match. By turns all the way round they look meant.', Words::list($lots), $name),
                $byTurns,
            )
            : null;
    }

    /** @return array<string, list<int>> the rolls at which another lot begins than that of the first, by material */
    private static function fromAnotherLot(WoundResult $mesh): array
    {
        [$first, $last] = [[], null];
        foreach ($mesh->plan->rolls as $roll) {
            $lot = $roll->stock->lot ?? $last;
            $first = $last !== null && $lot !== $last ? [...$first, $roll->number] : $first;
            $last = $lot;
        }

        return $first === [] ? [] : [$mesh->wound->id => $first];
    }

    /** Whether fewer pieces are short after it, or less is bought. */
    private function isLess(Plan $plan, Result $result, Proposal $proposal): bool
    {
        $edited = $this->trial->applied($plan, $proposal->edit);

        return $edited !== null && self::lacks($this->trial->onRolls($edited)) < self::lacks($result->wound);
    }

    /**
     * @param  list<RollOutcome>  $outcomes
     * @return array{int, int} pieces unmet, and cents for new rolls
     */
    private static function lacks(array $outcomes): array
    {
        return [
            array_sum(array_map(fn (RollOutcome $its): int => $its->plan->unmetPieces, $outcomes)),
            array_sum(array_map(fn (RollOutcome $its): int => $its->plan->cents(), $outcomes)),
        ];
    }
}
