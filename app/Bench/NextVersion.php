<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Shelf\BenchShelf;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Refused;

/** A build goes on by another version of its plan and its rolls: what was cut until then leaves the shelf. */
final readonly class NextVersion
{
    /**
     * To be called in a transaction. What is still to be cut is held afterwards, by BenchShelf::hold.
     *
     * @param  string  $words  what was changed
     *
     * @throws NotReady where another plan or build holds what was cut
     */
    public static function of(Build $build, Situation $then, string $words): void
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
