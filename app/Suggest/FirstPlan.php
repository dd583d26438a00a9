<?php

namespace App\Suggest;

use App\Settings\House;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Suggest\Given;
use Davrin\Core\Suggest\Search;
use Davrin\Core\Suggest\Suggestion;
use Davrin\Core\Suggest\Wishes;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/** A forgiving plan for a first wreath, of what lies on the shelf: one mesh off one roll, few cuts, little that frays. */
final readonly class FirstPlan
{
    /** It is looked for no longer, in seconds. */
    private const SECONDS = 5.0;

    /** So many of what was found are worked out, the likeliest first. */
    private const WORKED_OUT = 40;

    private function __construct(public Plan $plan, private Result $result) {}

    /** Null where nothing on the shelf makes one, and one roll more would not either. */
    public static function fromTheShelf(House $house): ?self
    {
        foreach ([0, 1] as $toBuy) {
            $wishes = Wishes::read([], $house->currency())->filled(
                ['wishes.skill' => 'beginner', 'wishes.buy' => (string) $toBuy],
                $house->units(),
            );
            $search = Search::over(
                app(Craft::class), app(PlanReader::class), app(Engine::class), $wishes, self::oneRollOfEach($house),
            );
            $until = microtime(true) + self::SECONDS;
            $found = $search->stretch(0, fn (): bool => microtime(true) < $until)->found;
            $best = self::mostForgiving($search, $found);
            if ($best !== null) {
                return $best;
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

    /** What lies on the shelf, of each mesh only its longest roll: a first wreath is not pieced together. */
    private static function oneRollOfEach(House $house): Given
    {
        $given = FromTheShelf::given($house, 'usual', [])->write();
        $blank = new OnHandBlank('onHand', 'what is on hand');
        $given['materials'] = array_map(function (array $its) use ($blank): array {
            $there = $blank->read($its['onHand'] ?? [], null);
            usort($there, fn (OnHand $a, OnHand $b): int => $b->length->units <=> $a->length->units);
            $longest = $there[0] ?? null;

            return ['onHand' => $longest === null ? [] : $blank->write([
                new OnHand(1, $longest->length, $longest->byLabel, $longest->lot, $longest->item, $longest->unit),
            ])] + $its;
        }, $given['materials']);

        return Given::read($given);
    }

    /** @param  list<Suggestion>  $found */
    private static function mostForgiving(Search $search, array $found): ?self
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
            $result = app(Engine::class)->figures($plan);
            // One roll, and something to spare on it; then what frays little, has few cuts and is quickly done.
            $hardness = [self::frays($plan), self::cuts($result), $its->metrics->minutes];
            if (self::rolls($result) === 1 && $result->verdict->isGood() && ($least === null || $hardness < $least)) {
                [$best, $least] = [new self($plan, $result), $hardness];
            }
        }

        return $best;
    }

    private static function frays(Plan $plan): int
    {
        return in_array($plan->usedWound()[0]->sort(), ['burlap mesh', 'see-through mesh'], true) ? 1 : 0;
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
