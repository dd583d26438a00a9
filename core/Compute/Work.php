<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;

/** Which kind of work a build step is, so that its minutes can be learned: ties, cuts, ruffles, dovetails, fluffing. */
final readonly class Work
{
    public const TIES = 'work:ties';

    public const CUTS = 'work:cuts';

    /** What is done for a part beside making and attaching it, by the beginning of the step's key. */
    private const BESIDE = [
        'ends' => 'ribbon ends', 'frays' => 'ends sealed', 'dip' => 'ends dipped', 'apart' => 'things taken apart',
        'double' => 'stems doubled', 'layout' => 'laying out', 'fix' => 'fixing the sign', 'set' => 'waiting for glue',
        'cushion' => 'cushion', 'hold' => 'stem of the bow',
    ];

    /** What is done to the whole, by the key of the step. */
    private const WHOLE = [
        'form' => 'joining the form', 'fluffing' => 'fluffing', 'stems' => 'stem ends', 'hanger' => 'hanger', 'back' => 'back',
    ];

    /**
     * @param  Scope  $scope  what its minutes are learned for
     * @param  string  $words  "ruffles"
     */
    private function __construct(public Scope $scope, public string $words) {}

    /** Null where its minutes are the maker's own, or it takes none. */
    public static function of(Plan $plan, BuildStep $step): ?self
    {
        [$what, $id] = [...explode('.', $step->key), '', ''];
        $part = array_column($plan->parts, null, 'id')[$id] ?? null;

        return match (true) {
            $what === 'ties' => new self(new Scope(self::TIES), 'ties'),
            $what === 'cut' => self::cuts($plan, $id),
            $part !== null && $what === 'parts' => self::made($part),
            default => self::beside($what),
        };
    }

    /** What the log says of how long it takes; null where the starting guess stands. */
    public function learned(Plan $plan): ?LearnedFigure
    {
        return $plan->learned->find(Subject::Minutes, $this->scope->of, $this->scope->material, $this->scope->source);
    }

    /** How many of them a guessed step does: ties, strokes of the cutter, elements; what is done to the whole is one. */
    public static function count(Plan $plan, BuildStep $guessed): int
    {
        $groups = array_column($plan->ties->groups, null, 'id');
        [$what, $id] = [...explode('.', $guessed->key), ''];

        return max(1, match ($what) {
            'ties' => isset($groups[$id]) ? count($groups[$id]->ties()) : 1,
            'cut' => (int) round($guessed->minutes / BuildOrder::STROKE),
            'parts' => count($guessed->elements),
            default => 1,
        });
    }

    private static function cuts(Plan $plan, string $material): self
    {
        $wound = array_column($plan->wound(), null, 'id')[$material] ?? null;

        return new self(new Scope(self::CUTS, $wound?->sort() ?? '', $wound?->source() ?? ''), 'cuts');
    }

    private static function made(Part $part): ?self
    {
        return $part->kind instanceof OwnWork ? null : new self($part->bearsOn(), $part->kind->noun()[1]);
    }

    private static function beside(string $what): ?self
    {
        $words = self::BESIDE[$what] ?? self::WHOLE[$what] ?? null;

        return $words === null ? null : new self(new Scope("work:$what"), $words);
    }
}
