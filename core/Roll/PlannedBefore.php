<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Effort\Effort;

/** A remembered plan and the effort it took, so that a remembered result costs as much as a computed one. */
final readonly class PlannedBefore
{
    /**
     * @param  array<string, RollPlan>  $plans  by the id of the mesh
     * @param  int  $most  how many steps it could have taken
     * @param  bool  $wasCutShort  whether more could have changed it
     */
    private function __construct(public array $plans, private int $most, public int $spent, private bool $wasCutShort) {}

    /** @param  array<string, RollPlan>  $plans */
    public static function with(Effort $effort, int $most, array $plans): self
    {
        return new self($plans, $most, $effort->spent(), $effort->ranOut());
    }

    /** Whether the same result would come out with this effort: no part of a plan gets less than a 32nd of the whole. */
    public function isTheSameWith(Effort $effort): bool
    {
        return $effort->left() === $this->most || (! $this->wasCutShort && $effort->left() >= min($this->most, 64 * $this->spent));
    }
}
