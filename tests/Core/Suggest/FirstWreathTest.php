<?php

declare(strict_types=1);

namespace Tests\Core\Suggest;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Units;
use Davrin\Core\Suggest\FirstWreath;
use Davrin\Core\Suggest\Given;
use Davrin\Core\Supply\Origin;
use Tests\Core\PlanCase;

final class FirstWreathTest extends PlanCase
{
    private const SAGE = ['kind' => 'mesh', 'name' => 'Sage mesh', 'roll' => '20 yd', 'onHand' => ['2 x 150 in', '20 yd by label']];

    private const BURLAP = ['kind' => 'mesh', 'name' => 'Burlap', 'body' => 'burlap', 'onHand' => ['6 x 30 yd']];

    public function test_it_is_one_run_off_the_longest_roll_of_what_hardly_frays(): void
    {
        $first = $this->of(self::BURLAP, self::SAGE);
        $this->assertSame('Sage mesh', $first?->plan->usedWound()[0]->name());
        $this->assertSame('poof-run', $first->plan->parts[0]->kind->key());
        $result = $this->figures($first->plan);
        $this->assertTrue($result->verdict->isGood());
        $this->assertSame(720.0, $result->wound[0]->plan->rolls[0]->stock->nominal->toInches());
        $this->assertSame([], $result->wound[0]->plan->from(Origin::New));
        $this->assertStringContainsString('1 cut off 1 roll of Sage mesh', $first->words());
    }

    public function test_what_frays_is_taken_where_nothing_else_lies_there_and_one_roll_is_bought_where_nothing_does(): void
    {
        $this->assertSame('Burlap', $this->of(self::BURLAP, ['onHand' => ['20 in']] + self::SAGE)?->plan->usedWound()[0]->name());
        $bought = $this->of(['onHand' => []] + self::SAGE);
        $this->assertCount(1, $this->figures($bought->plan)->wound[0]->plan->from(Origin::New));
        $this->assertNull($this->of(['kind' => 'ribbon', 'name' => 'Rust ribbon']));
        $this->assertNull($this->of(['roll' => '1 yd', 'onHand' => ['20 in']] + self::SAGE));
    }

    /** @param  array<string, mixed>  ...$materials */
    private function of(array ...$materials): ?FirstWreath
    {
        $craft = Craft::standard();

        return FirstWreath::of(
            Given::read(['materials' => $materials]),
            Currency::UsDollar,
            Units::Inches,
            $craft,
            $this->reader(),
            Engine::standard($craft),
            fn (): bool => true,
        );
    }
}
