<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Measure\Length;

/** Rolls of one mesh to work with. */
final readonly class Supply
{
    /**
     * @param  Length  $length  what each roll holds
     * @param  ?int  $limit  how many there are; null for as many as it takes
     */
    public function __construct(public Length $length, public ?int $limit) {}
}
