<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\FormSpot;
use Davrin\Core\Anchor\FormSpotBlank;
use Davrin\Core\Anchor\SeesWhatIsThere;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Words\Fault;

/**
 * On one spot of the form: so far from its middle in some direction, or so far along a wire; and turned by an angle. Some may stand on what
 * another part offers instead, as on the stems of a sign.
 */
final readonly class AtSpot implements AnchorKind, SeesWhatIsThere
{
    public const SPOT = 'at';

    public const TURNED = 'turned';

    /** Where nothing else is chosen it stands on the form. */
    public const FORM = 'form';

    /**
     * @param  bool  $atTheBottom  where it usually is, or in the middle
     * @param  bool  $orOnAnother  whether it may stand on another part
     */
    public function __construct(private bool $atTheBottom = false, private bool $orOnAnother = false) {}

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        return [
            ...($this->orOnAnother ? [
                ChoiceBlank::ofPlan(OnPart::PART, 'what it stands on', self::FORM, [
                    self::FORM => 'the form',
                    ...array_map(fn (string $name): string => "the $name", array_intersect_key($there->names, $there->offers)),
                ]),
                new CountBlank(OnPart::MANY, 'on how many of its stems', 0, 0, 24, 'all'),
            ] : []),
            new FormSpotBlank(
                self::SPOT,
                'the spot it stands on',
                $there->form,
                FormSpot::named($this->atTheBottom ? FormSpot::BOTTOM : FormSpot::MIDDLE),
            ),
            new CountBlank(self::TURNED, 'how many degrees it is turned clockwise', 0, -180, 180),
        ];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        $turned = fn (Place $place): Place => $place->turned($slip->count(self::TURNED));
        $part = self::partOf($slip);
        if ($part === null) {
            return Anchor::atPlaces([$turned($slip->object(self::SPOT, FormSpot::class)->place($there->form))]);
        }
        [$places, $many] = [$there->offers[$part], $slip->count(OnPart::MANY)];

        return $places === [] || $many > count($places) ? throw Fault::at('/'.OnPart::MANY, sprintf(
            'There are %d stems there. Write up to so many, or "all".',
            count($places),
        )) : Anchor::onPart($part, array_map($turned, $many === 0 ? $places : self::some($places, $many)));
    }

    /**
     * So many of them, the outermost first.
     *
     * @param  non-empty-list<Place>  $places
     * @return list<Place>
     */
    private static function some(array $places, int $many): array
    {
        $last = count($places) - 1;

        return array_map(
            fn (int $index): Place => $places[$many === 1 ? 0 : (int) round($index * $last / ($many - 1))],
            range(0, $many - 1),
        );
    }

    /** The part it stands on, by its id; null where it stands on the form. */
    public static function partOf(Slip $slip): ?string
    {
        return ! $slip->has(OnPart::PART) || $slip->text(OnPart::PART) === self::FORM ? null : $slip->text(OnPart::PART);
    }
}
