<?php

namespace App\Guide;

use App\Guide\State\Flat;
use App\Guide\State\Folded;
use App\Guide\State\Made;
use App\Guide\State\OnForm;
use App\Guide\State\Pinched;
use App\Guide\State\Ring;
use App\Guide\State\Rolled;
use App\Guide\State\Run;
use App\Guide\State\Stem;
use App\Guide\State\Strip;
use App\Guide\State\Tool;
use App\Guide\State\Wires;
use App\Techniques\Sample;
use Davrin\Core\Measure\Units;
use LogicException;

/** All states of the work that the guide draws, by name. */
final readonly class States
{
    /** @var array<string, State> */
    private array $all;

    public function __construct()
    {
        $this->all = array_column(array_map(
            fn (State $state): array => [$state->name(), $state],
            [
                new Flat, new Folded, new Pinched, new Rolled, new Made, new OnForm, new Wires, new Stem, new Run, new Strip, new Ring,
                new Tool,
            ],
        ), 1, 0);
    }

    /** @throws LogicException where a page asks for a state there is none of */
    public function draw(string $drawn, ?Sample $sample, Units $units = Units::Inches): Scene
    {
        $said = Said::of($drawn, $units);
        $state = $this->all[$said->state] ?? throw new LogicException("\"$drawn\" is no state that the guide can draw.");

        return $state->draw($said, $sample);
    }
}
