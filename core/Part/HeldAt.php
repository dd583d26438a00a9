<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;

/** Where a strip of ribbon is tied: at its middle it has two tails, at its end one. */
enum HeldAt: string
{
    case Middle = 'middle';
    case End = 'end';

    public const KEY = 'held';

    public static function blank(): ChoiceBlank
    {
        return new ChoiceBlank(self::KEY, 'where they are tied', self::Middle->value, [
            self::Middle->value => 'their middle', self::End->value => 'their upper ends',
        ]);
    }

    public static function of(Slip $slip): self
    {
        return self::from($slip->text(self::KEY));
    }
}
