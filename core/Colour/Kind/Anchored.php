<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\Deal;
use Davrin\Core\Colour\OneMeshEach;
use Davrin\Core\Colour\Where;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Ties\Tie;

/** One anchor colour on the crossbars, the corners or chosen ties, where ribbons will go; the others in turn between them. */
final class Anchored extends OneMeshEach
{
    public function __construct(private readonly Where $where) {}

    public function key(): string
    {
        return "anchor-{$this->where->value}";
    }

    public function name(): string
    {
        return "the first on the {$this->where->words()}, the others in turn";
    }

    protected function dealt(Deal $deal): array
    {
        $others = $deal->mix->pieces();
        $anchor = array_shift($others);
        $anchors = array_map(fn (Tie $tie): int => $tie->number, $this->where->ties($deal));
        $dealt = [];
        foreach ($deal->rows as $row) {
            $turn = 0;
            foreach ($row->ties as $tie) {
                $dealt[$tie->number] = $others === [] || in_array($tie->number, $anchors, true) ? $anchor : $others[$turn++ % count($others)];
            }
        }

        return $dealt;
    }

    public function concerns(Deal $deal): array
    {
        return $this->where->ties($deal) !== [] ? parent::concerns($deal) : [new Concern('no-anchor', 'No tie to begin from.', sprintf(
            'None of its ties is %s, so %s comes up nowhere. %s, or deal them in turn.', $this->where === Where::Painted ? 'painted by hand' : 'on the '.$this->where->words(), $deal->names[$deal->mix->pieces()[0]], $this->where === Where::Painted ? 'Paint some' : 'Tie there too',
        ), [], ['All in turn' => ['order' => 'in-turn']])];
    }
}
