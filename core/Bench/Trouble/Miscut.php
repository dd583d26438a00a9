<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Refill;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\DiffersByTie;
use Davrin\Core\Words\Fault;

/** A piece was cut to a wrong length, or torn, or burnt. */
final class Miscut implements Trouble
{
    use OfRolls;

    public function key(): string
    {
        return 'miscut';
    }

    public function title(): string
    {
        return 'A piece is spoiled';
    }

    public function sentence(): string
    {
        return 'The piece for {piece} is spoiled: {length} of it came off the roll.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $names = [];
        foreach ($now->rolls as $roll) {
            foreach ($roll->number === 0 ? [] : $roll->cuts as $cut) {
                if ($cut->isPiece() && $cut->id !== null) {
                    $names[$cut->id] = self::pieceName($now, $roll, $cut);
                }
            }
        }
        $its = isset($names[$at->cut ?? '']) ? (string) $at?->cut : (string) array_key_first($names);
        $length = self::find($now, $its)[1]->length ?? Length::zero();

        return $names === [] ? null : [
            ChoiceBlank::ofPlan('piece', 'the piece', $its, $names),
            LengthBlank::of('length', 'how much came off', $length, Length::zero(), Length::yards(200)),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        [$roll, $cut] = self::find($now, $slip->text('piece'))
            ?? throw Fault::at('/piece', 'That piece is not among those of this work any more. Choose another.');
        $length = $slip->length('length');
        $there = $roll->length->minus(Length::sum(array_map(
            fn (BenchCut $its): Length => $its->length,
            array_values(array_filter($now->cutFrom($roll), fn (BenchCut $its): bool => $its->id !== $cut->id)),
        )));
        if ($length->isMoreThan($there)) {
            throw Fault::at('/length', sprintf('So much was not on the roll: %s at most.', $now->units()->available($there)));
        }
        $stillCut = array_diff_key($now->cut, [(string) $cut->id => 1]);
        $made = array_diff_key($now->made, [(string) $cut->element() => 1]);
        $spoiled = $now->done($stillCut, $made)->withRolls(array_map(
            fn (BenchRoll $its): BenchRoll => $its->key === $roll->key ? $its->with(self::wasted($its->cuts, $cut, $length)) : $its,
            $now->rolls,
        ));
        $undone = [
            ...self::unitsOf($walk, [$cut]),
            ...self::makesOf($walk, $cut),
        ];

        return [
            ...array_filter([$this->asItIs($replanner, $now->done($stillCut, $made), $roll, $cut, $length, $walk)]),
            ...array_map(
                fn (Way $way): Way => $way->besides([], $undone),
                Refill::ways($replanner, $spoiled, $roll->material),
            ),
        ];
    }

    public function words(Situation $now, Slip $slip): string
    {
        [$roll, $cut] = self::find($now, $slip->text('piece')) ?? [null, null];

        return 'the piece for '.($roll === null || $cut === null ? 'a tie' : self::pieceName($now, $roll, $cut)).' spoiled';
    }

    /** Tied on all the same, where it is long enough to be gathered. */
    private function asItIs(Replanner $replanner, Situation $now, BenchRoll $roll, BenchCut $cut, Length $length, Walk $walk): ?Way
    {
        $plan = $now->pieces[$cut->copy]->plan;
        $part = $plan->part($cut->part);
        $elements = array_values(array_filter(
            $part->demand->elements,
            fn ($element): bool => "$cut->copy/$element->id" === $cut->element(),
        ));
        if ($length->equals($cut->length) || $length->toInches() < 4.0 || ! $part->kind instanceof DiffersByTie || $cut->tie === null) {
            return null;
        }
        $then = $replanner->otherwise($now, $part->id, [$cut->copy => $elements], $length);
        if ($then === null) {
            return null;
        }
        $units = $now->units();
        $then = $then->done([...$then->cut, (string) $cut->id => true], $then->made)->withRolls(array_map(
            fn (BenchRoll $its): BenchRoll => $its->key === $roll->key ? $its->with(array_map(
                fn (BenchCut $other): BenchCut => $other->id === $cut->id
                    ? new BenchCut($cut->id, $cut->kind, $length, $cut->copy, $cut->part, $cut->tie)
                    : $other,
                $its->cuts,
            )) : $its,
            $now->rolls,
        ));
        $isLonger = $length->isMoreThan($cut->length);
        $rest = $isLonger ? $replanner->rest($then, [$roll->material], false) : null;

        return $rest !== null && $rest->unmet !== [] ? null : new Way(
            'as-it-is',
            'Use it as it is, '.$units->exact($length),
            [sprintf(
                '%s %s than the others on tie %d: %s.',
                $units->needed($isLonger ? $length->minus($cut->length) : $cut->length->minus($length)),
                $isLonger ? 'longer' : 'shorter',
                $cut->tie,
                $isLonger ? 'pull its wings in a little' : 'pull the wings of its neighbours towards it',
            )],
            $rest === null ? $then : $then->withRolls($rest->rolls),
            self::unitsOf($walk, [$cut]),
        );
    }

    /**
     * @param  list<BenchCut>  $cuts
     * @return list<BenchCut>
     */
    private static function wasted(array $cuts, BenchCut $cut, Length $length): array
    {
        return array_map(fn (BenchCut $its): BenchCut => $its->id === $cut->id ? $its->wasted($length) : $its, $cuts);
    }

    /** @return list<string> what was made of it, by key */
    private static function makesOf(Walk $walk, BenchCut $cut): array
    {
        return array_values(array_map(fn (Unit $unit): string => $unit->key, array_filter(
            $walk->units,
            fn (Unit $unit): bool => $unit->deed === Deed::Make && "$unit->copy/{$unit->element?->id}" === $cut->element(),
        )));
    }

    private static function pieceName(Situation $now, BenchRoll $roll, BenchCut $cut): string
    {
        $element = (string) $cut->element();

        return sprintf(
            '%s%s, %s of %s',
            count($now->pieces) > 1 ? "piece $cut->copy, " : '',
            $cut->tie === null ? 'no. '.substr($element, (int) strrpos($element, '.') + 1) : "tie $cut->tie",
            $now->units()->exact($cut->length),
            $now->wound($roll->material)?->name() ?? 'mesh',
        );
    }

    /** @return ?array{BenchRoll, BenchCut} */
    private static function find(Situation $now, string $id): ?array
    {
        foreach ($now->rolls as $roll) {
            foreach ($roll->cuts as $cut) {
                if ($cut->id === $id && $cut->isPiece()) {
                    return [$roll, $cut];
                }
            }
        }

        return null;
    }
}
