<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\SeesWhatIsThere;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Words\Fault;

/** On the elements of a part that is built before: ribbon in every bundle, a bow on the sign. */
final readonly class OnPart implements AnchorKind, SeesWhatIsThere
{
    public const PART = 'onPart';

    public const EVERY = 'every';

    public const MANY = 'many';

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        if ($there->names === []) {
            throw Fault::at('', 'This goes on another part, and none is built before it. Add that part first, or move this one later.');
        }

        return [
            ChoiceBlank::ofPlan(self::PART, 'the part it goes on', (string) array_key_last($there->names), $there->names),
            new CountBlank(self::EVERY, 'every how many-th of it', 1, 1, 100),
            new CountBlank(self::MANY, 'how many of these', 0, 0, 2000, 'all'),
        ];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        [$part, $every, $places] = [$slip->text(self::PART), $slip->count(self::EVERY), []];
        foreach ($there->places[$part] as $index => $place) {
            $places = [...$places, ...($index % $every === 0 ? [$place] : [])];
        }

        $many = $slip->count(self::MANY);
        if ($many > count($places)) {
            throw Fault::at('/'.self::MANY, sprintf(
                'There are %d of these. Write up to so many, or "all".',
                count($places),
            ));
        }
        $spread = fn (int $index): Place => $places[intdiv($index * count($places), $many)];

        return Anchor::onPart($part, $many === 0 ? $places : array_map($spread, range(0, $many - 1)));
    }
}
