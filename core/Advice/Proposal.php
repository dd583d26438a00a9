<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;

/** An edit that may mend a warning. It becomes a remedy once the edited plan is computed and the warning is gone. */
final readonly class Proposal
{
    /**
     * @param  string  $label  "Cut 18 1/2 in each"
     * @param  string  $first  what is said before the difference it makes
     * @param  int  $place  among the remedies of its warning, where it is not looked for in the order that it is offered in
     */
    public function __construct(public string $label, public Edit $edit, public string $first = '', public int $place = 0) {}

    /** @param  array{string, array<string, string>}  $found  what to call it, and what to write in which blanks, by address */
    public static function filling(array $found, string $first = '', int $place = 0): self
    {
        return new self($found[0], new FillBlanks($found[1]), $first, $place);
    }
}
