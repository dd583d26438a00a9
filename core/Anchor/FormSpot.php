<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;

/**
 * One spot of a form: its middle, its top or its bottom, whatever form it is; so far from its middle at so many degrees clockwise from
 * the top; or so far along wires from where the count begins.
 */
final readonly class FormSpot
{
    public const MIDDLE = 'middle';

    public const TOP = 'top';

    public const BOTTOM = 'bottom';

    /** @param  ?string  $named  the middle, the top or the bottom */
    private function __construct(public ?string $named, public ?Seat $seat, public Length $distance, public int $degrees) {}

    /** @param  string  $named  the middle, the top or the bottom */
    public static function named(string $named): self
    {
        return new self($named, null, Length::zero(), 0);
    }

    /** @param  int  $degrees  clockwise from 12 o'clock */
    public static function fromMiddle(Length $distance, int $degrees): self
    {
        return $distance->isZero() ? self::named(self::MIDDLE) : new self(null, null, $distance, $degrees);
    }

    public static function along(Seat $seat, Length $distance): self
    {
        return new self(null, $seat, $distance, 0);
    }

    /** Seen from the front, outward up. */
    public function place(Form $form): Place
    {
        return match (true) {
            $this->named === self::TOP => Place::polar(max(0.01, -$form->box()->top), 0.0),
            $this->named === self::BOTTOM => Place::polar(max(0.01, $form->box()->bottom), 180.0),
            $this->seat !== null => $form->at($this->seat, $this->distance->toInches()),
            $this->named === self::MIDDLE => new Place(0.0, 0.0, 0.0),
            default => Place::polar($this->distance->toInches(), (float) $this->degrees),
        };
    }
}
