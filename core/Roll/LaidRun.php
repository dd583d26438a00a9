<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;

/** The changes of rolls within a run, and the elements that no roll was left for, by the id of the mesh. */
final readonly class LaidRun
{
    /**
     * @param  array<string, list<RollChange>>  $changes
     * @param  array<string, list<Element>>  $unmet
     */
    public function __construct(public array $changes, public array $unmet) {}
}
