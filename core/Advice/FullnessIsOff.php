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
    /** So many times as many ties, or as few, are still the same design (guesses). */
    private const MOST_TIES = 2.0;

    private const FEWEST_TIES = 0.5;

    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $parts = array_values(array_filter($plan->parts, fn (Part $part): bool => $part->kind->fullness() !== null));
        if ($parts === [] || ! ($result->fullness->isThin() || $result->fullness->isVeryFull())) {
            return [];
        }
        $part = $parts[count($parts) - 1];
        $amount = $result->fullness->amount;

        return [$result->fullness->isThin()
            ? new Warning(
                'thin',
                "parts.$part->id",
                [],
                'Thin.',
                "At $amount it may show through.",
                [],
                fn (): iterable => $this->fuller($plan, $part),
                sprintf(
                    'No single change here is enough: it takes %s times this much mesh. Put another layer on it, or take wider mesh.',
                    number_format(ceil(10 * $result->fullness->times()) / 10, 1, '.', ''),
                ),
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
                sprintf(
                    'No single change here is enough: it has room for %s of this mesh. Leave layers out, make the pieces shorter and '
                        .'fewer, or take narrower mesh.',
                    self::part($result->fullness->times()),
                ),
            )];
    }

    /** "about a third", "about 0.6". */
    private static function part(float $times): string
    {
        foreach ([2 => 'half', 3 => 'a third', 4 => 'a quarter', 5 => 'a fifth', 6 => 'a sixth'] as $of => $word) {
            if (abs($times * $of - 1) < 0.08) {
                return "about $word";
            }
        }

        return 'about '.number_format(floor(100 * $times) / 100, 2, '.', '');
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
            $part->on->group === null ? null : $this->otherTies(OtherTies::more($plan, $part->on->group, self::MOST_TIES), $does),
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
        $shorter = (new LengthSearch($this->trial))->shorter($plan, $part, [1, 2], $does);
        $second = ["parts.$part->id.on" => 'every 2nd tie'];
        $isOnAll = count($part->on->ties()) === count($part->on->group?->ties() ?? []);
        $found = array_filter([
            $shorter,
            $this->fewerPieces($part, $does),
            $part->on->group === null ? null : $this->otherTies(OtherTies::fewer($plan, $part->on->group, self::FEWEST_TIES), $does),
            $isOnAll && $does($second) ? ['On every second tie', $second] : null,
        ]);
        foreach ($found as $remedy) {
            yield Proposal::filling($remedy);
        }
        if ($found === [] && $isOnAll) {
            $both = (new LengthSearch($this->trial))->shorter($plan, $part, [1, 2], fn (array $fill): bool => $does($second + $fill));
            if ($both !== null) {
                yield Proposal::filling(['On every second tie, '.lcfirst($both[0]), $second + $both[1]]);
            }
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
     * The nearest other number of ties that does.
     *
     * @param  iterable<array{string, array<string, string>}>  $numbers  the nearest first
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null
     */
    private function otherTies(iterable $numbers, callable $does): ?array
    {
        foreach ($numbers as $number) {
            if ($does($number[1])) {
                return $number;
            }
        }

        return null;
    }

    /**
     * Fewer pieces or strands in each element, the last ones left out; at least one.
     *
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null
     */
    private function fewerPieces(Part $part, callable $does): ?array
    {
        $use = $part->kind->materials();
        $ids = $part->on->ids();
        for ($count = count($ids) - 1; ! $use->counted && $count > 0; $count--) {
            $fill = ["parts.$part->id.material" => implode(' + ', array_slice($ids, 0, $count))];
            if ($does($fill)) {
                return [sprintf($part->demand->runs === [] ? '%s in each' : '%s together', Words::count(
                    $count,
                    $part->demand->runs === [] ? 'piece' : 'strand',
                )), $fill];
            }
        }

        return null;
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
