<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Troubles;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Roll\RollPlanner;
use Tests\Core\PlanCase;

/** Work on the bench, as far as it has come. */
abstract class BenchCase extends PlanCase
{
    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, list<OnHand>>  $shelf
     */
    protected function begun(array $document, int $copies = 1, array $shelf = []): Situation
    {
        $plan = $this->plan($document);
        $result = $this->figures($plan);

        return new Situation(
            array_map(fn (int $copy): BenchPiece => new BenchPiece($copy, $plan, $result), range(1, $copies)),
            BenchRolls::laidOut($plan, $result, $copies, new RollPlanner),
            [],
            [],
            $shelf,
        );
    }

    protected function walk(
        Situation $now,
        WalkOrder $order = WalkOrder::ByStep,
        CopyOrder $copies = CopyOrder::OneByOne,
    ): Walk {
        return Walk::of(array_values($now->pieces), $now->rolls, $order, $copies);
    }

    /** The first so many pieces cut. */
    protected function cut(Situation $now, int $count): Situation
    {
        $ids = [];
        foreach ($now->rolls as $roll) {
            foreach ($roll->cuts as $cut) {
                $ids = $cut->isPiece() && count($ids) < $count ? [...$ids, (string) $cut->id => true] : $ids;
            }
        }

        return $now->done($ids, $now->made);
    }

    /** The first so many elements made. */
    protected function made(Situation $now, int $count): Situation
    {
        $made = [];
        foreach ($this->walk($now)->units as $unit) {
            $made = $unit->element !== null && ! str_contains($unit->key, '/cut.') && count($made) < $count
                ? [...$made, "$unit->copy/{$unit->element->id}" => true]
                : $made;
        }

        return $now->done($now->cut, $made);
    }

    /**
     * @param  array<string, string>  $written
     * @return array<string, Way> by key
     */
    protected function ways(Situation $now, string $trouble, array $written = [], ?Unit $at = null): array
    {
        $kind = Troubles::all()[$trouble];
        $walk = $this->walk($now);
        $blanks = $kind->blanks($now, $walk, $at);
        $this->assertNotNull($blanks, "$trouble cannot happen here");
        $slip = Slip::load($blanks, [], '');
        foreach ($written as $key => $value) {
            $slip = $slip->with($key, $value, Units::Inches);
        }
        $ways = $kind->ways($this->replanner(), $now, $walk, $slip);

        return array_combine(array_map(fn (Way $way): string => $way->key, $ways), $ways);
    }

    protected function replanner(): Replanner
    {
        return new Replanner(Engine::standard(Craft::standard()), $this->reader(), new RollPlanner);
    }

    /** @return list<array{string, int, int, string}> key, pieces cut or to be cut, and what is left, of each roll */
    protected function rolls(Situation $now): array
    {
        return array_map(
            fn ($roll): array => [$roll->key, count($roll->cuts), $roll->left()->units / 4064],
            $now->rolls,
        );
    }

    protected function inches(int $whole): Length
    {
        return Length::inches($whole);
    }
}
