<?php

declare(strict_types=1);

namespace Davrin\Core\Part\FoldedRuffle;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;
use Davrin\Core\Words\Fault;

/** A ruffle whose ends are folded back before it is gathered, so that no raw end shows; its wings lose the folds. */
final class FoldedRuffle extends Pieces
{
    public function key(): string
    {
        return 'folded-ruffle';
    }

    public function name(): string
    {
        return 'a ruffle with folded ends';
    }

    public function noun(): array
    {
        return ['folded ruffle', 'folded ruffles'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Fold {fold} back at each end, then gather each as {kind}, one on {on}.';
    }

    public function blanks(): array
    {
        return [
            self::lengthBlank(20),
            LengthBlank::of('fold', 'the fold at each end', Length::inches(0, 3, 4), Length::inches(0, 1, 4), Length::inches(6)),
        ];
    }

    public function demand(PartContext $on): Demand
    {
        if (! $on->length('fold')->times(2)->isLessThan($on->length('length'))) {
            throw Fault::at(
                '/fold',
                sprintf(
                    'Two folds of %s leave nothing of a piece of %s. Fold less, or cut longer.',
                    $on->units->exact($on->length('fold')),
                    $on->units->exact($on->length('length')),
                ),
            );
        }

        return parent::demand($on);
    }

    public function size(PartContext $on): Size
    {
        return self::wings($on, $on->length('length')->toInches() / 2 - $on->length('fold')->toInches());
    }

    protected function minutes(): float
    {
        return 1.2;
    }
}
