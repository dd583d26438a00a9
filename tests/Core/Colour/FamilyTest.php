<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Davrin\Core\Colour\Family;
use PHPUnit\Framework\TestCase;

final class FamilyTest extends TestCase
{
    public function test_colours_are_called_what_people_call_them(): void
    {
        $called = [
            '#7f9a76' => Family::Green, '#ede3c8' => Family::White, '#f4f2ec' => Family::White, '#1d6a6b' => Family::Teal, '#c59a2d' => Family::Yellow, '#dba53a' => Family::Yellow,
            '#a5502f' => Family::Brown, '#6d3a5f' => Family::Violet, '#3c4143' => Family::Grey, '#000000' => Family::Black, '#ffffff' => Family::White, '#808080' => Family::Grey,
            '#8db4d6' => Family::Blue, '#54758f' => Family::Blue, '#bf3030' => Family::Red, '#ff8c1a' => Family::Orange, '#ffb6c9' => Family::Pink, '#8f74b5' => Family::Violet, '#b99a6b' => Family::Brown,
        ];
        $this->assertSame(
            array_map(fn (Family $family): string => $family->value, $called),
            array_combine(array_keys($called), array_map(fn (string $colour): string => Family::of($colour)->value, array_keys($called))),
        );
    }
}
