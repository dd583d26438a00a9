<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;

/** Over a part of the form that is covered rather than tied, as the crown of a hat; or over its bars. */
final readonly class OnArea implements AnchorKind
{
    public const KEY = 'area';

    /** What every form has. */
    public const BARS = 'bars';

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        $areas = array_keys($there->form->areas);

        return [
            ChoiceBlank::ofPlan(
                self::KEY,
                'what is covered',
                $areas[0] ?? self::BARS,
                [...array_combine($areas, $areas), self::BARS => 'bars of the form'],
            ),
        ];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        return Anchor::onArea($slip->text(self::KEY));
    }
}
