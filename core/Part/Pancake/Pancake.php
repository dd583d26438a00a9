<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Pancake;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\EasyToMake;
use Davrin\Core\Part\FlatOnTheForm;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;

/** One long piece a tie, its ends folded, gathered and tied flat, each end tucked into its neighbour's groove. */
final class Pancake extends Pieces implements EasyToMake, FlatOnTheForm
{
    public function key(): string
    {
        return 'pancake';
    }

    public function name(): string
    {
        return 'a pancake';
    }

    public function noun(): array
    {
        return ['pancake', 'pancakes'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Fold {fold} back at each end, gather each flat as {kind} on {on}, and '
            .'tuck its ends into the grooves of its neighbours.';
    }

    public function blanks(): array
    {
        return [
            self::lengthBlank(30),
            LengthBlank::of('fold', 'the fold at each end', Length::inches(0, 3, 4), Length::zero(), Length::inches(1)),
        ];
    }

    public function size(PartContext $on): Size
    {
        return self::wings($on, $on->length('length')->toInches() / 2 - $on->length('fold')->toInches(), 3.0);
    }

    protected function minutes(): float
    {
        return 1.5;
    }
}
