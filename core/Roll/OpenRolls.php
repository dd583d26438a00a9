<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

/** The rolls of one mesh while they are being planned. They are numbered from 1 in the order that they are first cut. */
final class OpenRolls
{
    /** @var array<int, list<Segment>> */
    private array $segments = [];

    /** @var array<int, Length> */
    private array $left = [];

    /** @var array<int, Length> */
    private array $used = [];

    /** @var array<int, int> of which stock each is, by its place */
    private array $stock = [];

    /** @var array<int, ?int> how many of each stock are not cut yet */
    private array $whole;

    /**
     * @param  list<int>  $order  of the places of the stock: which is cut first
     * @param  ?array<int, ?int>  $allowed  how many of each stock may be cut, by its place; null where all may
     */
    public function __construct(private readonly Supply $supply, private readonly array $order, ?array $allowed = null)
    {
        $this->whole = $allowed ?? array_map(fn (Stock $stock): ?int => $stock->count, $supply->stock);
    }

    /**
     * The first roll with room for this much more, a new one begun if need be; null where no roll has room.
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
        foreach ($this->order as $place) {
            if ($this->canBegin($place, $needed)) {
                return $this->begin($place);
            }
        }

        return null;
    }

    /**
     * The roll with the most left on it, begun or not; null where none has room for this much.
     *
     * @param  list<int>  $but  rolls that are in use by another strand
     */
    public function roomiest(Length $needed, array $but = []): ?int
    {
        [$number, $most] = [null, $needed];
        foreach ($this->left as $its => $left) {
            if (! in_array($its, $but, true) && ($number === null || $left->isMoreThan($most))) {
                [$number, $most] = [$its, $left];
            }
        }
        foreach ($this->order as $place) {
            if ($this->canBegin($place, $needed) && $this->supply->length($this->supply->stock[$place])->isMoreThan($most)) {
                return $this->begin($place);
            }
        }

        return $number === null || $needed->isMoreThan($most) ? $this->firstWithRoom($needed, $but) : $number;
    }

    private function canBegin(int $place, Length $needed): bool
    {
        return $this->whole[$place] !== 0 && ! $needed->isMoreThan($this->supply->length($this->supply->stock[$place]));
    }

    /** @param  int  $place  of the stock that it is one of */
    public function begin(int $place): int
    {
        $number = count($this->left) + 1;
        $this->segments[$number] = [];
        $this->used[$number] = Length::zero();
        $this->left[$number] = $this->supply->length($this->supply->stock[$place]);
        $this->stock[$number] = $place;
        $this->whole[$place] = $this->whole[$place] === null ? null : $this->whole[$place] - 1;

        return $number;
    }

    /** Puts back the roll begun last, if nothing was cut from it. */
    public function giveBack(int $roll): void
    {
        if ($roll === count($this->left) && $this->segments[$roll] === []) {
            $place = $this->stock[$roll];
            $this->whole[$place] = $this->whole[$place] === null ? null : $this->whole[$place] + 1;
            unset($this->left[$roll], $this->used[$roll], $this->segments[$roll], $this->stock[$roll]);
        }
    }

    public function put(int $roll, SegmentKind $kind, Length $length, string $part, ?int $tie, ?Element $element): void
    {
        $this->segments[$roll][] = new Segment($kind, $this->used[$roll], $length, $part, $tie, $element);
        $this->used[$roll] = $this->used[$roll]->plus($length);
        $this->left[$roll] = $this->left[$roll]->minus($length);
    }

    public function used(int $roll): Length
    {
        return $this->used[$roll];
    }

    public function left(int $roll): Length
    {
        return $this->left[$roll];
    }

    /** How much more it is said to hold than it is counted for. */
    public function heldBack(int $roll): Length
    {
        return $this->supply->heldBack($this->supply->stock[$this->stock[$roll]]);
    }

    /** @return list<int> the numbers of the rolls that are begun */
    public function numbers(): array
    {
        // Not array_keys: an array that was emptied goes on counting from its last key, and array_keys of it would share that.
        return $this->left === [] ? [] : range(1, count($this->left));
    }

    /** @return array<int, ?int> how many of each stock are not cut yet */
    public function whole(): array
    {
        return $this->whole;
    }

    /** @return list<RollUse> */
    public function all(): array
    {
        return array_map(function (int $number): RollUse {
            $stock = $this->supply->stock[$this->stock[$number]];

            return new RollUse($number, $stock, $this->supply->length($stock), $this->segments[$number]);
        }, $this->numbers());
    }
}
