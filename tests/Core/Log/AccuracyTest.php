<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\Accuracy;
use Davrin\Core\Log\Compared;
use Davrin\Core\Log\Compares;
use Davrin\Core\Log\Learner;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Past;
use Davrin\Core\Log\WorkTime;
use PHPUnit\Framework\TestCase;

final class AccuracyTest extends TestCase
{
    public function test_a_size_is_held_against_what_the_others_taught_and_not_against_itself(): void
    {
        // Guessed 23 with a slope of 10 in: a reach 0.9 times the guess makes 22.
        $pieces = array_map(fn (int $id): Past => $this->sized($id, 22.0, 0.9), range(1, 4));
        $size = $this->of($pieces, Compares::Size);
        $this->assertSame([1.0, 0.0], [$size->before(), $size->after()]);
        // With three pieces each is taught by two, which are too few.
        $size = $this->of(array_slice($pieces, 1), Compares::Size);
        $this->assertSame([1.0, 1.0], [$size->before(), $size->after()]);
    }

    public function test_a_slip_is_off_itself_and_puts_no_other_off(): void
    {
        $pieces = [...array_map(fn (int $id): Past => $this->sized($id, 22.0, 0.9), range(1, 4)), $this->sized(5, 31.0, 1.8)];
        $size = $this->of($pieces, Compares::Size);
        $after = array_column($size->points, 'after', 'id');
        $this->assertEqualsWithDelta(22.0, $after[1], 1e-9);
        $this->assertEqualsWithDelta(22.0, $after[5], 1e-9);
        $this->assertEqualsWithDelta((4 * 1.0 + 8.0) / 5, $size->before(), 1e-9);
        $this->assertEqualsWithDelta(9.0 / 5, $size->after(), 1e-9);
    }

    public function test_a_design_counts_before_its_technique(): void
    {
        $others = array_map(fn (int $id): Past => $this->sized($id, 21.0, 0.8, 'design:other'), range(1, 6));
        $own = array_map(fn (int $id): Past => $this->sized($id, 22.0, 0.9, 'design:own'), range(7, 10));
        $after = array_column($this->of([...$others, ...$own], Compares::Size)->points, 'after', 'id');
        $this->assertEqualsWithDelta(22.0, $after[7], 1e-9);
        $this->assertEqualsWithDelta(21.0, $after[1], 1e-9);
    }

    public function test_minutes_are_added_up_over_what_was_timed(): void
    {
        $time = fn (string $of, float $guess, ?float $took): WorkTime => new WorkTime(new Scope($of), $of, 18, $guess, $guess, $took);
        $pieces = array_map(fn (int $id): Past => new Past($id, "Piece $id", [
            new Observation(Subject::Minutes, new Scope('ruffle'), 'ruffles', 1.0, 0.8),
        ], [$time('ruffle', 18.0, 14.4), $time('work:fluffing', 10.0, null), $time('work:ties', 5.4, 5.4)], null, []), range(1, 4));
        $minutes = $this->of($pieces, Compares::Minutes);
        $this->assertEqualsWithDelta(19.8, $minutes->points[0]['real'], 1e-9);
        $this->assertEqualsWithDelta(3.6, $minutes->before(), 1e-9);
        $this->assertEqualsWithDelta(0.0, $minutes->after(), 1e-9);
    }

    public function test_of_fullness_it_counts_how_many_verdicts_are_wrong(): void
    {
        $said = fn (int $id, float $amount, string $verdict): Past => new Past($id, "Piece $id", [
            new Observation(Subject::Thin, new Scope('ruffle'), 'ruffles', 85.0, $amount, $verdict),
            new Observation(Subject::Full, new Scope('ruffle'), 'ruffles', 130.0, $amount, $verdict),
        ], [], null, []);
        $full = $this->of([
            $said(1, 88.0, 'thin'), $said(2, 90.0, 'thin'), $said(3, 89.0, 'thin'), $said(4, 110.0, 'usual'), $said(5, 140.0, 'very full'),
        ], Compares::Fullness);
        $this->assertEqualsWithDelta(3 / 5, $full->before(), 1e-9);
        // Left alone with two of the others each of the thin ones moves the bound to the lowest of these, and the lowest is thin then too.
        $this->assertLessThan($full->before(), $full->after());
        $this->assertSame([-1.0, 0.0], [$full->points[0]['real'], $full->points[0]['before']]);
    }

    public function test_of_rolls_it_is_how_much_shorter_they_came_than_was_allowed_for(): void
    {
        $roll = fn (int $id, float $held): Past => new Past($id, "Piece $id", [
            new Observation(Subject::Shortfall, new Scope('', 'plain mesh', 'the market'), 'Sage mesh, roll 1', 180.0, $held),
        ], [], null, [1.0]);
        $rolls = $this->of([$roll(1, 176.0), $roll(2, 178.0), $roll(3, 175.0), $roll(4, 180.0)], Compares::Rolls);
        // 4/180, 2/180 and 5/180 less 1 % each; the last is longer than was allowed for.
        $this->assertEqualsWithDelta((100 * 11 / 180 - 3) / 4, $rolls->before(), 1e-9);
        $this->assertEqualsWithDelta(2.8, $rolls->points[3]['after'], 1e-9);
        $this->assertLessThan($rolls->before(), $rolls->after());
    }

    public function test_of_nothing_measured_nothing_is_said(): void
    {
        $this->assertSame([], Accuracy::of([]));
        $this->assertSame([], Accuracy::of([new Past(1, 'A piece', [], [], null, [])]));
    }

    public function test_only_the_latest_are_looked_at_but_all_teach(): void
    {
        $pieces = array_map(fn (int $id): Past => $this->sized($id, 22.0, 0.9), range(1, Accuracy::MOST + 5));
        $size = $this->of($pieces, Compares::Size);
        $this->assertCount(Accuracy::MOST, $size->points);
        $this->assertSame([6, Accuracy::MOST + 5], [$size->points[0]['id'], $size->points[Accuracy::MOST - 1]['id']]);
    }

    /** Only what a piece took part in is learned anew: it comes to the same as learning all of it without that piece. */
    public function test_what_the_others_teach_is_what_a_log_without_it_teaches(): void
    {
        mt_srand(20261129);
        $any = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        for ($round = 0; $round < 12; $round++) {
            $pieces = [];
            for ($id = 1; $id <= mt_rand(1, 14); $id++) {
                $pieces[$id] = array_map(fn (): Observation => new Observation(
                    $subject = $any(Subject::cases()),
                    $subject === Subject::Shortfall
                        ? new Scope('', $any(['plain mesh', 'ribbon']), $any(['the market', 'the mill']))
                        : new Scope($any(['ruffle', 'pancake', 'design:one']), $any(['', 'plain mesh', 'see-through mesh']), $any(['', 'the market'])),
                    'some',
                    $guess = mt_rand(50, 400) / 10,
                    $guess * mt_rand(70, 110) / 100,
                    $any(['thin', 'usual', 'very full']),
                ), range(1, mt_rand(1, 6)));
            }
            $told = Learner::leavingOut($pieces);
            foreach (array_keys($pieces) as $id) {
                $this->assertEquals(Learner::figures(Learner::learn(array_diff_key($pieces, [$id => 1])), []), $told($id), "round $round, piece $id");
            }
        }
    }

    public function test_a_piece_that_was_measured_in_nothing_leaves_all_as_it_is(): void
    {
        $pieces = [1 => $this->sized(1, 22.0, 0.9)->observed, 2 => $this->sized(2, 22.0, 0.9)->observed, 3 => $this->sized(3, 22.0, 0.9)->observed, 4 => []];
        $this->assertEqualsWithDelta(0.9, Learner::leavingOut($pieces)(4)->find(Subject::Reach, 'ruffle', 'plain mesh')?->value, 1e-9);
        $this->assertNull(Learner::leavingOut($pieces)(3)->find(Subject::Reach, 'ruffle', 'plain mesh'));
    }

    private function sized(int $id, float $real, float $factor, string $design = 'design:one'): Past
    {
        return new Past($id, "Piece $id", [
            new Observation(Subject::Reach, new Scope('ruffle', 'plain mesh', 'ordinary rolls'), 'ruffles', 5.0, 5.0 * $factor),
            new Observation(Subject::Reach, new Scope($design), "Piece $id", 5.0, 5.0 * $factor),
        ], [], ['guess' => 23.0, 'real' => $real, 'slope' => 10.0], []);
    }

    /** @param  list<Past>  $pieces */
    private function of(array $pieces, Compares $what): Compared
    {
        foreach (Accuracy::of($pieces) as $its) {
            if ($its->what === $what) {
                return $its;
            }
        }
        $this->fail("Nothing was compared of {$what->value}.");
    }
}
