<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/**
 * How well colours lie along one row (docs/craft-figures.md, colour order), as numbers of which less is better and the first
 * counts first: how many neighbours are of one colour; how uneven the gaps are between pieces of each scarce colour, tie to
 * tie; how uneven two such gaps side by side are; how uneven the gaps are between scarce pieces of whatever colour. Of a
 * colour that more than half of the ties bear neighbours are meant; the most frequent fills, and is not spread.
 */
final readonly class Evenness
{
    /** The most frequent colour, which fills what the others leave. */
    public int $filler;

    /** Whether the filler is so frequent that it is meant to lie next to itself. */
    public bool $isBackground;

    /** @param  non-empty-list<int>  $counts  how many of each colour, together as many as there are ties */
    public function __construct(public int $ties, public bool $closed, public array $counts)
    {
        $this->filler = (int) array_search(max($counts), $counts, true);
        $this->isBackground = 2 * $counts[$this->filler] > $ties + ($closed ? 0 : 1);
    }

    /**
     * @param  list<int>  $order  the colour of each tie
     * @return array{int, int, int, int}
     */
    public function of(array $order): array
    {
        $places = array_fill(0, count($this->counts), []);
        foreach ($order as $place => $colour) {
            $places[$colour][] = $place;
        }
        [$gaps, $pairs] = [0, 0];
        foreach ($places as $colour => $its) {
            if ($its !== [] && $colour !== $this->filler) {
                [$gaps, $pairs] = [$gaps + $this->uneven($its), $pairs + $this->unevenPairs($its)];
            }
        }
        $scarce = array_keys(array_filter($order, fn (int $colour): bool => $colour !== $this->filler));
        $alike = $this->hasNext($this->ties - 1) && $order[$this->ties - 1] === $order[0] && $this->matters($order[0]) ? 1 : 0;
        for ($place = 1; $place < $this->ties; $place++) {
            $alike += $order[$place] === $order[$place - 1] && $this->matters($order[$place]) ? 1 : 0;
        }

        return [$alike, $gaps, $pairs, $scarce === [] ? 0 : $this->uneven($scarce)];
    }

    /**
     * Ties of the same colour as the next one, except for the background.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    public function alike(array $order): array
    {
        $isAlike = fn (int $place): bool => $this->hasNext($place)
            && $this->matters($order[$place])
            && $order[$place] === $order[($place + 1) % $this->ties];

        return array_values(array_filter(range(0, $this->ties - 1), $isAlike));
    }

    /** Whether two neighbours of this colour are a fault. */
    public function matters(int $colour): bool
    {
        return ! ($this->isBackground && $colour === $this->filler);
    }

    /** Whether a tie is followed by another; on a closed row the last is, by the first. */
    public function hasNext(int $place): bool
    {
        return $place + 1 < $this->ties || $this->closed && $this->ties > 2;
    }

    /** Whether, judged by the counts alone and each colour by itself, no order could be better. */
    public function isBest(int $alike, int $gaps, int $pairs): bool
    {
        [$leastGaps, $leastPairs] = [0, 0];
        foreach ($this->counts as $colour => $count) {
            if ($count > 0 && $colour !== $this->filler) {
                $leastGaps += $this->leastLeft($count, null);
                $leastPairs += $this->closed && $count > 2 ? self::evenSquares($count, 2 * $this->ties) : 0;
            }
        }

        return [$alike, $gaps, $pairs] <= [0, $leastGaps, $leastPairs];
    }

    /**
     * Lower bound on what the remaining gaps of a scarce colour add.
     *
     * @param  int  $left  how many are still to be laid
     * @param  ?int  $last  where the last one lies; null before the first
     * @param  int  $first  where the first one lies
     * @param  int  $next  the first place that is still free
     */
    public function leastLeft(int $left, ?int $last, int $first = 0, int $next = 0): int
    {
        if ($this->closed) {
            return $last === null
                ? self::evenSquares($left, $this->ties)
                : self::evenFrom($next - $last, $left, $this->ties - $last + $first);
        }
        if ($last === null) {
            return intdiv(2 * $this->ties ** 2, $left);
        }

        // As many gaps, and half a one at the end.
        return intdiv((2 * ($this->ties - $last) - 1) ** 2, 2 * $left + 1);
    }

    /** The score of a gap between two pieces: its square, in ties. */
    public function gap(int $ties): int
    {
        return ($this->closed ? 1 : 2) * $ties ** 2;
    }

    /** What the way to the first piece of an open row counts for: a whole gap is twice as long. */
    public function start(int $first): int
    {
        return $this->closed ? 0 : (2 * $first + 1) ** 2;
    }

    /** @param  non-empty-list<int>  $places  in order */
    private function uneven(array $places): int
    {
        $last = $places[count($places) - 1];
        $sum = $this->start($places[0]) + (
            $this->closed
                ? $this->gap($places[0] + $this->ties - $last)
                : $this->start($this->ties - 1 - $last)
        );
        for ($index = 1; $index < count($places); $index++) {
            $sum += $this->gap($places[$index] - $places[$index - 1]);
        }

        return $sum;
    }

    /** @param  non-empty-list<int>  $places  in order */
    private function unevenPairs(array $places): int
    {
        $count = count($places);
        $sum = 0;
        for ($index = 0; $count > 2 && $index < ($this->closed ? $count : $count - 2); $index++) {
            $next = $places[($index + 2) % $count] + ($index + 2 >= $count ? $this->ties : 0);
            $sum += ($next - $places[$index]) ** 2;
        }

        return $sum;
    }

    /** The same for so many and one before them that is no less than that. */
    private static function evenFrom(int $least, int $numbers, int $together): int
    {
        return $numbers === 0 || $least * ($numbers + 1) <= $together
            ? self::evenSquares($numbers + 1, $together)
            : $least ** 2 + self::evenSquares($numbers, $together - $least);
    }

    /** The least sum of squares of so many whole numbers that come to so much together. */
    private static function evenSquares(int $numbers, int $together): int
    {
        [$each, $more] = [intdiv($together, $numbers), $together % $numbers];

        return $more * ($each + 1) ** 2 + ($numbers - $more) * $each ** 2;
    }
}
