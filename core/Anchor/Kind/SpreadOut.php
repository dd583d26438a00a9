<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor\Kind;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\FormSpot;
use Davrin\Core\Anchor\MovedSpotsBlank;
use Davrin\Core\Anchor\SeesWhatIsThere;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;
use Davrin\Core\Ties\Layout\SeatChoice;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Fault;

/**
 * On so many spots spread evenly along a row, turned so that they lie as far from all ties and as clear of what is there already as
 * they can; single ones moved by hand. How close a spot is to a tie is measured along the form: on a ring by their angle.
 */
final readonly class SpreadOut implements AnchorKind, SeesWhatIsThere
{
    public const COUNT = 'spots';

    public const FIRST = 'first';

    public const MOVED = 'moved';

    /** How wide one is, where the part says so. */
    public const SIZE = 'size';

    public const MOST = 60;

    /** So many other places for the first are tried where none between two ties is clear. */
    private const OTHERS = 24;

    /** How far from its middle the first may lie in its stretch of an open row. */
    private const ONE_SIDED = 0.2;

    /** So often a spot is held against something that is there, at the most. */
    private const MOST_LOOKED_AT = 12_000;

    public function __construct(private int $usual = 5) {}

    public function blanks(Surroundings $there, array $written, bool $carry): array
    {
        return [
            new CountBlank(self::COUNT, 'how many there are', $this->usual, 1, self::MOST),
            SeatChoice::blank($there->form),
            new RoomBlank(self::FIRST, 'the place of the first', Length::zero(), Length::inches(400), 'where there is most room'),
            new MovedSpotsBlank(self::MOVED, 'which are moved by hand', $there->form, self::MOST),
        ];
    }

    public function anchor(Slip $slip, Surroundings $there): Anchor
    {
        $first = self::first($slip, $there);
        $places = self::evenly($slip, $there, $first);
        foreach ($slip->objectsByNumber(self::MOVED, FormSpot::class) as $number => $spot) {
            $places[$number - 1] = isset($places[$number - 1])
                ? $spot->place($there->form)
                : throw Fault::at('/'.self::MOVED, sprintf('There is no number %d to move: there are %d.', $number, count($places)));
        }

        return Anchor::atPlaces($places, $first);
    }

    /** How far along its row the first lies from where the count begins, in inches: as is written, or where there is most room. */
    private static function first(Slip $slip, Surroundings $there): float
    {
        $written = $slip->lengthIfAny(self::FIRST)?->toInches();
        $length = $there->form->length(SeatChoice::of($there->form, $slip));
        if ($written !== null) {
            return $written <= $length + 1e-6 ? $written : throw Fault::at('/'.self::FIRST, sprintf(
                'The row is %s long. Write less for the first.',
                $there->units->available(Length::ofUnits((int) ($length * Length::PER_INCH))),
            ));
        }
        $candidates = self::candidates($slip->count(self::COUNT), $there);
        if ($there->room === []) {
            return $candidates[0] * $length;
        }
        $half = $slip->has(self::SIZE) ? $slip->length(self::SIZE)->toInches() / 2 : 0.0;
        $rooms = array_map(fn (Board $room): Board => $room->widened($half), $there->room);
        [$best, $fewest] = [0.0, PHP_INT_MAX];
        $most = max(1, intdiv(self::MOST_LOOKED_AT, $slip->count(self::COUNT) * count($there->room)));
        foreach (array_slice($candidates, 0, $most) as $part) {
            $inTheWay = self::inTheWay(self::evenly($slip, $there, $part * $length), $rooms);
            if ($inTheWay < $fewest) {
                [$best, $fewest] = [$part * $length, $inTheWay];
            }
            if ($fewest === 0) {
                break;
            }
        }

        return $best;
    }

    /**
     * How close the nearest of them lies to a tie, measured along the form: as a part of the whole form; null without ties.
     *
     * @param  float  $first  how far along its row the first lies, in inches
     */
    public static function clearance(Slip $slip, Surroundings $there, float $first): ?float
    {
        $count = $slip->count(self::COUNT);
        $part = $first / $there->form->length(SeatChoice::of($there->form, $slip));
        $gaps = array_map(function (float $tie) use ($part, $count): float {
            $off = fmod(abs($tie - $part), 1 / $count);

            return min($off, 1 / $count - $off);
        }, self::ties($there));

        return $gaps === [] ? null : min($gaps);
    }

    /**
     * Where the first may lie, as parts of the whole row: between two ties, seen from every spot at once, the widest gap first; then
     * anywhere.
     *
     * @return non-empty-list<float>
     */
    private static function candidates(int $count, Surroundings $there): array
    {
        $step = 1 / $count;
        $ties = array_map(fn (float $tie): float => fmod($tie, $step), self::ties($there));
        sort($ties);
        if ($ties === []) {
            return [$there->form->closed() ? 0.0 : $step / 2];
        }
        $gaps = [];
        foreach ($ties as $index => $tie) {
            $next = $ties[$index + 1] ?? $ties[0] + $step;
            $middle = fmod(($tie + $next) / 2, $step);
            // Along an open row as much is left at one end as at the other, or nearly so.
            $isOneSided = ! $there->form->closed() && abs($middle / $step - 0.5) > self::ONE_SIDED;
            $gaps[] = [$isOneSided, round($tie - $next, 9), $middle];
        }
        sort($gaps);

        // Where all gaps lead into something that is there, other places may be clear of it.
        return [
            ...array_column($gaps, 2),
            ...array_map(fn (int $part): float => $step * $part / self::OTHERS, range(0, self::OTHERS - 1)),
        ];
    }

    /** @return list<float> where each tie is, as a part of its row, from where the count begins */
    private static function ties(Surroundings $there): array
    {
        $rows = array_filter($there->ties->all(), fn (Tie $tie): bool => ! $tie->seat->isCrossbar());

        return array_values(array_map(fn (Tie $tie): float => fmod($tie->distance / $there->form->length($tie->seat), 1.0), $rows));
    }

    /** @return list<Place> */
    private static function evenly(Slip $slip, Surroundings $there, float $first): array
    {
        [$form, $count] = [$there->form, $slip->count(self::COUNT)];
        $seat = SeatChoice::of($form, $slip);
        $length = $form->length($seat);

        return array_map(
            fn (int $spot): Place => $form->at($seat, self::onRow($first + $spot * $length / $count, $length, $form->closed())),
            range(0, $count - 1),
        );
    }

    /** On an open row what would lie past the end lies as far from the beginning. */
    private static function onRow(float $distance, float $length, bool $isClosed): float
    {
        return $isClosed || $distance <= $length ? $distance : $distance - $length;
    }

    /**
     * How many of them lie on something that is there.
     *
     * @param  list<Place>  $places
     * @param  array<int, Board>  $rooms
     */
    private static function inTheWay(array $places, array $rooms): int
    {
        $count = 0;
        foreach ($places as $place) {
            $point = $place->point();
            foreach ($rooms as $room) {
                if ($room->holds($point)) {
                    $count++;

                    break;
                }
            }
        }

        return $count;
    }
}
