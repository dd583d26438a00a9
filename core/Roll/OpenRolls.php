<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;

/** The rolls of one mesh while they are being planned. Rolls are numbered from 1 in the order they are opened. */
final class OpenRolls
{
    /** @var array<int, list<Segment>> */
    private array $segments = [];

    /** @var array<int, Length> */
    private array $left = [];

    public function __construct(private readonly Supply $supply) {}

    /**
     * The first roll that holds this much more, opening another where one is to be had; null where none is.
     *
     * @param  list<int>  $but  rolls that are in use by another strand
     */
    public function firstWithRoom(Length $needed, array $but = []): ?int
    {
        foreach ($this->left as $number => $left) {
            if (! $needed->isMoreThan($left) && ! in_array($number, $but, true)) {
                return $number;
            }
        }
        $opened = count($this->left);
        if ($needed->isMoreThan($this->supply->length) || ($this->supply->limit !== null && $opened >= $this->supply->limit)) {
            return null;
        }
        $this->segments[$opened + 1] = [];
        $this->left[$opened + 1] = $this->supply->length;

        return $opened + 1;
    }

    /** Closes a roll again that was opened last and for nothing. */
    public function giveBack(int $roll): void
    {
        if ($roll === count($this->left) && $this->segments[$roll] === []) {
            unset($this->left[$roll], $this->segments[$roll]);
        }
    }

    public function put(int $roll, SegmentKind $kind, Length $length, string $layer, ?int $tie, ?Element $element): void
    {
        $this->segments[$roll][] = new Segment($kind, $this->used($roll), $length, $layer, $tie, $element);
        $this->left[$roll] = $this->left[$roll]->minus($length);
    }

    public function used(int $roll): Length
    {
        return $this->supply->length->minus($this->left[$roll]);
    }

    public function left(int $roll): Length
    {
        return $this->left[$roll];
    }

    /** @return list<RollUse> */
    public function all(): array
    {
        return array_map(fn (int $number): RollUse => new RollUse($number, $this->supply->length, $this->segments[$number]), array_keys($this->segments));
    }
}
