<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;
use Davrin\Core\Ties\Layout\SeatChoice;
use Davrin\Core\Words\Fault;

/** On so many spots spread evenly along a wire or two: round a closed form from the first on, along an open one from end to end. */
final readonly class SpreadAlong implements AnchorKind
{
    public const COUNT = 'spots';

    public const FIRST = 'first';

    public function __construct(private int $usual = 5) {}

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        return [
            new CountBlank(self::COUNT, 'the number of spots', $this->usual, 1, 200),
            SeatChoice::blank($there->form),
            LengthBlank::of(self::FIRST, 'the place of the first', Length::zero(), Length::zero(), Length::inches(400)),
        ];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        [$form, $seat, $count] = [$there->form, SeatChoice::of($there->form, $slip), $slip->count(self::COUNT)];
        [$length, $first] = [$form->length($seat), $slip->length(self::FIRST)->toInches()];
        if ($first > $length + 1e-6) {
            throw Fault::at(
                '/'.self::FIRST,
                sprintf(
                    'The %s is %s long. Write less for the first.',
                    $form->names->of($seat),
                    $there->units->available(Length::ofUnits((int) ($length * Length::PER_INCH))),
                ),
            );
        }
        $step = $form->closed() ? $length / $count : ($count === 1 ? 0.0 : ($length - $first) / ($count - 1));

        return Anchor::atPlaces(array_map(fn (int $spot): Place => $form->at($seat, $first + $spot * $step), range(0, $count - 1)));
    }
}
