<?php

namespace App\Drawing;

use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Units;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Supply\Stock;

/** One roll, unrolled as far as it is used: its cuts to scale, the rest still on its core. */
final readonly class RollStrip
{
    /** How many drawing units a digit of a tie's number takes; a number of one digit takes as much as one of two. */
    private const DIGIT = 7.25;

    /**
     * @param  non-empty-list<int>  $numbers  of the rolls that look like this
     * @param  list<array{
     *     x: float, width: float, kind: string, part: string, tie: ?int, ties: list<int>, words: string, numbered: bool,
     * }>  $cuts
     * @param  float  $end  where the rest begins
     * @param  float  $height  by the width of the mesh
     * @param  float  $coil  radius of what is still on the core; 0 where nothing is
     */
    private function __construct(
        public array $numbers,
        public array $cuts,
        public float $end,
        public float $height,
        public float $coil,
        public string $left,
        public string $used,
        public ?RollChange $change,
        private Stock $stock,
    ) {}

    public static function of(Units $units, RollPlan $rolls, RollUse $roll, float $perUnit, float $breadth): self
    {
        $change = array_values(
            array_filter($rolls->changes, fn (RollChange $change): bool => $change->fromRoll === $roll->number),
        )[0] ?? null;

        return new self(
            [$roll->number],
            self::numbered(array_map(fn (Segment $segment): array => [
                'x' => round($segment->from->units * $perUnit, 2),
                'width' => round($segment->length->units * $perUnit, 2),
                'kind' => $segment->kind->value,
                'part' => $segment->part,
                'tie' => $segment->tie,
                'ties' => $segment->element->ties ?? [],
                'words' => "{$segment->kind->value}, {$units->needed($segment->length)}, ".(
                    $segment->tie === null
                        ? "no. {$segment->element?->number}"
                        : "tie $segment->tie"
                ),
            ], array_values(array_filter($roll->segments, fn (Segment $segment): bool => ! $segment->length->isZero())))),
            round($roll->used()->units * $perUnit, 2),
            round(14 + 12 * $breadth, 1),
            // What is wound on a core grows with the square of its radius.
            $roll->left()->isZero() ? 0.0 : round(5 + 8 * sqrt($roll->left()->units / max(1, $roll->length->units)), 1),
            $units->available($roll->left()),
            $units->needed($roll->used()),
            $change,
            $roll->stock,
        );
    }

    /**
     * Where cuts are so narrow that numbers would lie on each other, those that find room bear theirs, the first among them.
     *
     * @param  list<array{x: float, width: float, kind: string, part: string, tie: ?int, ties: list<int>, words: string}>  $cuts
     * @return list<array{x: float, width: float, kind: string, part: string, tie: ?int, ties: list<int>, words: string, numbered: bool}>
     */
    private static function numbered(array $cuts): array
    {
        $free = 0.0;
        foreach ($cuts as $index => $cut) {
            $middle = $cut['x'] + $cut['width'] / 2;
            $half = self::numberWidth((int) $cut['tie']) / 2;
            $bears = $cut['tie'] !== null && ! str_contains($cut['kind'], 'tail');
            $cuts[$index]['numbered'] = $bears && ($free === 0.0 || $middle - $half >= $free);
            $free = $cuts[$index]['numbered'] ? $middle + $half : $free;
        }

        return $cuts;
    }

    /** How much room a tie's number takes, in drawing units. */
    public static function numberWidth(int $tie): float
    {
        return self::DIGIT * max(2, strlen((string) $tie));
    }

    /** Whether it can be folded together: pieces of the same lengths and the same rest, on another roll of the same lot. */
    public function looksLike(self $other): bool
    {
        $lengths = fn (self $strip): array => array_map(
            fn (array $cut): array => [$cut['width'], $cut['kind'], $cut['part']],
            $strip->cuts,
        );

        return $lengths($this) === $lengths($other)
            && $this->left === $other->left
            && [$this->stock->origin, $this->stock->lot] === [$other->stock->origin, $other->stock->lot]
            && $this->isOfPieces()
            && $other->isOfPieces();
    }

    public function and(self $other): self
    {
        return new self(
            [...$this->numbers, ...$other->numbers],
            $this->cuts,
            $this->end,
            $this->height,
            $this->coil,
            $this->left,
            $this->used,
            $this->change,
            $this->stock,
        );
    }

    public function name(): string
    {
        return count($this->numbers) === 1
            ? 'roll '.$this->numbers[0]
            : sprintf('rolls %d to %d', min($this->numbers), max($this->numbers));
    }

    /** The spiral of the mesh on the core, in drawing units round its middle. */
    public function spiral(): string
    {
        $points = [];
        for ($turn = 0.0; 3.2 + 1.7 * $turn < $this->coil; $turn += 0.125) {
            $radius = (3.2 + 1.7 * $turn) / Path::SCALE;
            $points[] = new Point($radius * cos(2 * M_PI * $turn), $radius * sin(2 * M_PI * $turn));
        }

        return count($points) < 2 ? '' : Path::line($points);
    }

    private function isOfPieces(): bool
    {
        return array_filter($this->cuts, fn (array $cut): bool => $cut['kind'] !== SegmentKind::Piece->value) === [];
    }
}
