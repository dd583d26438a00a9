<?php

namespace App\Devices;

use Davrin\Core\Words\Refused;

/** The label printer prints nothing. */
final class PrinterStopped extends Refused
{
    public static function off(): self
    {
        return new self(
            'The label printer does not answer. Switch it on and print again, or write the labels by hand: what belongs on them '
                .'stands on the sheet.',
        );
    }

    public static function out(int $labels, int $left): self
    {
        return new self(
            sprintf(
                'That takes %d %s, and the printer has %s left on its roll. Put a new roll in and print again; none was printed.',
                $labels,
                $labels === 1 ? 'label' : 'labels',
                $left === 0 ? 'none' : $left,
            ),
        );
    }

    public static function nothing(): self
    {
        return new self('Nothing goes back on the shelf from here, so there is no label to print.');
    }
}
