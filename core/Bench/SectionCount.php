<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Demand\Element;
use Davrin\Core\Part\Part;
use Davrin\Core\Ties\Tie;

/** How many elements of a part each section has: by its tie, or where it was moved to. */
final readonly class SectionCount
{
    /** @param  array<int, list<Element>>  $all  by section; none where it stands on no tie */
    private function __construct(public array $all) {}

    public static function of(BenchPiece $piece, Part $part): self
    {
        $sections = array_column(
            array_map(fn (Tie $tie): array => [$tie->number, $tie->section], $piece->plan->ties->all()),
            1,
            0,
        );
        $all = [];
        foreach ($part->demand->elements as $element) {
            $section = $piece->moved[$element->id] ?? $sections[$element->ties[0] ?? 0] ?? null;
            if ($section !== null) {
                $all[$section][] = $element;
            }
        }
        ksort($all);

        return new self($all);
    }

    public function in(int $section): int
    {
        return count($this->all[$section] ?? []);
    }

    /** The section that has the fewest, the first of several. */
    public function fewest(): int
    {
        $counts = array_map(count(...), $this->all);

        return $counts === [] ? 1 : (int) array_search(min($counts), $counts, true);
    }

    /** Of the two beside a section the one that has more. */
    public function neighbourWithMore(int $section, int $sections, bool $closed): int
    {
        $beside = array_filter(
            [$section === 1 ? ($closed ? $sections : 0) : $section - 1, $section === $sections ? ($closed ? 1 : 0) : $section + 1],
        );
        usort($beside, fn (int $a, int $b): int => $this->in($b) <=> $this->in($a));

        return $beside[0] ?? $section;
    }

    /** The element of a section that lies next to another: its first where that comes before it, else its last. */
    public function nearestTo(int $section, int $other): ?Element
    {
        $its = $this->all[$section] ?? [];
        $isBefore = $other < $section && ! ($other === 1 && $section > 2) || ($section === 1 && $other > 2);

        return $its === [] ? null : ($isBefore ? $its[0] : $its[count($its) - 1]);
    }
}
