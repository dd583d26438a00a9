<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Material\Wound;

/** One mesh laid on its rolls, at nominal and at safe length, and whether it is enough. */
readonly class RollOutcome
{
    /**
     * @param  RollPlan  $plan  at nominal length
     * @param  RollPlan  $safePlan  the same demand on the same number of rolls at their safe length
     */
    public function __construct(public Wound $wound, public Verdict $verdict, public RollPlan $plan, public RollPlan $safePlan) {}

    public function withPlan(RollPlan $plan): self
    {
        return new self($this->wound, $this->verdict, $plan, $this->safePlan);
    }
}
