<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Figure;
use JsonSerializable;

/** The result for one wound material: its rolls cut by cut, what is used and left, and how many rolls are safe. */
final readonly class WoundResult extends RollOutcome implements JsonSerializable
{
    /** @param  ?int  $safeRolls  how many rolls of safe length it takes; null where no number does */
    public function __construct(
        RollOutcome $on,
        public ?int $safeRolls,
        public Figure $used,
        public Figure $rolls,
        public Figure $left,
        public Figure $slack,
    ) {
        parent::__construct($on->wound, $on->verdict, $on->plan, $on->safePlan);
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
            'safeRolls' => $this->safeRolls,
            'proof' => $this->plan->proof === null ? null : [
                'isBest' => $this->plan->isProvenBest(),
                'unmet' => ['is' => $this->plan->unmetPieces, 'atLeast' => $this->plan->proof->unmet],
                'money' => ['is' => $this->plan->money()->canonical(), 'atLeast' => $this->plan->proof->money->canonical()],
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
            ], $this->plan->changes),
            'unmet' => array_map(fn (Element $element): string => $element->id, $this->plan->unmet),
        ];
    }
}
