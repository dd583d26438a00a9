<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Slip;

/** A material that is counted by the piece and bought by the pack: stems, zip ties, picks. */
interface CountedKind extends MaterialKind
{
    /** @return array{string, string} what is counted, one and many: "zip tie", "zip ties" */
    public function noun(): array;

    /** What one is called in a list of costs: "stems", "Flower pick". */
    public function called(Slip $slip): string;

    /** What a plan says of one: "Stems come {pack} in a pack, at {price} a pack". */
    public function planSentence(): string;
}
