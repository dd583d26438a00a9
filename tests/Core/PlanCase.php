<?php

declare(strict_types=1);

namespace Tests\Core;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\TestCase;

/** Plans as makers would write them, in as few words as the case needs: what is left out takes its default. */
abstract class PlanCase extends TestCase
{
    /** @param  array<string, mixed>  $document */
    protected function plan(array $document = []): Plan
    {
        return $this->reader()->read($document + ['materials' => [[]], 'parts' => [[]]]);
    }

    /** @param  array<string, mixed>  $document */
    protected function work(array $document = []): Result
    {
        return $this->workedOut($this->plan($document));
    }

    protected function workedOut(Plan $plan): Result
    {
        return Engine::standard(Craft::standard())->work($plan);
    }

    /** Without advice. */
    protected function figures(Plan $plan): Result
    {
        return Engine::standard(Craft::standard())->figures($plan);
    }

    protected function reader(): PlanReader
    {
        return new PlanReader(Craft::standard());
    }

    /** How many pieces of a kind of goods are used. */
    protected function used(Result $result, string $kind): int
    {
        return $result->goodsOf($kind)?->pieces ?? 0;
    }

    /** 18 ruffles of 19 in from one measured roll: the everyday wreath. */
    protected function everyday(): array
    {
        return ['materials' => [['label' => 'measured', 'rolls' => 1]]];
    }

    /** 24 poofs of narrow mesh on the middle wires. */
    protected function poofs(): array
    {
        return [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 4, 'stem' => 'half']],
            'materials' => [['width' => '6 in', 'roll' => '5 yd', 'label' => 'measured', 'price' => '2.25']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '9 in', 'startTail' => '2 in', 'endTail' => '2 in']],
        ];
    }

    /** 15 ruffles of 24 in that need the whole of one cheap roll. */
    protected function everyInch(): array
    {
        return [
            'form' => ['crossbars' => 5],
            'materials' => [['roll' => '10 yd', 'allowance' => '2 %', 'rolls' => 1]],
            'parts' => [['length' => '24 in']],
        ];
    }

    /** @param  callable(): mixed  $make */
    protected function assertFault(string $pointer, string $says, callable $make): void
    {
        try {
            $make();
        } catch (Fault $fault) {
            $this->assertSame($pointer, $fault->pointer, $fault->getMessage());
            $this->assertStringContainsString($says, $fault->getMessage());

            return;
        }
        $this->fail("Nothing was refused at $pointer.");
    }
}
