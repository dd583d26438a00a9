<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\WantedTies;

/** So many of each, the first on the corners or the crossbars as far as there is of it; the others spread over the rest. */
final class CountedFrom extends ByCount
{
    public function __construct(private readonly WantedTies $where)
    {
        parent::__construct();
    }

    public function key(): string
    {
        return "by-count-{$this->where->value}";
    }

    public function name(): string
    {
        return "set counts, the first on the {$this->where->words()}";
    }

    protected function anchors(ColourTask $colourTask): array
    {
        return $this->where->ties($colourTask);
    }

    /** Between the corners or the crossbars the most frequent fills. */
    protected function isGround(ColourTask $colourTask, string $mesh): bool
    {
        $named = $this->named($colourTask);

        return ($named[$mesh] ?? 0) === max($named);
    }
}
