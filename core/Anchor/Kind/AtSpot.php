<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\FormSpot;
use Davrin\Core\Anchor\FormSpotBlank;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;

/** On one spot of the form: so far from its middle in some direction, or so far along a wire; and turned by an angle. */
final readonly class AtSpot implements AnchorKind
{
    public const SPOT = 'at';

    public const TURNED = 'turned';

    /** @param  bool  $atTheBottom  where it usually is, or in the middle */
    public function __construct(private bool $atTheBottom = false) {}

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        return [
            new FormSpotBlank(
                self::SPOT,
                'the spot it stands on',
                $there->form,
                $this->atTheBottom ? FormSpot::bottom($there->form) : FormSpot::middle(),
            ),
            new CountBlank(self::TURNED, 'how many degrees it is turned clockwise', 0, -180, 180),
        ];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        return Anchor::atPlaces([$slip->object(self::SPOT, FormSpot::class)->place($there->form)->turned($slip->count(self::TURNED))]);
    }
}
