<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Exceptions\StaleBuild;
use App\Models\Build;
use App\Models\ShelfStock;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Refused;
use Illuminate\Support\Facades\DB;

/** Takes one way out of what went wrong, all of it or nothing: the plan, what is ticked, the rolls, the shelf and what is held of it. */
final readonly class TakeWay
{
    /**
     * @param  string  $way  by key
     * @param  int  $seen  the version of the build that was shown
     * @param  array<string, string>  $typed
     * @return string what was done, in words
     *
     * @throws StaleBuild|NotReady|Refused
     */
    public static function of(Build $build, string $trouble, string $way, int $seen, ?string $at, array $typed): string
    {
        return DB::transaction(function () use ($build, $trouble, $way, $seen, $at, $typed): string {
            $build->refresh();
            if ($build->isFinished()) {
                throw StaleBuild::finished();
            }
            if ($build->version()->id !== $seen) {
                throw StaleBuild::changed();
            }
            $page = WrongPage::of($build, $at, $trouble, $typed);
            $its = $page->way($way) ?? throw StaleBuild::noSuchWay();
            $words = "{$page->words()}: ".lcfirst($its->label);
            $build->say(Mark::Done, $its->done);
            $build->say(Mark::Undone, $its->undone);
            self::spend($build, $its);
            if ($its->replans) {
                self::replan($build, $its->then, $words);
            }
            $unit = $at !== null && $page->walk->at($at) !== null ? $at : $page->walk->keys()[0];
            $build->say(Mark::Note, [$unit], $words);

            return $words;
        });
    }

    /** What broke is taken from the shelf, where it is kept there. */
    private static function spend(Build $build, Way $way): void
    {
        foreach ($way->spent as $material => $count) {
            foreach ($build->pieces()[0]->plan->goods() as $good) {
                foreach ($good->id === $material ? $good->onHand() : [] as $there) {
                    $stock = $there->item === null ? null : ShelfStock::query()->with('item', 'reservations')->find($there->item);
                    $some = min($count, $stock?->free($build->plan) ?? 0);
                    if ($some > 0) {
                        $stock?->move(MovementKind::Cut, -$some, "broken at the bench, {$build->plan->name}", $build->plan, $build->job);
                        $count -= $some;
                    }
                }
            }
        }
    }

    private static function replan(Build $build, Situation $then, string $words): void
    {
        $before = $build->version();
        $plans = array_map(
            fn (BenchPiece $piece): Plan => $build->copies === 1 ? self::asItIs($piece->plan, $then) : $piece->plan,
            array_values($then->pieces),
        );
        $documents = array_map(app(PlanFile::class)->write(...), $plans);
        $walk = Walk::of(array_values($then->pieces), $then->rolls, $build->walk_order, $build->copy_order);
        $build->versions()->create([
            'words' => mb_substr($words, 0, 250),
            'documents' => count(array_unique($documents)) === 1 ? [$documents[0]] : $documents,
            'rolls' => array_map(fn (BenchRoll $roll): array => $roll->asData(), $then->rolls),
            'moved' => array_filter(array_map(fn (BenchPiece $piece): array => $piece->moved, $then->pieces)),
            'units' => $walk->keys(),
        ]);
        BenchShelf::settle($build, $then);
        BenchShelf::hold($build, $then);
        if ($build->copies === 1) {
            $build->plan->followTheBench($plans[0], $before->documents[0], "at the bench: $words");
        }
        $build->refresh();
    }

    /**
     * The plan with its rolls as they really are: what gave out as long as it was, what is on hand beside it. So all that is worked out
     * from it, its cost and what to buy, is true of this piece.
     */
    private static function asItIs(Plan $plan, Situation $now): Plan
    {
        $fill = [];
        foreach ($plan->usedWound() as $wound) {
            $its = array_filter($now->rolls, fn (BenchRoll $roll): bool => $roll->material === $wound->id && $roll->number > 0);
            $isAsPlanned = fn (BenchRoll $roll): bool => ! $roll->isSpent && $roll->wasted()->isZero();
            if (array_filter($its, fn (BenchRoll $roll): bool => ! $isAsPlanned($roll)) === []) {
                continue;
            }
            // New rolls that are as the plan says need not be named.
            $known = array_filter($its, fn (BenchRoll $roll): bool => ! $isAsPlanned($roll) || $roll->origin !== Origin::New);
            $lengths = array_filter(
                array_map(fn (BenchRoll $roll): array => [$roll->length->minus($roll->wasted()), $roll->lot], $known),
                fn (array $its): bool => $its[0]->toInches() >= 1.0,
            );
            $onHand = array_values(array_map(fn (array $its): OnHand => new OnHand(1, $its[0], false, $its[1]), $lengths));
            $written = (new OnHandBlank('onHand', ''))->write($onHand);
            $fill["materials.$wound->id.onHand"] = $written === [] ? 'nothing' : implode(', ', $written);
            $fill["materials.$wound->id.rolls"] = 'as many as needed';
        }
        try {
            return $fill === [] ? $plan : (new FillBlanks($fill))->apply($plan, app(PlanReader::class));
        } catch (Refused) {
            return $plan;
        }
    }
}
