<?php

namespace Tests\Feature;

use App\Bench\TakeWay;
use App\Bench\WrongPage;
use App\Models\Build;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Shelf\Standing;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Way;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Refused;
use Eris\Generators;
use Tests\RandomTrials;

/** However a build goes: by chance, again and again, what must hold is held. */
final class BenchTrialsTest extends FeatureCase
{
    use HasSage, RandomTrials;

    /** The shortest end that is kept, as these plans have it. */
    private const KEPT = 6 * Length::PER_INCH;

    public function test_whatever_goes_wrong_each_piece_that_is_wanted_comes_off_one_roll_that_holds_it(): void
    {
        $plans = array_map(fn (string $file): string => basename($file, '.json'), glob(database_path('demo/*.json')) ?: []);
        $this->limitTo($this->trials(40))->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed) use ($plans): void {
            mt_srand($seed);
            $plan = $this->hang($this->one($plans));
            $this->post("/plans/$plan->id/build", ['pieces' => (string) mt_rand(1, 2)]);
            $build = Build::query()->where('plan_id', $plan->id)->firstOrFail();
            for ($turn = 0; $turn < 4; $turn++) {
                $this->tick($build, mt_rand(0, 12));
                $this->goWrong($build, [], $this->one($build->version()->units));
                $this->assertSame([], $this->wanted($build->refresh()), "seed $seed, $plan->name");
            }
        });
    }

    public function test_however_often_a_build_ends_the_shelf_has_what_was_not_cut(): void
    {
        $came = ['360 in', '100 in', '360 in, 100 in', '20 x 48 in', '12 x 30 in, 200 in', '3 x 360 in', '30 in, 40 in, 50 in, 360 in'];
        $this->limitTo($this->trials(100))->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed) use ($came): void {
            mt_srand($seed);
            ShelfItem::query()->delete();
            $sage = $this->sage($this->one($came));
            $before = $sage->stock()->get()->keyBy('id')->all();
            $plan = $this->plan($sage, 'Barn door', $this->one(['19 in', '14 in', '20 1/2 in']));
            $this->post("/plans/$plan->id/build", ['pieces' => (string) mt_rand(1, 3)]);
            $build = Build::query()->where('plan_id', $plan->id)->firstOrFail();
            for ($turn = 0; $turn < 8; $turn++) {
                match ($build->refresh()->isFinished() ? 4 : mt_rand(0, 3)) {
                    0 => $this->tick($build, mt_rand(0, 30)),
                    1 => $build->say(Mark::Undone, array_slice(array_keys($build->marks()), -mt_rand(1, 3))),
                    2 => $this->goWrong($build, ['gave-out', 'flaw']),
                    3 => $this->post("/builds/$build->id/finish", ['all_the_same' => '1'])->assertRedirect("/builds/$build->id/record"),
                    default => $this->post("/builds/$build->id/reopen")->assertRedirect("/builds/$build->id"),
                };
                if ($build->refresh()->isFinished()) {
                    $there = $sage->stock()->get()->sum(fn (ShelfStock $its): int => $this->length($its, $its->amount));
                    $this->assertSame($this->left($build, $before), $there, "seed $seed");
                }
            }
        });
    }

    /** The numbers that trials begin with are no seed of the database. */
    protected function shouldSeed(): bool
    {
        return false;
    }

    private function tick(Build $build, int $most): void
    {
        $open = array_values(array_diff($build->version()->units, array_keys($build->marks())));
        $build->say(Mark::Done, array_slice($open, 0, $most));
    }

    /**
     * Takes a way out of something that can go wrong as the work stands, if there is one.
     *
     * @param  list<string>  $of  troubles; none for any
     */
    private function goWrong(Build $build, array $of, ?string $at = null): void
    {
        $can = array_keys(WrongPage::of($build->refresh(), $at, null, [])->titles);
        $can = $of === [] ? $can : array_values(array_intersect($can, $of));
        $trouble = $can === [] ? null : $this->one($can);
        $ways = $trouble === null ? [] : WrongPage::of($build, $at, $trouble, [])->ways;
        if ($trouble !== null && $ways !== []) {
            try {
                TakeWay::of($build, $trouble, $this->one(array_map(fn (Way $way): string => $way->key, $ways)), $build->version()->id, $at, []);
            } catch (Refused) {
                // What is not free on the shelf is not taken.
            }
        }
        $build->refresh();
    }

    /** @return list<string> what is wanted and not cut as it should be, what is cut twice, and rolls that give more than they hold */
    private function wanted(Build $build): array
    {
        [$cut, $wrong] = [[], []];
        foreach ($build->version()->benchRolls() as $roll) {
            $wrong = $roll->number > 0 && $roll->used()->isMoreThan($roll->length) ? [...$wrong, "$roll->key gives too much"] : $wrong;
            foreach ($roll->cuts as $its) {
                if ($its->isPiece() && $its->id !== null) {
                    $wrong = isset($cut[$its->id]) ? [...$wrong, "$its->id twice"] : $wrong;
                    $cut[$its->id] = $its->length->units;
                }
            }
        }
        $wanted = [];
        foreach ($build->pieces() as $piece) {
            foreach ($piece->plan->parts as $part) {
                $of = [];
                foreach ($part->demand->cuts as $its) {
                    $at = $of[$its->element->id] = ($of[$its->element->id] ?? -1) + 1;
                    $wanted["$piece->copy/{$its->element->id}/$at"] = $its->length->units;
                }
            }
        }

        return [...$wrong, ...array_keys(array_diff_assoc($wanted, $cut)), ...array_keys(array_diff_key($cut, $wanted))];
    }

    /**
     * What must lie on the shelf, in units of length, by what is ticked.
     *
     * @param  array<int, ShelfStock>  $before  what lay there, by id
     */
    private function left(Build $build, array $before): int
    {
        $now = Standing::of($build, $build->walk());
        $there = array_sum(array_map(fn (ShelfStock $its): int => $this->length($its, $its->amount), $before));
        foreach ($now->rolls as $roll) {
            $off = Length::sum(array_map(fn ($cut): Length => $cut->length, $now->cutFrom($roll)))->units;
            $stock = $before[$roll->item ?? 0] ?? null;
            $end = $roll->isSpent ? 0 : $roll->length->units - $off;
            // An end that is too short to keep is gone.
            $end = $end < self::KEPT ? 0 : $end;
            $there += match (true) {
                $off === 0 && (! $roll->isSpent || $stock?->kind === StockKind::Loose) => 0,
                $stock !== null => $end - $this->length($stock, $stock->kind === StockKind::Loose ? 1 : $stock->amount),
                $roll->origin === Origin::New && $off > 0 => $end,
                default => 0,
            };
        }

        return $there;
    }

    private function length(ShelfStock $stock, int $amount): int
    {
        return $stock->kind === StockKind::Loose ? $amount * $stock->piece : $amount;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}
