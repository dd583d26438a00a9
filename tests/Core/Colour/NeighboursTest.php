<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Davrin\Core\Colour\Grey;
use Davrin\Core\Colour\Neighbours;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Who is next to whom, and what an eye without hues tells apart. */
final class NeighboursTest extends PlanCase
{
    public function test_along_a_closed_row_the_last_is_next_to_the_first(): void
    {
        $rows = $this->plan()->ties->groups[0]->rows;
        $along = (new Neighbours($rows))->along($rows[0]);
        $this->assertSame([[1, 2], [2, 3], [3, 4], [4, 5], [5, 6], [6, 1]], $along);
    }

    public function test_along_an_open_row_it_is_not(): void
    {
        $rows = $this->plan(['ties' => [['layout' => 'inner-mid-two-outer', 'sections' => '1 to 3']]])->ties->groups[0]->rows;
        $this->assertSame([[1, 2], [2, 3]], (new Neighbours($rows))->along($rows[0]));
    }

    public function test_two_on_a_closed_row_are_next_to_each_other_once(): void
    {
        $rows = $this->plan(['ties' => [['layout' => 'rows', 'rows' => [2]]]])->ties->groups[0]->rows;
        $this->assertSame([[1, 2]], (new Neighbours($rows))->along($rows[0]));
    }

    public function test_across_rows_the_nearest_of_the_adjoining_one_is_next(): void
    {
        // The everyday ring: tie 1 at mid section, its outer neighbours 1 1/2 in from the crossbars on either side.
        $rows = $this->plan()->ties->groups[0]->rows;
        $across = (new Neighbours($rows))->across();
        $this->assertCount(12, $across);
        $this->assertSame([1, 1, 2, 2, 3, 3, 4, 4, 5, 5, 6, 6], $this->sorted(array_column($across, 0)));
        $this->assertSame(range(7, 18), $this->sorted(array_column($across, 1)));
    }

    public function test_only_adjoining_rows_are_neighbours(): void
    {
        $rows = $this->plan(
            [
                'form' => ['wires' => ['18 in', '16 in', '14 in', '12 in', '10 in', '8 in']],
                'ties' => [['layout' => 'rows', 'rows' => [6, 6, 6]]],
            ],
        )->ties->groups[0]->rows;
        foreach ((new Neighbours($rows))->across() as [$one, $other]) {
            $this->assertSame(1, intdiv($other - 1, 6) - intdiv($one - 1, 6), "$one and $other");
        }
    }

    public function test_like_pairs_are_those_that_show_the_same(): void
    {
        $this->assertSame([[1, 2], [3, 1]], Neighbours::alike([[1, 2], [2, 4], [3, 1], [4, 9]], [1 => 'a', 2 => 'a', 3 => 'a', 4 => 'b']));
    }

    #[TestWith(['#000000', '#ffffff', 21.0])]
    #[TestWith(['#1d6a6b', '#1d6a6b', 1.0])]
    #[TestWith(['#777777', '#ffffff', 4.48])]
    public function test_contrast_is_as_the_web_guidelines_have_it(string $one, string $other, float $contrast): void
    {
        $this->assertEqualsWithDelta($contrast, Grey::contrast($one, $other), 0.01);
        $this->assertEqualsWithDelta($contrast, Grey::contrast($other, $one), 0.01);
    }

    /**
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
