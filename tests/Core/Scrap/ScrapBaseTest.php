<?php

declare(strict_types=1);

namespace Tests\Core\Scrap;

use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Scrap\Scrap;
use Davrin\Core\Scrap\ScrapBase;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class ScrapBaseTest extends TestCase
{
    use RandomTrials;

    public function test_each_roll_gives_its_pieces_for_itself(): void
    {
        $this->assertSame(6 + 3 + 0 + 5, $this->scrap('sage', 131, 62, 18, [5, 20])->pieces(Length::inches(20)));
    }

    public function test_small_ones_are_used_up_on_the_ground_of_the_mesh_there_is_most_of(): void
    {
        $base = ScrapBase::of(
            [$this->scrap('sage', 360), $this->scrap('gold', 44), $this->scrap('rust', 75), $this->scrap('plum', 15)],
            Length::inches(14),
            18,
        );
        $this->assertSame(
            [['sage' => 25, 'gold' => 3, 'rust' => 5, 'plum' => 1], ['sage' => 9, 'rust' => 5, 'gold' => 3, 'plum' => 1], 0],
            [$base->pieces, $base->taken, $base->missing],
        );
    }

    public function test_where_the_ground_is_too_little_the_next_helps(): void
    {
        $base = ScrapBase::of([$this->scrap('sage', 140), $this->scrap('gold', 126), $this->scrap('rust', 28)], Length::inches(14), 18);
        $this->assertSame([['sage' => 10, 'gold' => 6, 'rust' => 2], 0], [$base->taken, $base->missing]);
    }

    public function test_what_is_too_little_says_how_many_ties_stay_bare_and_how_long_would_do(): void
    {
        $scraps = [$this->scrap('sage', 131, 62), $this->scrap('gold', 44)];
        $this->assertSame(18 - 9 - 4 - 3, ScrapBase::of($scraps, Length::inches(14), 18)->missing);
        $longest = ScrapBase::longest($scraps, Length::inches(14), 18, Units::Inches);
        $this->assertSame('12 3/8 in', $longest === null ? null : Units::Inches->exact($longest));
        $this->assertNull(ScrapBase::longest($scraps, Length::inches(40), 18, Units::Inches));
        $this->assertNull(ScrapBase::longest([], Length::inches(14), 18, Units::Inches));
    }

    public function test_no_more_is_taken_than_there_is_and_ties_are_filled_as_far_as_that_goes(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::seq(Generators::choose(5, 300)),
            Generators::choose(4, 24),
            Generators::choose(1, 60),
        )->then(function (array $lengths, int $piece, int $ties): void {
            $scraps = array_map(
                fn (int $index, int $length): Scrap => $this->scrap("m$index", $length),
                array_keys(array_slice($lengths, 0, 12)),
                array_slice($lengths, 0, 12),
            );
            $base = ScrapBase::of($scraps, Length::inches($piece), $ties);
            foreach ($base->taken as $mesh => $count) {
                $this->assertTrue($count > 0 && $count <= $base->pieces[$mesh]);
            }
            $this->assertSame(min($ties, array_sum($base->pieces)), array_sum($base->taken));
            $this->assertSame($ties, array_sum($base->taken) + $base->missing);
        });
    }

    /** @param  int|array{int, int}  ...$there  inches, or a number of pieces and inches */
    private function scrap(string $mesh, int|array ...$there): Scrap
    {
        return new Scrap(
            $mesh,
            array_map(
                fn (int|array $its): OnHand => is_int($its) ? new OnHand(1, Length::inches($its)) : new OnHand(
                    $its[0],
                    Length::inches($its[1]),
                ),
                array_values($there),
            ),
        );
    }
}
