<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** A numbered place on the form where mesh is tied. The number stays with it, from the front and from the back. */
final readonly class Tie
{
    private const SAME_SPOT = 0.01;

    /** In inches. */
    private const CLOSE_TO_CORNER = 0.25;

    private const CLOSE_TO_CROSSBAR = 0.25;

    /**
     * @param  float  $along  inches into its section, which is $sectionLength long on this seat
     * @param  float  $distance  inches from where the count begins
     */
    private function __construct(
        public int $number,
        public int $row,
        public Seat $seat,
        public bool $corner,
        public int $section,
        public float $along,
        public float $sectionLength,
        public float $distance,
        public Place $place,
    ) {}

    public static function on(Form $form, int $number, int $row, Spot $spot): self
    {
        [$section, $along] = $spot->seat->isCrossbar()
            ? [min($spot->seat->number, $form->sections->count()), $spot->distance]
            : $form->sections->at($spot->seat, $spot->distance);

        return new self(
            $number,
            $row,
            $spot->seat,
            $spot->corner,
            $section,
            $along,
            $form->sections->length($spot->seat, $section),
            $spot->distance,
            $form->at($spot->seat, $spot->distance),
        );
    }

    /** Where it is, in words: "two outer wires, section 2, 1 1/2 in before the crossbar". */
    public function where(Form $form, Units $units): string
    {
        $shown = fn (float $inches): string => $units->place(Length::nearInches($inches));
        if ($this->seat->isCrossbar()) {
            return sprintf('%s, %s from its outer end', $form->names->of($this->seat), $shown($this->distance));
        }
        if ($form->sections->count() === 1) {
            return sprintf(
                '%s, %s from %s',
                $form->names->of($this->seat),
                $shown($this->distance),
                $form->closed() ? 'where the count begins' : 'the end',
            );
        }

        return sprintf(
            '%s, section %d, %s',
            $form->names->of($this->seat),
            $this->section,
            $this->corner ? 'on the corner' : $this->spot($shown),
        );
    }

    /** Whether it is on a crossbar, or right at one. */
    public function isOnCrossbar(Form $form): bool
    {
        return $form->frame->crossbars() > 0
            && ($this->seat->isCrossbar() || min($this->along, $this->sectionLength - $this->along) < self::CLOSE_TO_CROSSBAR);
    }

    /** The same tie with another number. */
    public function numbered(int $number): self
    {
        return new self(
            $number,
            $this->row,
            $this->seat,
            $this->corner,
            $this->section,
            $this->along,
            $this->sectionLength,
            $this->distance,
            $this->place,
        );
    }

    /** Whether it is on a corner, or so close to one that mesh tied there goes round it. */
    public function isAtCorner(Form $form): bool
    {
        return $this->corner
            || array_filter(
                $form->corners($this->seat),
                fn (float $corner): bool => abs($corner - $this->distance) < self::CLOSE_TO_CORNER,
            ) !== [];
    }

    /** How far it is to the next, in inches: along their row, or straight where they are not on one line. */
    public function wayTo(self $next, Form $form): float
    {
        if ($this->seat->key() !== $next->seat->key()) {
            return hypot($next->place->x - $this->place->x, $next->place->y - $this->place->y);
        }
        $way = abs($next->distance - $this->distance);

        return $form->closed() && ! $this->seat->isCrossbar() ? min($way, $form->length($this->seat) - $way) : $way;
    }

    /** @param  callable(float): string  $shown */
    private function spot(callable $shown): string
    {
        $after = $this->along;
        $before = $this->sectionLength - $this->along;

        return match (true) {
            abs($after - $before) < self::SAME_SPOT => 'mid section',
            $after < self::SAME_SPOT => 'at the crossbar',
            $after < $before => $shown($after).' after the crossbar',
            default => $shown($before).' before the crossbar',
        };
    }
}
