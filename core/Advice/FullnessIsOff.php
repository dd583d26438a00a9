<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Estimate\FullnessEstimate;
use Davrin\Core\Part\FillsBetweenRows;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Words;

/** So little mesh that the form shows, or so much that it will not lie. Said at the last part that fills. */
final readonly class FullnessIsOff implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $parts = array_values(array_filter($plan->parts, fn (Part $part): bool => $part->kind->fullness() !== null));
        if ($parts === [] || ! ($result->fullness->isThin() || $result->fullness->isVeryFull())) {
            return [];
        }
        $part = $parts[count($parts) - 1];
        $amount = $result->fullness->figure->said();

        return [$result->fullness->isThin()
            ? new Warning(
                'thin',
                "parts.$part->id",
                [],
                'Thin.',
                "At $amount the form may show.",
                [],
                fn (): iterable => $this->fuller($plan, $part),
                'No single change here is enough: put another layer on it, or take wider mesh or more of it.',
            )
            : new Warning(
                'very-full',
                "parts.$part->id",
                [],
                'Very full.',
                sprintf(
                    '%s%s: it may not lie well, and mesh is spent that nobody sees.',
                    count($parts) > 1 ? count($parts).' layers, ' : '',
                    $amount,
                ),
                [],
                fn (): iterable => $this->leaner($plan, $part),
                'No single change here is enough: make the pieces shorter and fewer, or take narrower mesh.',
            )];
    }

    /** @return iterable<Proposal> */
    private function fuller(Plan $plan, Part $part): iterable
    {
        $does = $this->makes($plan, fn (Fullness $after): bool => ! $after->isThin() && ! $after->isVeryFull());
        $isFuller = $this->makes($plan, fn (Fullness $after): bool => ! $after->isThin());
        $filling = $part->kind instanceof FillsBetweenRows && count($part->on->rows) > 1
            ? self::ofPart($part, $part->kind->filling())
            : null;
        $found = [
            (new LengthSearch($this->trial))->longer($plan, $part, $isFuller),
            $filling !== null && $does($filling) ? ['Fill between the rows', $filling] : null,
            $this->moreStrands($plan, $part, $isFuller, $does),
            $this->tiesASection($part, [1, 2], $isFuller),
        ];
        foreach ($found as $remedy) {
            if ($remedy !== null && $this->doesNotRunShort($plan, $remedy[1])) {
                yield Proposal::filling($remedy);
            }
        }
    }

    /** @return iterable<Proposal> */
    private function leaner(Plan $plan, Part $part): iterable
    {
        $does = $this->makes($plan, fn (Fullness $after): bool => ! $after->isVeryFull());
        $found = [
            (new LengthSearch($this->trial))->shorter($plan, $part, [1, 2], $does),
            $this->tiesASection($part, [-1, 2], $does),
        ];
        foreach (array_filter($found) as $remedy) {
            yield Proposal::filling($remedy);
        }
        yield from $this->withoutTheLast($plan);
    }

    /**
     * As few of the parts that fill as will do, from the last one built on.
     *
     * @return iterable<Proposal>
     */
    private function withoutTheLast(Plan $plan): iterable
    {
        $filling = array_values(array_filter($plan->parts, fn (Part $part): bool => $part->kind->fullness() !== null));
        for ($left = count($filling) - 1; $left > 0; $left--) {
            $out = array_slice($filling, $left);
            $edit = new RemovePart(...array_column($out, 'id'));
            $edited = $this->trial->applied($plan, $edit);
            if ($edited !== null && ! FullnessEstimate::of($edited, $edited->parts)->isVeryFull()) {
                yield new Proposal(
                    count($out) === 1 ? "Leave these {$out[0]->kind->noun()[1]} out" : sprintf('Leave the last %d layers out', count($out)),
                    $edit,
                );

                return;
            }
        }
    }

    /**
     * The fewest extra strands of its last mesh that are enough; where even three are not, three and a longer pitch.
     *
     * @param  callable(array<string, string>): bool  $isFuller
     * @param  callable(array<string, string>): bool  $isUsual
     * @return array{string, array<string, string>}|null
     */
    private function moreStrands(Plan $plan, Part $part, callable $isFuller, callable $isUsual): ?array
    {
        $use = $part->kind->materials();
        $strands = $part->on->ids();
        [$label, $fill] = ['', []];
        while (! $use->counted && count($strands) < $use->most) {
            $strands[] = $strands[count($strands) - 1];
            [$label, $fill] = [sprintf('%d strands together', count($strands)), ["parts.$part->id.material" => implode(' + ', $strands)]];
            if ($isUsual($fill)) {
                return [$label, $fill];
            }
        }
        $longer = $fill === [] || $isFuller($fill)
            ? null
            : (new LengthSearch($this->trial))->longer($plan, $part, fn (array $length): bool => $isFuller($fill + $length));

        return $longer === null ? null : ["$label, ".lcfirst($longer[0]), $fill + $longer[1]];
    }

    /**
     * The nearest number of ties a section that does, between what it is now and a part more or less.
     *
     * @param  array{int, int}  $share  as a fraction, below zero for fewer
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null
     */
    private function tiesASection(Part $part, array $share, callable $does): ?array
    {
        if ($part->on->group?->slip->has('perSection') !== true) {
            return null;
        }
        $now = $part->on->group->slip->count('perSection');
        $bound = $now + intdiv($now * $share[0], $share[1]);
        $fill = fn (int $count): array => ["ties.{$part->on->group->id}.perSection" => (string) $count];
        $best = $share[0] > 0
            ? $this->trial->least($now + 1, max($bound, $now + 1), fn (int $count): bool => $does($fill($count)))
            : $this->trial->most($bound, $now - 1, fn (int $count): bool => $does($fill($count)));

        return $best === null ? null : [Words::count($best, 'tie').' a section', $fill($best)];
    }

    /**
     * @param  array<string, string>  $written  in its blanks
     * @return array<string, string> the same by address
     */
    private static function ofPart(Part $part, array $written): array
    {
        return array_combine(array_map(fn (string $key): string => "parts.$part->id.$key", array_keys($written)), array_values($written));
    }

    /**
     * A test of the fullness after an edit.
     *
     * @param  callable(Fullness): bool  $so
     * @return callable(array<string, string>): bool
     */
    private function makes(Plan $plan, callable $so): callable
    {
        return function (array $fill) use ($plan, $so): bool {
            /** @var array<string, string> $fill */
            return $this->trial->planDoes($plan, $fill, fn (Plan $after): bool => $so(FullnessEstimate::of($after, $after->parts)));
        };
    }

    /** @param  array<string, string>  $fill */
    private function doesNotRunShort(Plan $plan, array $fill): bool
    {
        return $this->trial->meshesDo(
            $plan,
            $fill,
            fn (array $after): bool => array_filter(
                $after,
                fn (RollOutcome $mesh): bool => $mesh->verdict->short || $mesh->verdict->atRisk,
            ) === [],
        );
    }
}
