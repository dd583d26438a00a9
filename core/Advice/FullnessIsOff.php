<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Estimate\FullnessWork;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Words;

/** So little mesh that the form shows, or so much that it will not lie. Said at the last layer that fills. */
final readonly class FullnessIsOff implements Rule
{
    /** More than these are no help to choose. */
    private const REMEDIES = 3;

    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $layers = array_values(array_filter($plan->layers, fn (Part $layer): bool => $layer->technique->fullness() !== null));
        if ($layers === [] || ! ($result->fullness->isThin() || $result->fullness->isVeryFull())) {
            return [];
        }
        $layer = $layers[count($layers) - 1];
        $amount = $result->fullness->figure->said();

        $fuller = $result->fullness->isThin() ? $this->fuller($plan, $result, $layer) : [];

        return [$result->fullness->isThin()
            ? new Advice('thin', "layers.$layer->id", [], 'Thin.', "At $amount the form may show.".($fuller === [] && ! $this->trial->wasCutShort() ? ' No single change here is enough: put another layer on it, or take wider mesh or more of it.' : ''), [], $fuller)
            : new Advice('very-full', "layers.$layer->id", [], 'Very full.', sprintf('%s%s: it may not lie well, and mesh is spent that nobody sees.', count($layers) > 1 ? count($layers).' layers, ' : '', $amount), [], $this->leaner($plan, $result, $layer))];
    }

    /** @return list<Remedy> */
    private function fuller(Plan $plan, Result $result, Part $layer): array
    {
        $does = $this->makes($plan, fn (Fullness $after): bool => ! $after->isThin());
        $isUsual = $this->makes($plan, fn (Fullness $after): bool => ! $after->isThin() && ! $after->isVeryFull());
        $filling = ["layers.$layer->id.fill" => 'filling'];
        $found = array_filter([
            $this->trial->longer($plan, $layer, $does),
            $layer->on->slip->has('fill') && count($layer->on->rows) > 1 && $isUsual($filling) ? ['Fill between the rows', $filling] : null,
            $this->moreStrands($plan, $layer, $does, $isUsual),
            $this->tiesASection($layer, [1, 2], $does),
        ], fn (?array $remedy): bool => $remedy !== null && $this->doesNotRunShort($plan, $remedy[1]));

        return array_values(array_filter(array_map(fn (array $remedy): ?Remedy => $this->trial->remedy($plan, $result, $remedy[0], $remedy[1], []), array_slice(array_values($found), 0, self::REMEDIES))));
    }

    /** @return list<Remedy> */
    private function leaner(Plan $plan, Result $result, Part $layer): array
    {
        $does = $this->makes($plan, fn (Fullness $after): bool => ! $after->isVeryFull());
        $found = array_filter([$this->trial->shorter($plan, $layer, [1, 2], $does), $this->tiesASection($layer, [-1, 2], $does)]);

        return array_values(array_filter([
            ...array_map(fn (array $remedy): ?Remedy => $this->trial->remedy($plan, $result, $remedy[0], $remedy[1], []), array_values($found)),
            count($plan->layers) > 1 ? $this->trial->leavingOut($plan, $result, $layer) : null,
        ]));
    }

    /**
     * As few strands more of its last mesh as do; where even three do not, three and a longer pitch.
     *
     * @param  callable(array<string, string>): bool  $isFuller
     * @param  callable(array<string, string>): bool  $isUsual
     * @return array{string, array<string, string>}|null
     */
    private function moreStrands(Plan $plan, Part $layer, callable $isFuller, callable $isUsual): ?array
    {
        $use = $layer->technique->meshes();
        $strands = array_map(fn (Wound $mesh): string => $mesh->id, $layer->on->meshes);
        [$label, $fill] = ['', []];
        while (! $use->counted && count($strands) < $use->most) {
            $strands[] = $strands[count($strands) - 1];
            [$label, $fill] = [sprintf('%d strands together', count($strands)), ["layers.$layer->id.mesh" => implode(' + ', $strands)]];
            if ($isUsual($fill)) {
                return [$label, $fill];
            }
        }
        $longer = $fill === [] || $isFuller($fill) ? null : $this->trial->longer($plan, $layer, fn (array $length): bool => $isFuller($fill + $length));

        return $longer === null ? null : ["$label, ".lcfirst($longer[0]), $fill + $longer[1]];
    }

    /**
     * The nearest number of ties a section that does, between what it is now and a part more or less.
     *
     * @param  array{int, int}  $part  as a fraction, below zero for fewer
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null
     */
    private function tiesASection(Part $layer, array $part, callable $does): ?array
    {
        if (! $layer->on->group->slip->has('perSection')) {
            return null;
        }
        $now = $layer->on->group->slip->count('perSection');
        $bound = $now + intdiv($now * $part[0], $part[1]);
        $fill = fn (int $count): array => ["ties.{$layer->on->group->id}.perSection" => (string) $count];
        $best = $part[0] > 0
            ? $this->trial->least($now + 1, max($bound, $now + 1), fn (int $count): bool => $does($fill($count)))
            : $this->trial->most($bound, $now - 1, fn (int $count): bool => $does($fill($count)));

        return $best === null ? null : [Words::count($best, 'tie').' a section', $fill($best)];
    }

    /**
     * What tells whether it is so after an edit.
     *
     * @param  callable(Fullness): bool  $so
     * @return callable(array<string, string>): bool
     */
    private function makes(Plan $plan, callable $so): callable
    {
        return function (array $fill) use ($plan, $so): bool {
            /** @var array<string, string> $fill */
            return $this->trial->planDoes($plan, $fill, fn (Plan $after): bool => $so(FullnessWork::of($after, $after->layers)));
        };
    }

    /** @param  array<string, string>  $fill */
    private function doesNotRunShort(Plan $plan, array $fill): bool
    {
        return $this->trial->meshesDo($plan, $fill, fn (array $after): bool => array_filter($after, fn (RollOutcome $mesh): bool => $mesh->verdict->short || $mesh->verdict->atRisk) === []);
    }
}
