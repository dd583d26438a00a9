<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Davrin\Core\Effort\Effort;
use PHPUnit\Framework\TestCase;

final class EffortTest extends TestCase
{
    public function test_what_a_part_spends_is_spent_of_the_whole(): void
    {
        $whole = Effort::of(100);
        $part = $whole->upTo(60);
        $part->spend(50);
        $this->assertSame([50, 50, 10], [$whole->spent(), $whole->left(), $part->left()]);
        $this->assertSame(25, $whole->part(2)->left());
        $this->assertSame(50, $whole->upTo(80)->left());
    }

    public function test_it_is_spent_when_nothing_is_left_and_never_less_than_nothing(): void
    {
        $effort = Effort::of(10);
        $effort->spend(9);
        $this->assertFalse($effort->isSpent());
        $effort->spend(5);
        $this->assertTrue($effort->isSpent());
        $this->assertSame([14, 0, 0], [$effort->spent(), $effort->left(), $effort->upTo(3)->left()]);
    }

    public function test_it_has_run_out_only_once_somebody_was_told_so(): void
    {
        $whole = Effort::of(100);
        $part = $whole->upTo(10);
        $part->spend(10);
        $this->assertFalse($whole->ranOut());
        $this->assertTrue($part->isSpent());
        $this->assertTrue($whole->ranOut());
        $this->assertFalse($whole->isSpent());
    }
}
