<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Davrin\Core\Shelf\Ledger;
use Davrin\Core\Shelf\Movement;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StandsInTheWay;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class LedgerTest extends TestCase
{
    use RandomTrials;

    public function test_cuts_are_undone_in_any_order(): void
    {
        $ledger = $this->ledger([['came', 360], ['cut', -100], ['cut', -50]]);
        $this->assertSame(210, $ledger->left());
        $this->assertSame(310, $this->without($ledger, 2)->left());
        $this->assertSame(360, $this->without($this->without($ledger, 2), 3)->left());
        $this->assertSame(360, $this->without($this->without($ledger, 3), 2)->left());
    }

    public function test_what_was_before_a_measuring_waits_for_it(): void
    {
        $ledger = $this->ledger([['came', 360], ['cut', -100], ['measured', -10], ['cut', -50]]);
        $this->assertRefused('measured since', fn () => $this->without($ledger, 2));
        $measuring = $this->without($ledger, 3);
        $this->assertSame([210, 310], [$measuring->left(), $this->without($measuring, 2)->left()]);
    }

    public function test_what_came_goes_only_while_nothing_was_done_with_it(): void
    {
        $this->assertRefused('since it came', fn () => $this->without($this->ledger([['came', 360], ['cut', -100]]), 1));
        $this->assertSame(0, $this->without($this->ledger([['came', 360]]), 1)->left());
    }

    public function test_more_than_there_is_cannot_go_and_nothing_that_is_held(): void
    {
        $ledger = $this->ledger([['came', 10], ['put back', 90], ['cut', -60]]);
        $this->assertRefused('Only 40 of it is left, and 90', fn () => $this->without($ledger, 2));
        $held = $this->ledger([['came', 100], ['put back', 90]]);
        $this->assertRefused('120 of it is reserved, and 100 would be left', fn () => $this->without($held, 2, 120));
        $this->assertRefused('undone already', fn () => $this->without($this->without($held, 2), 2));
    }

    public function test_whatever_is_undone_nothing_is_left_below_zero(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::seq(Generators::tuple(Generators::elements('cut', 'measured', 'put back'), Generators::choose(1, 80))),
            Generators::seq(Generators::choose(1, 12)),
        )
            ->then(function (array $moves, array $undo): void {
                $left = 300;
                $all = [['came', 300]];
                foreach ($moves as [$kind, $by]) {
                    $by = $kind === 'put back' ? $by : -min($by, $left);
                    $left += $by;
                    $all[] = [$kind, $by];
                }
                $ledger = $this->ledger($all);
                foreach ($undo as $id) {
                    try {
                        $ledger = $this->without($ledger, $id);
                    } catch (StandsInTheWay) {
                        continue;
                    }
                }
                $this->assertGreaterThanOrEqual(0, $ledger->left());
            });
    }

    /** @param  list<array{string, int}>  $moves */
    private function ledger(array $moves): Ledger
    {
        return new Ledger(
            array_map(
                fn (int $index, array $move): Movement => new Movement($index + 1, MovementKind::from($move[0]), $move[1]),
                array_keys($moves),
                $moves,
            ),
        );
    }

    private function without(Ledger $ledger, int $id, int $held = 0): Ledger
    {
        return $ledger->without($id, $held, fn (int $amount): string => (string) $amount);
    }

    /** @param  callable(): mixed  $undo */
    private function assertRefused(string $says, callable $undo): void
    {
        try {
            $undo();
        } catch (StandsInTheWay $why) {
            $this->assertStringContainsString($says, $why->getMessage());

            return;
        }
        $this->fail("Nothing stood in the way: $says");
    }
}
