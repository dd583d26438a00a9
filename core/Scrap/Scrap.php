<?php

declare(strict_types=1);

namespace Davrin\Core\Scrap;

use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;

/** What is begun or loose of one mesh. */
final readonly class Scrap
{
    /** @param  list<OnHand>  $onHand */
    public function __construct(public string $mesh, public array $onHand) {}

    /** How many pieces of a length it gives, each roll for itself. */
    public function pieces(Length $piece): int
    {
        return array_sum(
            array_map(fn (OnHand $there): int => $there->count * intdiv($there->length->units, max(1, $piece->units)), $this->onHand),
        );
    }
}
