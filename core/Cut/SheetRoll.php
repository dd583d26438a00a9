<?php

declare(strict_types=1);

namespace Davrin\Core\Cut;

use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Roll\RollUse;

/** One roll on the cut sheet: what comes off it, in order, and what goes back. */
final readonly class SheetRoll
{
    /**
     * @param  string  $key  of its mesh on the sheet
     * @param  list<SheetCut>  $cuts
     * @param  string  $name  "Roll 1, a part roll of 131 in"
     * @param  list<string>  $warnings
     * @param  ?Label  $label  to stick on what goes back on the shelf; null where nothing worth keeping does
     */
    public function __construct(
        public string $key,
        public Wound $wound,
        public RollUse $roll,
        public array $cuts,
        public string $name,
        public array $warnings,
        public ?Label $label,
    ) {}

    /** What becomes of its end: "back on the shelf: Sage mesh, 10 in wide, 218 in". */
    public function rest(Units $units): string
    {
        return match (true) {
            $this->label !== null => 'back on the shelf: '.$this->label->words(),
            $this->roll->left()->isZero() => 'nothing left',
            default => $units->available($this->roll->left()).' left: too short to keep',
        };
    }

    public function longest(): Length
    {
        $longest = Length::zero();
        foreach ($this->cuts as $cut) {
            $longest = $cut->segment->length->isMoreThan($longest) ? $cut->segment->length : $longest;
        }

        return $longest;
    }

    /** @return list<list<SheetCut>> cuts alike that follow on each other drawn together */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->cuts as $cut) {
            $last = array_key_last($groups);
            $before = $last === null ? null : $groups[$last][0]->segment;
            $isAlike = $before !== null
                && $before->length->equals($cut->segment->length)
                && $before->kind === $cut->segment->kind
                && $before->part === $cut->segment->part;
            $isAlike ? $groups[$last][] = $cut : $groups[] = [$cut];
        }

        return $groups;
    }
}
