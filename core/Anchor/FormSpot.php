<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;

/**
 * One spot of a form: so far from its middle at so many degrees clockwise from the top, or so far along wires from where the count
 * begins.
 */
final readonly class FormSpot
{
    private function __construct(public ?Seat $seat, public Length $distance, public int $degrees) {}

    public static function middle(): self
    {
        return new self(null, Length::zero(), 0);
    }

    public function isMiddle(): bool
    {
        return $this->seat === null && $this->distance->isZero();
    }

    /** The lowest of the form, straight below its middle. */
    public static function bottom(Form $form): self
    {
        return new self(null, Length::inches(0, (int) round($form->box()->bottom * 8), 8), 180);
    }

    /** @param  int  $degrees  clockwise from 12 o'clock */
    public static function fromMiddle(Length $distance, int $degrees): self
    {
        return new self(null, $distance, $degrees);
    }

    public static function along(Seat $seat, Length $distance): self
    {
        return new self($seat, $distance, 0);
    }

    /** Seen from the front, outward up. */
    public function place(Form $form): Place
    {
        return match (true) {
            $this->seat !== null => $form->at($this->seat, $this->distance->toInches()),
            $this->distance->isZero() => new Place(0.0, 0.0, 0.0),
            default => Place::polar($this->distance->toInches(), (float) $this->degrees),
        };
    }
}
