<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Continuous;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/** A forgiving plan for a first wreath, of what is given: one mesh off one roll, few cuts, little that frays (docs/decisions.md). */
final readonly class FirstWreath
{
    /** What frays more than plain mesh does (a guess). */
    private const FRAYING = ['burlap mesh', 'see-through mesh'];

    /** So many of what was found are worked out, the likeliest first. */
    private const WORKED_OUT = 40;

    private function __construct(public Plan $plan, private Result $result) {}

    /**
     * Null where nothing that is given makes one, and one roll more would not either.
     *
     * @param  callable(): bool  $goesOn  whether it may be looked for any longer
     */
    public static function of(
        Given $given,
        Currency $currency,
        Units $units,
        Craft $craft,
        PlanReader $reader,
        Engine $engine,
        callable $goesOn,
    ): ?self {
        $asked = self::mostForgivingFirst($given, $craft, $reader);
        foreach (['0', '1'] as $toBuy) {
            $wishes = Wishes::read([], $currency)->filled(['wishes.skill' => 'beginner', 'wishes.buy' => $toBuy], $units);
            foreach ($asked as $its) {
                $search = Search::over($craft, $reader, $engine, $wishes, $its);
                $best = self::mostForgiving($search, $search->stretch(0, $goesOn)->found, $engine);
                if ($best !== null) {
                    return $best;
                }
            }
        }

        return null;
    }

    public function words(): string
    {
        return sprintf(
            'Picked for a first wreath: %s, %s off %s of %s, and nothing in it is hard to mend.',
            $this->result->tally->elements->said(),
            Words::count(self::cuts($this->result), 'cut'),
            Words::count(self::rolls($this->result), 'roll'),
            $this->plan->usedWound()[0]->name(),
        );
    }

    /**
     * What is given, of each mesh only its longest roll, as a first wreath is not pieced together: first what hardly frays, and of it
     * what is tied as it comes off the roll, before what is cut to pieces. Where that makes one, the rest is not asked.
     *
     * @return list<Given>
     */
    private static function mostForgivingFirst(Given $given, Craft $craft, PlanReader $reader): array
    {
        $materials = ['firm' => [], 'fraying' => []];
        foreach ($given->wound as $written) {
            try {
                $read = $reader->read(['ties' => [], 'materials' => [['id' => 'm'] + $written], 'parts' => []])->wound()[0];
            } catch (Refused) {
                continue;
            }
            $rolls = $read->onHand();
            usort($rolls, fn (OnHand $a, OnHand $b): int => $b->length->units <=> $a->length->units);
            $longest = array_map(
                fn (OnHand $its): OnHand => new OnHand(1, $its->length, $its->byLabel, $its->lot, $its->item, $its->unit),
                array_slice($rolls, 0, 1),
            );
            $onHand = (new OnHandBlank('onHand', 'what is on hand'))->write($longest);
            $materials[in_array($read->sort(), self::FRAYING, true) ? 'fraying' : 'firm'][] = ['onHand' => $onHand] + $written;
        }
        $asked = [];
        foreach ($materials as $its) {
            foreach (self::runsBeforePieces($craft) as $techniques) {
                $asked[] = Given::read(['materials' => $its, 'techniques' => $techniques] + $given->write());
            }
        }

        return $asked;
    }

    /** @return array{list<string>, list<string>} techniques, by key */
    private static function runsBeforePieces(Craft $craft): array
    {
        $areRuns = array_map(fn (PartKind $kind): bool => $kind instanceof Continuous, $craft->parts);

        return [array_keys($areRuns, true, true), array_keys($areRuns, false, true)];
    }

    /** @param  list<Suggestion>  $found */
    private static function mostForgiving(Search $search, array $found, Engine $engine): ?self
    {
        $alone = array_values(array_filter($found, fn (Suggestion $its): bool => count($its->of->share) === 1));
        usort($alone, fn (Suggestion $a, Suggestion $b): int => $a->metrics->minutes <=> $b->metrics->minutes);
        [$best, $least] = [null, null];
        foreach (array_slice($alone, 0, self::WORKED_OUT) as $its) {
            try {
                $plan = $search->plan($its);
            } catch (Refused) {
                continue;
            }
            $result = $engine->figures($plan);
            // One roll, and something to spare on it; then what has few cuts and is quickly done.
            $hardness = [self::cuts($result), $its->metrics->minutes];
            if (self::rolls($result) === 1 && $result->verdict->isGood() && ($least === null || $hardness < $least)) {
                [$best, $least] = [new self($plan, $result), $hardness];
            }
        }

        return $best;
    }

    /** How often the mesh is cut: once for each piece, and once for each part of a run. */
    private static function cuts(Result $result): int
    {
        $cuts = 0;
        foreach ($result->wound as $mesh) {
            foreach ($mesh->plan->rolls as $roll) {
                $cuts += count(array_filter(
                    $roll->segments,
                    fn (Segment $its): bool => in_array($its->kind, [SegmentKind::Piece, SegmentKind::StartTail], true),
                ));
            }
        }

        return $cuts;
    }

    private static function rolls(Result $result): int
    {
        return (int) array_sum(array_map(fn (WoundResult $mesh): int => count($mesh->plan->rolls), $result->wound));
    }
}
