<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\OneMeshEach;
use Davrin\Core\Colour\WantedTies;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Ties\Tie;

/** One anchor colour on the crossbars, the corners or chosen ties, where ribbons will go; the others in turn between them. */
final class Anchored extends OneMeshEach
{
    public function __construct(private readonly WantedTies $where) {}

    public function key(): string
    {
        return "anchor-{$this->where->value}";
    }

    public function name(): string
    {
        return "the first on the {$this->where->words()}, the others in turn";
    }

    protected function dealt(ColourTask $colourTask): array
    {
        $others = $colourTask->mix->pieces();
        $anchor = array_shift($others);
        $anchors = array_map(fn (Tie $tie): int => $tie->number, $this->where->ties($colourTask));
        $dealt = [];
        foreach ($colourTask->rows as $row) {
            $turn = 0;
            foreach ($row->ties as $tie) {
                $dealt[$tie->number] = $others === [] || in_array($tie->number, $anchors, true)
                    ? $anchor
                    : $others[$turn++ % count($others)];
            }
        }

        return $dealt;
    }

    public function concerns(ColourTask $colourTask): array
    {
        return $this->where->ties($colourTask) !== []
            ? parent::concerns($colourTask)
            : [new Concern('no-anchor', 'No tie to begin from.', sprintf(
                'None of its ties is %s, so %s comes up nowhere. %s, or alternate them all.', $this->where === WantedTies::Painted
                    ? 'painted by hand'
                    : 'on the '
                    .$this->where->words(), $colourTask->names[$colourTask->mix->pieces()[0]], $this->where === WantedTies::Painted
                        ? 'Paint some'
                        : 'Tie there too',
            ), [], ['Alternate them all' => ['order' => 'in-turn']])];
    }
}
