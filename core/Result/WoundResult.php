<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;
use JsonSerializable;

/** The result for one wound material: its rolls cut by cut, what is used and left, and how many rolls are safe. */
final readonly class WoundResult extends RollOutcome implements JsonSerializable
{
    /**
     * @param  ?int  $safeRolls  how many new rolls of safe length it takes beside what is on hand; null where no number does
     * @param  ?int  $safeOpened  how many full rolls that opens, those on hand too
     */
    public function __construct(
        RollOutcome $on,
        public ?int $safeRolls,
        public ?int $safeOpened,
        public Figure $used,
        public Figure $rolls,
        public Figure $left,
        public Figure $slack,
        public ?Figure $aRollGives,
        public ?Figure $leftoversMake,
    ) {
        parent::__construct($on->wound, $on->verdict, $on->plan, $on->safePlan);
    }

    /** "2 opened, 2 to buy, 3 at hand, 3 needed": four numbers of rolls that are not the same. */
    public function rollWords(): string
    {
        $atHand = $this->wound->rolls();

        return implode(', ', [
            Words::count($this->plan->opened(), 'full roll').' opened',
            count($this->plan->from(Origin::New)).' to buy',
            $atHand === null ? 'as many at hand as needed' : "$atHand at hand",
            $this->safeRolls === null ? 'no number is enough' : "$this->safeRolls needed",
        ]);
    }

    /** @return list<Figure> */
    public function whatRollsGive(): array
    {
        return array_values(array_filter([$this->aRollGives, $this->leftoversMake]));
    }

    /** "1 5/8 in safe to spare", "3 5/8 in more than a short roll would give", "160 in missing" */
    public function slackWords(): string
    {
        $length = ltrim($this->slack->shown, '-');

        return $length.match (true) {
            $this->verdict->short => ' missing',
            $this->verdict->atRisk => ' more than a short roll would give',
            default => ' safe to spare',
        };
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->wound->id,
            'name' => $this->wound->name(),
            'verdict' => $this->verdict,
            'used' => $this->used,
            'rolls' => $this->rolls,
            'left' => $this->left,
            'slack' => $this->slack,
            'aRollGives' => $this->aRollGives,
            'leftoversMake' => $this->leftoversMake,
            'opened' => $this->plan->opened(),
            'toBuy' => count($this->plan->from(Origin::New)),
            'atHand' => $this->wound->rolls(),
            'safeRolls' => $this->safeRolls,
            'proof' => $this->plan->proof === null ? null : [
                'isBest' => $this->plan->isProvenBest(),
                'unmet' => ['is' => $this->plan->unmetPieces, 'atLeast' => $this->plan->proof->unmet],
                'money' => [
                    'is' => $this->wound->money($this->plan->cents())->canonical(),
                    'atLeast' => $this->wound->money($this->plan->proof->cents)->canonical(),
                ],
                'opened' => ['is' => $this->plan->opened(), 'atLeast' => $this->plan->proof->opened],
            ],
            'cuts' => $this->plan->rolls,
            'changes' => array_map(fn (RollChange $change): array => [
                'part' => $change->part,
                'tie' => $change->tie,
                'after' => $change->after->id,
                'fromRoll' => $change->fromRoll,
                'toRoll' => $change->toRoll,
                'wouldNeed' => LengthText::canonical($change->wouldNeed),
                'isFull' => $change->isFull,
            ], $this->plan->changes),
            'unmet' => array_map(fn (Element $element): string => $element->id, $this->plan->unmet),
        ];
    }
}
