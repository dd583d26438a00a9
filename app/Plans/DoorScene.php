<?php

namespace App\Plans;

use App\Drawing\FormDrawing;
use App\Drawing\Lettering;
use App\Drawing\Path;
use App\Drawing\Side;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\Sign\Sign;
use Davrin\Core\Plan\Finish;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** A piece to scale where it hangs, as a visitor sees it, with somebody beside it: in inches above the floor, y down, the floor at 0. */
final readonly class DoorScene
{
    /** How high the middle of a piece usually hangs, about at the height of the eyes (a guess), in inches. */
    private const EYES = 60.0;

    /** How tall the figure beside it is, in inches. */
    public const PERSON = 66.0;

    /** How much of the wall is seen beside it, in inches; more on the side where somebody stands. */
    private const BESIDE = 10.0;

    private const PERSON_STANDS = 26.0;

    /** Letters are read with ease from so many inches for each inch that they are high (a guess: 10 ft for an inch). */
    private const READS = 120.0;

    /** How high capital letters are, as a part of their size. */
    private const CAPITALS = 0.72;

    /**
     * @param  float  $middle  of the piece, in inches above the floor
     * @param  float  $hook  what it hangs from, in inches above the floor
     * @param  ?string  $cover  the colour of what its back is covered with; null where that is open, or not seen
     * @param  list<string>  $judged  what can be seen of it there, in words
     */
    private function __construct(
        public string $name,
        public Place $place,
        public FormDrawing $drawing,
        public Side $side,
        public float $middle,
        public float $hook,
        public array $judged,
        public Units $units,
        public ?string $cover,
    ) {}

    public static function of(Plan $plan, Result $result, Place $place, Side $side, ?string $photo): self
    {
        $drawing = new FormDrawing($plan, $result, $side, photo: $photo);
        // What it hangs by lies so far above its middle.
        $above = max(0.5, -$plan->finish->hangsAt()->y);
        $hook = $place->hook?->toInches() ?? self::EYES + $above;

        return new self(
            $plan->name(),
            $place,
            $drawing,
            $side,
            $hook - $above,
            $hook,
            self::judged($plan, $result, $place, $hook - $above, $drawing->box()),
            $plan->units(),
            $plan->finish->isOpen() || $side === Side::Front
                ? null
                : $plan->materials->ofKind($plan->finish->slip->text(Finish::BACK))?->slip->text('colour'),
        );
    }

    /** What is seen of the place, in drawing units. */
    public function frame(): Box
    {
        $half = max($this->place->wide->toInches() / 2, $this->drawing->box()->wide() / 2) + self::BESIDE;
        $top = max($this->place->above() + $this->place->high->toInches(), $this->hook + 4.0, self::PERSON + 2.0) + 3.0;

        return Box::around([
            new Point(-$half - self::PERSON_STANDS, -$top),
            new Point($half, 5.0),
        ])->times(Path::SCALE);
    }

    /** Where the figure stands, in inches to the side of the middle. */
    public function person(): float
    {
        return $this->frame()->left / Path::SCALE + self::PERSON_STANDS / 2;
    }

    /** What it shows, for those who cannot see it. */
    public function words(): string
    {
        return "$this->name on ".Place::choices()[$this->place->on].', to scale, '
            .($this->side === Side::Front ? 'from the front' : 'its back').'. '.implode(' ', $this->judged);
    }

    /** @return list<string> */
    private static function judged(Plan $plan, Result $result, Place $place, float $middle, Box $box): array
    {
        $units = $plan->units();
        $inches = fn (float $length): string => $units->place(Length::nearInches($length));
        $free = ($place->wide->toInches() - $box->wide()) / 2;
        $said = [sprintf(
            $free >= 0.0
                ? 'It is %s on %s %s wide: %s stay free on either side.'
                : 'It is %s on %s %s wide, and stands out by %s on either side.',
            $result->tally->across->said(),
            Place::choices()[$place->on],
            $units->exact($place->wide),
            $inches(abs($free)),
        )];
        $said[] = sprintf('Its middle hangs %s above the floor.', $inches($middle));
        if ($result->form->closed()) {
            $said[] = $result->extent->opening > 0.0 ? "Its opening is {$result->tally->opening->shown}." : 'It has no opening.';
        }
        foreach (array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof HidesWhatIsBehind) as $sign) {
            $words = $sign->on->slip->has(Sign::WORDS) ? $sign->on->slip->text(Sign::WORDS) : '';
            $board = $sign->room()[0];
            $lines = $words === '' ? [] : Lettering::on($words, $board);
            if ($lines !== []) {
                $high = $lines[0]->size * self::CAPITALS;
                $said[] = sprintf(
                    'Written as large as they fit, the words on the sign are about %s high, to be read from about %s.',
                    $inches($high),
                    $units->roll(Length::inches((int) round($high * self::READS / 12) * 12)),
                );
            }
        }

        return $said;
    }
}
