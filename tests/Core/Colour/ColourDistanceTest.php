<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Davrin\Core\Colour\ColourDistance;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ColourDistanceTest extends TestCase
{
    // From L*a*b* of pure colours: white 100 0 0, red 53.24 80.09 67.20, green 87.73 -86.18 83.18, blue 32.30 79.19 -107.86.
    #[TestWith(['#ffffff', '#000000', 100.0])]
    #[TestWith(['#ff0000', '#00ff00', 170.57])]
    #[TestWith(['#0000ff', '#ff0000', 176.31])]
    #[TestWith(['#1d6a6b', '#1d6a6b', 0.0])]
    public function test_colours_are_as_far_apart_as_in_lab(string $one, string $other, float $distance): void
    {
        $this->assertEqualsWithDelta($distance, ColourDistance::between($one, $other), 0.05);
        $this->assertEqualsWithDelta($distance, ColourDistance::between($other, $one), 0.05);
    }
}
