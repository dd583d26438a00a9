<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Compute\Work;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Log\Made;
use Davrin\Core\Log\Observed;
use Davrin\Core\Log\SizeTold;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Plan\Design;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Price\Terms;
use Davrin\Core\Roll\RollPlanner;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

/** What was learned reaches every figure that rests on a guess, of every kind, on every form, and no other. */
final class LearnedEverywhereTest extends PlanCase
{
    /** @return iterable<string, array{string}> */
    public static function demoPlans(): iterable
    {
        foreach (glob(__DIR__.'/../../../database/demo/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    /** Figures that say what the guess says change nothing but where they come from. */
    #[DataProvider('demoPlans')]
    public function test_a_figure_that_is_the_guess_changes_no_number(string $file): void
    {
        [$plan, $same] = [$this->read($file), $this->read($file, $this->figuresLike($this->read($file), 1.0))];
        [$before, $after] = [$this->figures($plan), $this->figures($same)];
        foreach (['ties', 'used', 'rolls', 'left', 'across', 'opening', 'depth', 'minutes', 'cost'] as $figure) {
            $this->assertSame($before->tally->{$figure}->value, $after->tally->{$figure}->value, $figure);
        }
        $this->assertEqualsWithDelta(
            array_sum(array_column($before->build, 'minutes')),
            array_sum(array_column($after->build, 'minutes')),
            1e-9,
        );
    }

    /** Twice as long, half as far: every kind of work and of part follows, but what the maker wrote. */
    #[DataProvider('demoPlans')]
    public function test_every_kind_of_work_and_every_reach_follows(string $file): void
    {
        $plan = $this->read($file);
        $learned = [...$this->figuresLike($plan, 2.0, 'minutes'), ...$this->figuresLike($plan, 0.5, 'reach')];
        $after = $this->read($file, $learned);
        $minutes = array_column($this->figures($after)->build, 'minutes', 'key');
        foreach ($this->figures($plan)->build as $step) {
            $isOwn = Work::of($plan, $step) === null;
            $this->assertEqualsWithDelta($step->minutes * ($isOwn ? 1.0 : 2.0), $minutes[$step->key], 1e-9, $step->key);
        }
        foreach ($plan->parts as $at => $part) {
            $this->assertEqualsWithDelta($part->size->reach / 2, $after->parts[$at]->size->reach, 1e-9, $part->id);
            $this->assertSame($part->size->depth, $after->parts[$at]->size->depth);
            $this->assertEquals($part->demand->cuts, $after->parts[$at]->demand->cuts, 'what is cut is cut as before');
        }
        $ofMesh = fn (Plan $its): float => $this->figures($its)->extent->box->wide() + $this->figures($its)->extent->box->high();
        $this->assertLessThanOrEqual($ofMesh($plan), $ofMesh($after));
    }

    /** From its measured size each demo plan is taught so that it would have said just that. */
    #[DataProvider('demoPlans')]
    public function test_a_size_that_was_measured_three_times_is_said_the_fourth_time(string $file): void
    {
        $plan = $this->read($file);
        $box = $this->figures($plan)->extent->box;
        $isHigh = $box->high() > $box->wide() + 0.01;
        $real = round(($isHigh ? $box->high() : $box->wide()) * 8 - 4) / 8;
        $length = Length::ofUnits((int) ($real * Length::PER_INCH));
        $made = $isHigh ? new Made(high: $length) : new Made(wide: $length);
        $told = SizeTold::of($plan, $made);
        if ($told === null) {
            // It ends with the form, or with what hangs from it: however little pieces stand out, it gets no smaller than that.
            $least = $this->figures($this->read($file, $this->figuresLike($plan, 0.2, 'reach')))->extent->box;
            $this->assertGreaterThan($real - 0.01, $isHigh ? $least->high() : $least->wide());

            return;
        }
        $learned = [['figure' => 'reach', 'of' => Design::of($plan->form, $plan->parts), 'value' => number_format($told->factor, 6, '.', ''), 'from' => 3]];
        $next = $this->figures($this->read($file, $learned))->extent->box;
        $this->assertEqualsWithDelta($real, $isHigh ? $next->high() : $next->wide(), 0.01);
    }

    public function test_an_edit_and_its_remedies_carry_what_was_learned(): void
    {
        $learned = [['figure' => 'minutes', 'of' => 'ruffle', 'value' => '2', 'from' => 3], ['figure' => 'minutes', 'of' => 'pancake', 'value' => '3', 'from' => 3]];
        $plan = $this->plan(['learned' => $learned]);
        $after = (new FillBlanks(['parts.l1.kind' => 'pancake']))->apply($plan, $this->reader());
        // Pancakes go on row by row, each row a step of its own.
        $pancakes = array_filter($this->figures($after)->build, fn ($step): bool => str_starts_with($step->key, 'parts.l1'));
        $this->assertEqualsWithDelta(18 * 1.5 * 3, array_sum(array_column($pancakes, 'minutes')), 1e-9);
        $this->assertSame($learned[0]['value'], $after->write()['learned'][0]['value'] === '2' ? '2' : $after->write()['learned'][1]['value']);
    }

    public function test_copies_of_a_plan_are_cut_by_what_was_learned_of_their_rolls(): void
    {
        $document = ['materials' => [['roll' => '5 yd', 'supplier' => 'the market', 'rolls' => 9]], 'parts' => [['length' => '19 1/2 in']]];
        $learned = ['learned' => [['figure' => 'shortfall', 'source' => 'the market', 'value' => '2.8', 'from' => 3]]];
        $batch = fn (array $more): int => count(Batch::of([new Share($this->plan($document + $more), 2)], new RollPlanner)->materials[0]->rolls->rolls);
        $this->assertSame($batch([]), $batch($learned), 'as many rolls at nominal length');
        $safe = fn (array $more): Length => Batch::of([new Share($this->plan($document + $more), 2)], new RollPlanner)->materials[0]->wound->safe();
        $this->assertTrue($safe($learned)->isLessThan($safe([])));
    }

    /** 342 in at $6.50 the roll of 360 in are 617.5 cents; 4 % of them get spoiled. */
    public function test_what_gets_spoiled_is_a_line_of_its_own_on_the_cost_sheet(): void
    {
        $learned = [['figure' => 'waste', 'of' => 'ruffle', 'value' => '4', 'from' => 5]];
        $sheet = function (array $more): CostSheet {
            $plan = $this->plan($this->everyday() + $more);

            return CostSheet::of($plan, $this->figures($plan), null, Terms::read([]));
        };
        [$before, $after] = [$sheet([]), $sheet(['learned' => $learned])];
        $this->assertCount(count($before->lines) + 1, $after->lines);
        $this->assertSame('Sage mesh that gets spoiled', $after->lines[1]->what);
        $this->assertSame('4 % of it, learned from 5 pieces', $after->lines[1]->ways['length-paid'][1]);
        $this->assertSame('24.7', (string) $after->materials()->minus($before->materials())->toScale(1));
        $this->assertTrue($after->materials('opened-paid')->isEqualTo($before->materials('opened-paid')), 'a whole roll is paid for already');
        $this->assertSame($before->minutes, $after->minutes);
        $this->assertSame($this->figures($this->plan($this->everyday()))->cost->total->cents, $this->figures($this->plan($this->everyday() + ['learned' => $learned]))->cost->total->cents);
    }

    public function test_two_plans_of_one_design_differ_in_colour_and_price_and_not_in_length(): void
    {
        $of = fn (array $document): string => Design::of($this->plan($document)->form, $this->plan($document)->parts);
        $one = $of([]);
        $this->assertSame($one, $of(['name' => 'Another', 'materials' => [['name' => 'Gold', 'colour' => '#c99a3c', 'price' => '9.00']]]));
        $this->assertSame($one, $of(['parts' => [['length' => '18 in']]]), 'a ruffle reaches as far whatever it is cut to');
        $this->assertNotSame($one, $of(['materials' => [['width' => '6 in']]]));
        $this->assertNotSame($one, $of(['form' => ['wires' => ['16 in', '14 in', '12 in', '10 in']]]));
        $this->assertNotSame($one, $of(['parts' => [['kind' => 'pancake']]]));
        $this->assertNotSame($one, $of(['ties' => [['layout' => 'n-a-section', 'perSection' => 3]]]));
    }

    public function test_minutes_of_work_done_row_by_row_are_one_kind_of_work(): void
    {
        $plan = $this->plan(['ties' => [['layout' => 'flat']], 'parts' => [['kind' => 'pancake']]]);
        $result = $this->figures($plan);
        $pancakes = array_values(array_filter(Observed::work($plan, $result, $result), fn ($its): bool => $its->scope->of === 'pancake'));
        $this->assertCount(1, $pancakes);
        $this->assertSame([12, 18.0], [$pancakes[0]->count, $pancakes[0]->guess]);
    }

    /** @param  list<array<string, mixed>>  $learned */
    private function read(string $file, array $learned = []): Plan
    {
        $document = json_decode((string) file_get_contents($file), true);

        return (new PlanFile(Craft::standard()))->read((string) json_encode($document + ($learned === [] ? [] : ['learned' => $learned])));
    }

    /** @return list<array<string, mixed>> a figure for each thing in the plan that can be learned */
    private function figuresLike(Plan $plan, float $factor, ?string $only = null): array
    {
        $figures = [];
        foreach ($plan->parts as $part) {
            foreach ($part->kind instanceof OwnWork ? [] : ['reach', 'depth', 'minutes'] as $figure) {
                $figures["$figure {$part->kind->key()}"] = ['figure' => $figure, 'of' => $part->kind->key(), 'value' => (string) $factor, 'from' => 9];
            }
        }
        foreach ($this->figures($plan)->build as $step) {
            $of = Work::of($plan, $step)?->scope->of;
            $figures += $of === null ? [] : ["minutes $of" => ['figure' => 'minutes', 'of' => $of, 'value' => (string) $factor, 'from' => 9]];
        }

        return array_values(array_filter($figures, fn (array $its): bool => $only === null || $its['figure'] === $only));
    }
}
