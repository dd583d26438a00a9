<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/** @extends NamedBlank<Length> */
final readonly class LengthBlank extends NamedBlank
{
    private function __construct(
        string $key,
        string $label,
        Length $default,
        private Length $least,
        private Length $most,
        private bool $ofRoll,
    ) {
        parent::__construct($key, $label, $default);
    }

    public static function of(string $key, string $label, Length $default, Length $least, Length $most): self
    {
        return new self($key, $label, $default, $least, $most, false);
    }

    /** A roll is spoken of in yards, so a bare number is refused rather than taken for inches. */
    public static function ofRoll(string $key, string $label, Length $default, Length $least, Length $most): self
    {
        return new self($key, $label, $default, $least, $most, true);
    }

    public function read(mixed $raw, ?Units $bare): Length
    {
        if (! is_string($raw)) {
            throw OutOfBounds::kind($this->label, 'a length written with its unit, like "19 in"');
        }
        $length = LengthText::read($raw, $this->ofRoll ? null : $bare);
        if ($length->isLessThan($this->least) || $length->isMoreThan($this->most)) {
            $units = $bare ?? Units::Inches;
            throw OutOfBounds::between($this->label, $units->exact($this->least), $units->exact($this->most), $units->exact($length));
        }

        return $length;
    }

    public function write(mixed $value): string
    {
        return LengthText::canonical($value);
    }

    public function show(mixed $value, Units $units): string
    {
        $roll = $units->roll($value);

        return $this->ofRoll && LengthText::read($roll, null)->equals($value) ? $roll : $units->exact($value);
    }

    public function schema(): array
    {
        return Schema::described($this->label, Schema::LENGTH, LengthText::canonical($this->default));
    }
}
