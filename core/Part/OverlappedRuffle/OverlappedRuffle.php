<?php

declare(strict_types=1);

namespace Davrin\Core\Part\OverlappedRuffle;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;
use Davrin\Core\Words\Fault;

/** Both ends folded to the middle until they overlap, turned over and gathered: wings of about L/4, and no fray at all. */
final class OverlappedRuffle extends Pieces
{
    public function key(): string
    {
        return 'overlapped-ruffle';
    }

    public function name(): string
    {
        return 'a ruffle with overlapped ends';
    }

    public function noun(): array
    {
        return ['overlapped ruffle', 'overlapped ruffles'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Fold both ends to the middle until they overlap by {overlap}, turn it '
            .'over and gather it as {kind}, one on {on}.';
    }

    public function blanks(): array
    {
        return [
            self::lengthBlank(20),
            LengthBlank::of('overlap', 'the overlap of the ends', Length::inches(1), Length::zero(), Length::inches(12)),
        ];
    }

    public function demand(PartContext $on): Demand
    {
        if ($on->length('overlap')->times(2)->isMoreThan($on->length('length'))) {
            throw Fault::at(
                '/overlap',
                sprintf(
                    'An overlap of %s is more than half a piece of %s. Overlap less, or cut longer.',
                    $on->units->exact($on->length('overlap')),
                    $on->units->exact($on->length('length')),
                ),
            );
        }

        return parent::demand($on);
    }

    /** Folded, a piece is (L - overlap)/2 long, and half of that is a wing. */
    public function size(PartContext $on): Size
    {
        // Two layers of mesh lie less flat than one, so that nearly the whole wing shows.
        return self::wings($on, ($on->length('length')->toInches() - $on->length('overlap')->toInches()) / 4 / self::LIES_FLAT * 0.62);
    }

    protected function minutes(): float
    {
        return 1.5;
    }
}
