<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Demand\Caution;

/** A material that is wound on rolls and cut to length: mesh, ribbon, tubing. */
interface WoundKind extends MaterialKind
{
    /** What a plan says of one beside its rolls: "{colour} {name} in {hatch}, {body}, {width} wide". */
    public function looksSentence(): string;

    /** How much a square inch of it fills, next to one of plain mesh (guesses, docs/craft-figures.md). */
    public function fills(Slip $slip): float;

    /** What the log tells apart of it: "see-through mesh", "ribbon". */
    public function sort(Slip $slip): string;

    /** Whether a base is made of it, as of mesh; ribbon and cord only go on one. */
    public function makesABase(): bool;

    /** What it is cut with: "rotary cutter and ruler". */
    public function cutter(): string;

    /** What to mind when it is cut. */
    public function cuttingCaution(): Caution;

    /** How it is cut, as a cut sheet says it. */
    public function wayOfCutting(): string;

    /** Whether it is drawn off strand by strand from hanks so long that drawings of rolls need a scale of their own for it. */
    public function isDrawnOff(): bool;
}
