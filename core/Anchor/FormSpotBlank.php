<?php

declare(strict_types=1);

namespace Davrin\Core\Anchor;

use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/**
 * One spot of the form: "middle", "top", "bottom", "5 in at 120 degrees" clockwise from the top, or "1-2: 3 1/2 in" along wires.
 *
 * @extends NamedBlank<FormSpot>
 */
final readonly class FormSpotBlank extends NamedBlank
{
    /** What each spot that has a name is called, beside its name. */
    private const NAMES = [
        FormSpot::MIDDLE => ['the middle', 'centre', 'center'], FormSpot::TOP => ['the top'], FormSpot::BOTTOM => ['the bottom'],
    ];

    public function __construct(string $key, string $label, private Form $form, FormSpot $usual)
    {
        parent::__construct($key, $label, $usual);
    }

    public function read(mixed $raw, ?Units $bare): FormSpot
    {
        $text = is_string($raw) ? mb_strtolower(trim($raw)) : '';

        $named = array_key_first(array_filter(
            self::NAMES,
            fn (array $others, string $name): bool => $text === $name || in_array($text, $others, true),
            ARRAY_FILTER_USE_BOTH,
        ));

        return match (1) {
            (int) ($named !== null) => FormSpot::named((string) $named),
            preg_match(
                '/^(.+?)\s+at\s+(-?\d{1,3})(?:\s*(?:degrees?|°))?$/u',
                $text,
                $found,
            ) => $this->fromMiddle(LengthText::read($found[1], $bare), (int) $found[2], $bare),
            preg_match('/^([^:]+):\s*(.+)$/u', $text, $found) => $this->along($found[1], LengthText::read($found[2], $bare), $bare),
            default => throw OutOfBounds::kind(
                $this->label,
                '"middle", "top" or "bottom", a distance from the middle and a direction like "5 in at 120 degrees" (clockwise from the '
                    .'top), or wires and a distance along them like "1-2: 3 1/2 in"',
            ),
        };
    }

    public function write(mixed $value): string
    {
        return self::words($value, LengthText::canonical($value->distance));
    }

    public function show(mixed $value, Units $units): string
    {
        return $value->named === null ? self::words($value, $units->exact($value->distance)) : "the $value->named";
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label.': "middle", "top", "bottom", "5 in at 120 degrees" or "1-2: 3 1/2 in"',
            Schema::TEXT,
            $this->default->named,
        );
    }

    private static function words(FormSpot $spot, string $distance): string
    {
        return match (true) {
            $spot->seat !== null => "{$spot->seat->key()}: $distance",
            $spot->named !== null => $spot->named,
            default => "$distance at $spot->degrees degrees",
        };
    }

    private function fromMiddle(Length $distance, int $degrees, ?Units $bare): FormSpot
    {
        $this->mustBeWithin($distance, Length::ofUnits((int) ceil(2 * $this->form->reach() * Length::PER_INCH)), $bare);
        if ($degrees < -360 || $degrees > 360) {
            throw OutOfBounds::between($this->label, '-360 degrees', '360 degrees', "$degrees degrees");
        }

        return FormSpot::fromMiddle($distance, ($degrees + 720) % 360);
    }

    private function along(string $wires, Length $distance, ?Units $bare): FormSpot
    {
        $seat = Seat::read(trim($wires));
        if ($seat === null || ! $this->form->frame->has($seat)) {
            throw OutOfBounds::noSeat(trim($wires), array_map(fn (Seat $seat): string => $seat->key(), $this->form->frame->seats()));
        }
        $this->mustBeWithin($distance, Length::nearInches($this->form->length($seat)), $bare);

        return FormSpot::along($seat, $distance);
    }

    private function mustBeWithin(Length $distance, Length $most, ?Units $bare): void
    {
        $units = $bare ?? Units::Inches;
        if ($distance->isNegative() || $distance->isMoreThan($most)) {
            throw OutOfBounds::between(
                'the distance to '.$this->label,
                $units->exact(Length::zero()),
                $units->available($most),
                $units->exact($distance),
            );
        }
    }
}
