<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A tie was gone past without anything being tied on it. */
final class TieMissed implements Trouble
{
    public function key(): string
    {
        return 'tie-missed';
    }

    public function title(): string
    {
        return 'A tie was missed';
    }

    public function sentence(): string
    {
        return 'Nothing hangs on {missed}; it was found {found}.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $made = self::makes($walk);
        $names = array_map(fn (Unit $unit): string => self::named($now, $unit), $made);
        if ($names === []) {
            return null;
        }
        $before = array_filter($made, fn (Unit $unit): bool => $now->isMade($unit->copy, (string) $unit->element?->id));
        $found = isset($names[$at->key ?? '']) ? (string) $at?->key : (string) array_key_first($names);

        return [
            ChoiceBlank::ofPlan(
                'missed',
                'the place that was missed',
                (string) (array_key_last($before) ?? array_key_first($names)),
                $names,
            ),
            ChoiceBlank::ofPlan('found', 'where one is now', $found, array_map(fn (string $name): string => "at $name", $names)),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $makes = self::makes($walk);
        $missed = $makes[$slip->text('missed')] ?? throw Fault::at('/missed', 'That place is not among those of this work any more.');
        $part = $now->pieces[$missed->copy]->plan->part((string) $missed->element?->part);
        $without = $now->done($now->cut, array_diff_key($now->made, ["$missed->copy/{$missed->element?->id}" => 1]));

        return array_values(array_filter($part->demand->runs === [] ? [
            new Way(
                'now',
                'Make it now',
                [self::named($now, $missed).' comes next, then it goes on where you are. Its piece is still to be found among those that '
                    .'are cut: if none is over, say that one is spoiled.'],
                $without,
                undone: [$missed->key],
                replans: false,
            ),
            $this->bare($replanner, $without, $missed),
        ] : $this->ofARun($now, $makes, $missed, $slip->text('found'))));
    }

    public function words(Situation $now, Slip $slip): string
    {
        return 'a tie missed';
    }

    private function bare(Replanner $replanner, Situation $now, Unit $missed): ?Way
    {
        if ($missed->element === null || $missed->ties === []) {
            return null;
        }
        $its = fn (BenchCut $cut): bool => $cut->isPiece() && $cut->element() === "$missed->copy/{$missed->element->id}";
        [$cut, $over, $rolls] = [$now->cut, 0, []];
        foreach ($now->rolls as $roll) {
            $rolls[] = $roll->with(array_values(array_filter(array_map(function (BenchCut $one) use ($its, $now, &$cut, &$over): ?BenchCut {
                if (! $its($one)) {
                    return $one;
                }
                $isCut = $now->isCut($one);
                unset($cut[(string) $one->id]);
                $over += $isCut ? 1 : 0;

                return $isCut ? $one->wasted() : null;
            }, $roll->cuts))));
        }
        $then = $replanner->otherwise(
            $now->done($cut, $now->made)->withRolls($rolls),
            $missed->element->part,
            [$missed->copy => [$missed->element]],
            null,
        );

        $plan = $then === null ? null : $replanner->rest($then, [], true);

        return $plan === null || $plan->unmet !== [] ? null : new Way('bare', 'Leave '.lcfirst($missed->place).' bare', [
            $over > 0 ? Words::count($over, 'piece').' that '.($over === 1 ? 'is' : 'are').' cut already stays over.' : 'It is not cut.',
            'Pull the neighbours together over it, and cut its stem off at the back.',
        ], $then->withRolls($plan->rolls));
    }

    /**
     * @param  array<string, Unit>  $makes
     * @return list<?Way>
     */
    private function ofARun(Situation $now, array $makes, Unit $missed, string $found): array
    {
        $its = array_filter(
            $makes,
            fn (Unit $unit): bool => $unit->copy === $missed->copy && $unit->element?->part === $missed->element?->part,
        );
        $keys = array_keys($its);
        [$from, $to] = [array_search($missed->key, $keys, true), array_search($found, $keys, true)];
        $back = $from === false ? [] : array_slice($keys, $from, $to === false || $to < $from ? 1 : $to - $from + 1);
        $made = array_filter($back, fn (string $key): bool => $now->isMade($its[$key]->copy, (string) $its[$key]->element?->id));
        $without = $now->made;
        foreach ($back as $key) {
            unset($without["{$its[$key]->copy}/{$its[$key]->element?->id}"]);
        }

        return [
            new Way(
                'back',
                'Go back to '.lcfirst($missed->place),
                [sprintf('%s opened and tied again; no mesh is lost.', Words::count(max(1, count($made)), 'tie'))],
                $now->done($now->cut, $without),
                undone: $back,
                replans: false,
            ),
            new Way('leave', 'Leave it', [
                'One bubble stands over two ties there. Pull it apart, so that it does not look half as full, and put an extra near it.',
            ], $now, replans: false),
        ];
    }

    /** @return array<string, Unit> */
    private static function makes(Walk $walk): array
    {
        $makes = array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Make && $unit->ties !== []);

        return array_combine(array_map(fn (Unit $unit): string => $unit->key, $makes), $makes);
    }

    private static function named(Situation $now, Unit $unit): string
    {
        return (count($now->pieces) > 1 ? "piece $unit->copy, " : '').lcfirst($unit->place).', '.$unit->what;
    }
}
