<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Measure\Length;
use Davrin\Core\Supply\Stock;

/** One roll, from its free end, and what is left on it. */
final readonly class RollUse
{
    /**
     * @param  Length  $length  what it is counted to hold
     * @param  list<Segment>  $segments  in the order they come off the roll
     */
    public function __construct(public int $number, public Stock $stock, public Length $length, public array $segments) {}

    public function used(): Length
    {
        $last = $this->segments[count($this->segments) - 1] ?? null;

        return $last === null ? Length::zero() : $last->from->plus($last->length);
    }

    public function left(): Length
    {
        return $this->length->minus($this->used());
    }
}
