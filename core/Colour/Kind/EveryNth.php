<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\OneMeshEach;
use Davrin\Core\Colour\OtherCount;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Material\MaterialUse;

/** The first mesh, and on every so many-th tie of a row the second. */
final class EveryNth extends OneMeshEach
{
    private const ORDINALS = [3 => 'third', 4 => 'fourth', 5 => 'fifth', 6 => 'sixth'];

    public function __construct(private int $nth) {}

    public function key(): string
    {
        return "every-$this->nth";
    }

    public function name(): string
    {
        return 'the second on every '.self::ORDINALS[$this->nth].' tie';
    }

    public function materials(MaterialUse $use, int $ties): MaterialUse
    {
        return MaterialUse::two();
    }

    protected function dealt(ColourTask $colourTask): array
    {
        [$usual, $other] = [$colourTask->mix->pieces()[0], $colourTask->mix->pieces()[1] ?? $colourTask->mix->pieces()[0]];
        $dealt = [];
        foreach ($colourTask->rows as $row) {
            foreach ($row->ties as $place => $tie) {
                $dealt[$tie->number] = $place % $this->nth === 0 ? $other : $usual;
            }
        }

        return $dealt;
    }

    public function concerns(ColourTask $colourTask): array
    {
        $doubts = parent::concerns($colourTask);
        foreach ($colourTask->rows as $row) {
            $left = count($row->ties) % $this->nth;
            if ($row->closed && $left > 0 && count($row->ties) > $this->nth) {
                [$last, $first] = [$row->ties[count($row->ties) - $left]->number, $row->ties[0]->number];
                $doubts[] = new Concern('seam', 'The ends come too close.', sprintf(
                    'From tie %d to tie %d it is %d on, elsewhere %d: every %s does not close on %d '
                        .'ties.', $last, $first, $left, $this->nth, self::ORDINALS[$this->nth], count($row->ties),
                ), [$last, $first], [
                    ...OtherCount::closing($colourTask, $row, $this->nth),
                    ...ByCount::instead($this->dealt($colourTask)),
                ]);
            }
        }

        return $doubts;
    }
}
