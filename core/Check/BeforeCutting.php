<?php

declare(strict_types=1);

namespace Davrin\Core\Check;

use Davrin\Core\Advice\BehindTheSign;
use Davrin\Core\Advice\HangsWell;
use Davrin\Core\Advice\InEachOthersWay;
use Davrin\Core\Advice\LastRollGivesLittle;
use Davrin\Core\Advice\RibbonIsLost;
use Davrin\Core\Advice\RibbonsLookAlike;
use Davrin\Core\Advice\RollsAreTooFew;
use Davrin\Core\Advice\SetsBehindTheSign;
use Davrin\Core\Advice\SignFits;
use Davrin\Core\Advice\StrandsCouldEndSooner;
use Davrin\Core\Advice\TiesAreMissed;
use Davrin\Core\Advice\TiesHoldNothing;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Money;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\Strips;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Words\Words;

/**
 * A plan read over before anything is cut, as a careful friend would: every mishap that makers know has its question
 * (docs/craft-figures.md), and what no question is about is told too.
 */
final readonly class BeforeCutting
{
    /** @param  non-empty-list<Answer>  $answers */
    private function __construct(public array $answers) {}

    public static function of(Plan $plan, Result $result): self
    {
        $questions = self::questions();
        $known = array_merge(...array_map(fn (Question $question): array => $question->rules, $questions));
        $else = array_values(array_filter($result->advice, fn (Advice $its): bool => ! in_array($its->rule, $known, true)));
        $answers = array_map(fn (Question $question): Answer => $question->answer($plan, $result, $result->advice), $questions);

        return new self([
            ...array_values(array_filter($answers, fn (Answer $answer): bool => $answer->isAsked())),
            new Answer('Is there anything else?', ['all sentences of the recipe'], $else),
        ]);
    }

    /** How many things were found. */
    public function count(): int
    {
        return array_sum(array_map(fn (Answer $answer): int => count($answer->found), $this->answers));
    }

    /** @return non-empty-list<Question> */
    private static function questions(): array
    {
        return [
            new Question(
                'Do the rolls give enough?',
                [RollsAreTooFew::RULE, 'every-inch', 'at-risk'],
                fn (Plan $plan, Result $result): array => array_map(
                    fn (WoundResult $its): string => "{$its->wound->name()}: {$its->used->shown} used, {$its->left->shown} left",
                    array_values(array_filter($result->wound, fn (WoundResult $its): bool => $its->plan->rolls !== [])),
                ),
            ),
            new Question(
                'Is a whole roll opened for a little?',
                [LastRollGivesLittle::RULE, StrandsCouldEndSooner::RULE, 'left-over'],
                fn (Plan $plan, Result $result): array => [$result->tally->rolls->said(), ...$result->toBuy()],
            ),
            new Question('Do colours of two lots meet?', ['lots'], fn (Plan $plan): array => array_map(
                fn (Wound $wound): string => "{$wound->name()}: ".($wound->mixesLots() ? 'lots may mix' : 'never two lots in one piece'),
                array_values(array_filter($plan->usedWound(), fn (Wound $wound): bool => $wound->onHand() !== [])),
            )),
            new Question(
                'Does every tie carry something?',
                [TiesAreMissed::RULE, TiesHoldNothing::RULE, 'unheld'],
                fn (Plan $plan, Result $result): array => $plan->ties->count() === 0
                    ? []
                    : ["{$result->tally->used->shown} ties", ...$result->tally->used->because],
            ),
            new Question(
                'Does the order of colours close?',
                ['seam', 'alike', 'across', 'across-rows', 'counts', 'beside', 'corner', 'no-anchor', 'long-pattern', 'fixed'],
                fn (Plan $plan): array => array_values(array_map(
                    fn (Part $part): string => "{$part->kind->noun()[1]} of {$part->materialNames()}, "
                        .$part->on->slip->show('order', $plan->units()),
                    array_filter($plan->parts, fn (Part $part): bool => $part->on->slip->has('order') && count($part->on->kinds()) > 1),
                )),
            ),
            new Question(
                'Does the form show through?',
                ['thin', 'very-full'],
                fn (Plan $plan, Result $result): array => $result->fullness->verdict === null
                    ? []
                    : ["{$result->tally->fullness->said()}, {$result->fullness->verdict}"],
            ),
            new Question(
                'Do poofs and pieces keep their size to the end?',
                ['too-short-a-pitch', 'too-short-round', 'board'],
                fn (Plan $plan): array => array_values(array_map(
                    fn (Part $part): string => $part->demand->runs[0]->byEye
                        ? "{$part->kind->noun()[1]} by eye: lay a ruler beside them, they get smaller as the roll ends"
                        : "{$part->kind->noun()[1]}, every pitch measured",
                    array_filter($plan->parts, fn (Part $part): bool => $part->demand->runs !== []),
                )),
            ),
            new Question(
                'Does the sign fit?',
                [SignFits::LARGE, SignFits::SUNK, SignFits::HEAVY, BehindTheSign::RULE, SetsBehindTheSign::RULE],
                fn (Plan $plan, Result $result): array => array_values(array_map(
                    fn (Part $part): string => "{$part->materialNames()}, on a piece {$result->tally->across->shown} with an opening "
                        ."of {$result->tally->opening->shown}",
                    array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof HidesWhatIsBehind),
                )),
            ),
            new Question(
                'Is everything clear of the words and of each other?',
                [InEachOthersWay::WORDS, InEachOthersWay::EACH_OTHER, 'even-number', 'wide-bow'],
                fn (Plan $plan): array => array_values(array_map(
                    fn (Part $part): string => Words::count(count($part->demand->elements), ...$part->kind->noun()),
                    array_filter($plan->parts, fn (Part $part): bool => $part->room() !== []),
                )),
            ),
            new Question(
                'Is the ribbon seen, and the right way up?',
                [RibbonIsLost::RULE, RibbonsLookAlike::RULE, 'print'],
                fn (Plan $plan): array => array_values(array_unique(array_merge(...array_map(
                    fn (Part $part): array => array_map(fn (Material $material): string => $material->name(), $part->on->kinds()),
                    array_values(array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof Strips)),
                )))),
            ),
            new Question('Has every bow its stem?', ['bow-stem'], fn (Plan $plan): array => array_values(array_map(
                fn (Part $part): string => "the {$part->kind->noun()[0]} of {$part->materialNames()}, held by "
                    .$part->on->slip->show(Bow::HOLDS, $plan->units()),
                array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof Bow),
            ))),
            new Question(
                'Are the ends cut before they are tied?',
                [],
                fn (Plan $plan, Result $result): array => array_values(array_unique(array_map(
                    fn (BuildStep $step): string => lcfirst(explode(':', rtrim($step->does, '.'))[0]),
                    array_filter(
                        $result->build,
                        fn (BuildStep $step): bool => $step->phase === Phase::Cutting && ! str_starts_with($step->key, 'cut.'),
                    ),
                ))),
            ),
            new Question(
                'Does it fit where it hangs?',
                ['too-deep', HangsWell::HEAVY, HangsWell::ASKEW, HangsWell::SEEN],
                fn (Plan $plan, Result $result): array => [
                    $result->tally->depth->said().($plan->settings->room() === null
                        ? ', no depth limit'
                        : ", {$plan->units()->exact($plan->settings->room())} of room"),
                    $result->tally->weight->shown,
                    $plan->finish->hook() === null
                        ? 'the rating of its hook is not known'
                        : "a hook rated for {$plan->finish->hook()->shown()}",
                ],
            ),
            new Question('Is it priced at what it costs again?', [], self::boughtOnSale(...)),
        ];
    }

    /** @return list<string> what was bought for less than it costs again */
    private static function boughtOnSale(Plan $plan): array
    {
        [$cheaper, $goods] = [[], array_filter($plan->goods(), fn (Material $its): bool => $plan->partsOf($its) !== [])];
        foreach ([...$plan->usedWound(), ...$goods] as $material) {
            $paid = $material->paid();
            if ($paid instanceof Money && $paid->cents < $material->price()->cents) {
                $cheaper[] = "{$material->name()} was bought at {$paid->shown()} and costs {$material->price()->shown()} again";
            }
        }

        return $cheaper;
    }
}
