<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Exceptions\StaleBuild;
use App\Models\Build;
use App\Models\ShelfStock;
use App\Shelf\BenchShelf;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Way;
use Davrin\Core\Shelf\MovementKind;
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
            $build->refresh()->mustBeUnderWay();
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
                NextVersion::of($build, $its->then, $words);
            }
            if ($its->replans || $its->spent !== []) {
                BenchShelf::hold($build);
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
                    $some = min($count, $stock?->free($build) ?? 0);
                    if ($some > 0) {
                        $stock?->move(MovementKind::Cut, -$some, "broken at the bench, {$build->plan->name}", $build->plan, $build->job);
                        $count -= $some;
                    }
                }
            }
        }
    }
}
