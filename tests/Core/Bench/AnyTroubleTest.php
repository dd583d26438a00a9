<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Troubles;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Craft\Craft;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever goes wrong with whatever plan, however far it has come: what is made stays, and every piece that is left is on one roll. */
final class AnyTroubleTest extends BenchCase
{
    #[DataProvider('demo')]
    public function test_every_way_out_leaves_the_work_whole(string $file, int $seed): void
    {
        mt_srand($seed);
        (new PlanFile(Craft::standard()))->read((string) file_get_contents($file));
        $now = $this->begun((array) json_decode((string) file_get_contents($file), true), mt_rand(1, 2));
        $walk = $this->walk($now);
        $at = mt_rand(0, count($walk->units) - 1);
        [$cut, $made] = [[], []];
        foreach (array_slice($walk->units, 0, $at) as $unit) {
            if ($unit->element !== null && mt_rand(0, 19) > 0) {
                $unit->deed === Deed::Cut ? $cut[(string) $unit->cut] = true : $made["$unit->copy/{$unit->element->id}"] = true;
            }
        }
        $now = $now->done($cut, $made);
        // And once more with what came of it: trouble seldom comes alone.
        foreach ([1, 2] as $round) {
            $ways = $this->everyWay($now, "round $round");
            $this->assertNotSame([], $ways);
            $now = $ways[mt_rand(0, count($ways) - 1)]->then;
        }
    }

    /** @return list<Way> */
    private function everyWay(Situation $now, string $round): array
    {
        [$walk, $all] = [$this->walk($now), []];
        $open = array_values(array_filter(
            $walk->units,
            fn (Unit $unit): bool => $unit->element === null || ! $now->isMade($unit->copy, $unit->element->id),
        ));
        foreach (Troubles::all() as $key => $trouble) {
            $blanks = $trouble->blanks($now, $walk, $open[0] ?? null);
            try {
                $ways = $blanks === null ? [] : $trouble->ways($this->replanner(), $now, $walk, Slip::load($blanks, [], ''));
            } catch (Fault $fault) {
                $this->assertMatchesRegularExpression('/^[A-Z].*\.$/s', $fault->getMessage());
                $ways = [];
            }
            foreach ($ways as $way) {
                $this->assertIsWhole($way, "$round, $key: $way->key");
                $all[] = $way;
            }
        }

        return $all;
    }

    private function assertIsWhole(Way $way, string $which): void
    {
        $ids = [];
        foreach ($way->then->rolls as $roll) {
            $this->assertFalse($roll->number > 0 && $roll->used()->isMoreThan($roll->length), "$which: $roll->key is cut beyond its end");
            foreach ($roll->cuts as $piece) {
                $ids = $piece->isPiece() && $piece->id !== null ? [...$ids, $piece->id] : $ids;
            }
        }
        $this->assertSame(array_unique($ids), $ids, "$which: a piece is on two rolls");
        $planned = [];
        foreach ($way->then->pieces as $copy => $piece) {
            $planned = [...$planned, ...array_keys(BenchRolls::idsOf($piece->plan, $copy))];
        }
        $this->assertEqualsCanonicalizing($planned, $ids, "$which: a piece is on no roll");
        // What was cut stays where it was, unless it is what went wrong.
        foreach (array_keys($way->then->cut) as $id) {
            $this->assertContains($id, $ids, "$which: what is cut is not there");
        }
        $elements = array_map(fn (Unit $unit): string => "$unit->copy/{$unit->element?->id}", array_filter(
            $this->walk($way->then)->units,
            fn (Unit $unit): bool => $unit->deed === Deed::Make,
        ));
        foreach (array_keys($way->then->made) as $made) {
            $this->assertContains($made, $elements, "$which: what is made has no place any more");
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function demo(): iterable
    {
        // Every third plan, unless somebody asks for more of them.
        $seeds = getenv('BENCH_SEEDS') ?: 1;
        foreach (glob(dirname(__DIR__, 3).'/database/demo/*.json') ?: [] as $number => $file) {
            if ($number % 3 !== 1 && $seeds === 1) {
                continue;
            }
            for ($seed = 0; $seed < (int) $seeds; $seed++) {
                yield basename($file, '.json')." $seed" => [$file, 100 * $seed + $number];
            }
        }
    }
}
