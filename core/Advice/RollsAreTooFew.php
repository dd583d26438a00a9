<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Demand\Element;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Words;

/** A mesh is short: some elements come out of no roll, or not whole. */
final readonly class RollsAreTooFew implements Rule
{
    public const RULE = 'short';

    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $short = array_values(array_filter($result->wound, fn (WoundResult $mesh): bool => $mesh->verdict->short));

        return array_map(
            fn (array $meshes): Warning => $this->warning($plan, $result, $meshes),
            MaterialsOfAPart::grouped($short, fn (WoundResult $mesh): string => $mesh->plan->unmet[0]->part),
        );
    }

    /** @param  non-empty-list<WoundResult>  $meshes */
    private function warning(Plan $plan, Result $result, array $meshes): Warning
    {
        $unmet = array_values(
            array_column(
                array_map(
                    fn (Element $element): array => [$element->id, $element],
                    array_merge(...array_map(fn (WoundResult $mesh): array => $mesh->plan->unmet, $meshes)),
                ),
                1,
                0,
            ),
        );
        $part = $plan->part($unmet[0]->part);

        return new Warning(
            self::RULE,
            "parts.$part->id",
            MaterialsOfAPart::ids($meshes),
            sprintf('%s short.', ucfirst(self::counted($plan, $unmet))),
            self::runsOut($meshes, $part, $unmet).' '.implode(' ', self::lacks($plan, $result, $unmet)),
            MaterialsOfAPart::ties($unmet),
            (new RollProposals($this->trial, $plan, $meshes))->all(...),
        );
    }

    /**
     * "3 ruffles", "3 ruffles and 2 poofs".
     *
     * @param  list<Element>  $elements
     */
    private static function counted(Plan $plan, array $elements): string
    {
        $byPart = array_count_values(array_column($elements, 'part'));

        return Words::list(array_map(
            fn (string $part, int $count): string => Words::count($count, ...$plan->part($part)->kind->noun()),
            array_keys($byPart),
            $byPart,
        ));
    }

    /**
     * @param  non-empty-list<WoundResult>  $meshes
     * @param  list<Element>  $unmet
     */
    private static function runsOut(array $meshes, Part $part, array $unmet): string
    {
        $rolls = array_sum(array_map(fn (WoundResult $mesh): int => (int) $mesh->wound->rolls(), $meshes));
        $onHand = array_filter($meshes, fn (WoundResult $mesh): bool => $mesh->wound->onHand() !== []) !== [];
        $tie = $unmet[0]->ties[0] ?? null;
        $names = MaterialsOfAPart::names($meshes);

        $opened = array_sum(array_map(fn (WoundResult $mesh): int => count($mesh->plan->from(Origin::New)), $meshes));
        if ($rolls === 0 && ! $onHand) {
            return "There is no roll of $names, and none may be bought.";
        }
        $isOne = ! ($onHand && $rolls > 0) && $rolls <= 1;

        return sprintf(
            '%s of %s %s out%s.%s',
            match (true) {
                $rolls === 0 => 'What is on hand',
                $onHand => 'What is on hand and '.Words::count($rolls, 'new roll'),
                default => Words::count($rolls, 'roll'),
            },
            $names,
            $isOne ? 'runs' : 'run',
            match (true) {
                $tie === null => '',
                $part->demand->runs !== [] => ' at '.Words::ties([$tie]),
                default => ' before '.Words::ties([$tie]),
            },
            $opened > 0 && $opened < $rolls ? " $opened of them ".($opened === 1 ? 'is' : 'are').' opened.' : '',
        );
    }

    /**
     * Ties that then carry nothing, other elements that are not made, and those that are made in part.
     *
     * @param  list<Element>  $unmet
     * @return list<string>
     */
    private static function lacks(Plan $plan, Result $result, array $unmet): array
    {
        $begun = [];
        foreach ($result->wound as $mesh) {
            foreach ($mesh->plan->rolls as $roll) {
                foreach ($roll->segments as $segment) {
                    $begun[$segment->element->id ?? ''] = true;
                }
            }
        }
        $carrying = [];
        foreach (array_merge(...array_map(fn (PartResult $part): array => $part->elements, $result->parts)) as $element) {
            if (! $element->missing || isset($begun[$element->element->id])) {
                $carrying += array_fill_keys($element->element->ties, true);
            }
        }
        $bare = array_diff(array_merge(...array_column($unmet, 'ties')), array_keys($carrying));
        $isLeftOut = fn (Element $element): bool => ! isset($begun[$element->id]) && array_diff($element->ties, $bare) !== [];
        // A poof that would end at a bare tie is told of by that tie.
        $isToldByItsTie = fn (Element $element): bool => array_intersect($element->ties, $bare) !== [];
        $missing = array_filter($unmet, fn (Element $element): bool => $isLeftOut($element) && ! $isToldByItsTie($element));
        $inPart = array_filter($unmet, fn (Element $element): bool => isset($begun[$element->id]));

        return [
            ...($bare === [] ? [] : [ucfirst(Words::ties(array_values(array_unique($bare)))).' would stay bare.']),
            ...self::told($plan, $missing, 'would be missing'),
            ...self::told($plan, $inPart, 'would not be whole'),
        ];
    }

    /**
     * @param  array<Element>  $elements
     * @return list<string>
     */
    private static function told(Plan $plan, array $elements, string $how): array
    {
        return array_values(array_map(function (array $those) use ($plan, $how): string {
            [$noun, $ties] = [$plan->part($those[0]->part)->kind->noun(), MaterialsOfAPart::ties($those)];

            return $ties === []
                ? sprintf('%s %s.', ucfirst(Words::count(count($those), ...$noun)), $how)
                : sprintf('The %s at %s %s.', count($those) === 1 ? $noun[0] : $noun[1], Words::ties($ties), $how);
        }, self::byPart($elements)));
    }

    /**
     * @param  array<Element>  $elements
     * @return array<string, non-empty-list<Element>>
     */
    private static function byPart(array $elements): array
    {
        $byPart = [];
        foreach ($elements as $element) {
            $byPart[$element->part][] = $element;
        }

        return $byPart;
    }
}
