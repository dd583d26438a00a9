<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

/** One step as the guide shows it: how what is in the hand looks, and what is done. */
final readonly class GuideStep
{
    /** @param  string  $drawn  which state of the work, and its measures: "flat 20 10" */
    public function __construct(public string $drawn, public string $says) {}
}
