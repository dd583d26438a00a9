<?php

declare(strict_types=1);

namespace Davrin\Core\Part\SteppedBow;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Words\Fault;

/** Layers of one loop a side from the bottom up, each a step smaller, from one ribbon with two tails. */
final class SteppedBow extends Bow
{
    public function key(): string
    {
        return 'stepped-bow';
    }

    public function name(): string
    {
        return 'a stepped bow';
    }

    public function making(PartContext $on): string
    {
        return 'Make {kind} of {material}: {layers} layers of one loop a side, the lowest {loop}, each {step} smaller ({=sizes}), tails of '
            .'{tails}, {pinch} for each pinch.'.self::closing();
    }

    public function blanks(): array
    {
        return [
            new CountBlank('layers', 'the number of layers', 4, 1, 12),
            self::loop('loop', 'the size of the lowest loops', Length::inches(6)),
            LengthBlank::of('step', 'how much smaller each layer is', Length::inches(0, 1, 2), Length::zero(), Length::inches(6)),
            self::tails(Length::inches(12)),
            self::pinch(),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['loop' => 'the largest lowest loops', 'layers' => 'the most layers', 'tails' => 'the longest tails'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        $sizes = self::sizes($slip);

        return self::ofEach(
            $ribbons,
            array_merge(...array_map(fn (Length $size): array => [$size, $size], $sizes)),
            self::bothTails($slip),
            $slip->length('pinch')->times(2 * count($sizes) + 1),
        );
    }

    protected function its(PartContext $on): array
    {
        return ['sizes' => implode(', ', array_map(fn (Length $size): string => $on->units->exact($size), self::sizes($on->slip)))];
    }

    /** @return non-empty-list<Length> of the loops, from the bottom up */
    private static function sizes(Slip $slip): array
    {
        $sizes = array_map(
            fn (int $layer): Length => $slip->length('loop')->minus($slip->length('step')->times($layer)),
            range(0, $slip->count('layers') - 1),
        );

        return $sizes[count($sizes) - 1]->isLessThan(Length::inches(...self::LEAST_LOOP))
            ? throw Fault::at(
                '/step',
                'The uppermost loops would come to less than 1/2 in. Write a smaller step, fewer layers or larger loops.',
            )
            : $sizes;
    }
}
