<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Demand\Element;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\EndsSooner;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Words;

/**
 * Strands of one mesh are tied together and end where their rolls end, so each set of rolls leaves a rest. If the strands ended
 * sooner, fewer rolls would be enough.
 */
final readonly class StrandsCouldEndSooner implements Rule
{
    public const RULE = 'sooner';

    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        return array_values(array_filter(array_map(fn (Part $part): ?Warning => $this->warning($plan, $result, $part), $plan->parts)));
    }

    private function warning(Plan $plan, Result $result, Part $part): ?Warning
    {
        $run = $part->demand->runs[0] ?? null;
        $doubled = $run === null || ! $run->together || $run->sooner
            ? []
            : array_filter(array_count_values($run->strands), fn (int $strands): bool => $strands > 1);
        $couldDoBetter = fn (WoundResult $mesh): bool => isset($doubled[$mesh->wound->id])
            && $mesh->plan->rolls !== []
            && ! $mesh->plan->isProvenBest();
        $meshes = array_values(array_filter($result->wound, $couldDoBetter));
        if ($meshes === [] || ! $part->kind instanceof EndsSooner) {
            return null;
        }
        $fill = [];
        foreach ($part->kind->endingSooner() as $key => $written) {
            $fill["parts.$part->id.$key"] = $written;
        }
        $lacks = self::lacks($result->wound);
        $sooner = null;
        $this->trial->meshesDo($plan, $fill, function (array $after) use (&$sooner): bool {
            /** @var list<RollOutcome> $after */
            $sooner = self::lacks($after);

            return true;
        });
        if ($sooner === null || $sooner >= $lacks) {
            return null;
        }

        return new Warning(
            self::RULE,
            "parts.$part->id",
            MaterialsOfAPart::ids($meshes),
            $sooner[0] < $lacks[0] ? 'More of them could be made.' : 'Fewer rolls would do.',
            sprintf('The strands of %s end where their rolls end, and each set of rolls leaves its rest.', MaterialsOfAPart::names($meshes))
                .self::numbers($lacks, $sooner, $part, $meshes[0]->wound),
            [],
            fn (): array => [Proposal::filling(['End the strands sooner', $fill])],
        );
    }

    /**
     * @param  array{int, int, int}  $lacks
     * @param  array{int, int, int}  $sooner
     */
    private static function numbers(array $lacks, array $sooner, Part $part, Wound $mesh): string
    {
        return match (true) {
            $sooner[0] < $lacks[0] => sprintf(
                ' So %s short; ended sooner, %d.',
                Words::count($lacks[0], ...$part->kind->noun()).($lacks[0] === 1 ? ' is' : ' are'),
                $sooner[0],
            ),
            $sooner[1] < $lacks[1] => sprintf(
                ' So rolls for %s are bought; ended sooner, for %s.',
                $mesh->money($lacks[1])->shown(),
                $mesh->money($sooner[1])->shown(),
            ),
            default => sprintf(
                ' So %s opened; ended sooner, %d.',
                Words::count($lacks[2], 'roll').($lacks[2] === 1 ? ' is' : ' are'),
                $sooner[2],
            ),
        };
    }

    /**
     * @param  list<RollOutcome>  $meshes
     * @return array{int, int, int} elements unmet, cents for new rolls, and full rolls opened
     */
    private static function lacks(array $meshes): array
    {
        return [
            count(array_unique(array_merge(...array_map(
                fn (RollOutcome $mesh): array => array_map(fn (Element $element): string => $element->id, $mesh->plan->unmet),
                $meshes,
            )))),
            array_sum(array_map(fn (RollOutcome $mesh): int => $mesh->plan->cents(), $meshes)),
            array_sum(array_map(fn (RollOutcome $mesh): int => $mesh->plan->opened(), $meshes)),
        ];
    }
}
