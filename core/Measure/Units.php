<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

/** The setting by which lengths are shown: inches to the eighth, or centimetres to the half. */
enum Units: string
{
    case Inches = 'inches';
    case Metric = 'centimetres';

    public function available(Length $length): string
    {
        return $this->rounded($length, Rounding::Available);
    }

    public function needed(Length $length): string
    {
        return $this->rounded($length, Rounding::Needed);
    }

    public function place(Length $length): string
    {
        return $this->rounded($length, Rounding::Place);
    }

    /** How many of its own an inch is: 1, or 2.54 centimetres. */
    public function perInch(): float
    {
        return $this === self::Inches ? 1.0 : Length::PER_INCH / Length::PER_MILLIMETRE / 10;
    }

    /** The smallest step a length is shown and suggested in. */
    public function step(): Length
    {
        return $this === self::Inches ? Length::inches(0, 1, 8) : Length::millimetres(5);
    }

    public function rounded(Length $length, Rounding $rounding): string
    {
        $step = $this->step()->units;
        $shown = Length::ofUnits($rounding->steps($length->units, $step) * $step);

        return $this === self::Inches ? LengthText::mixedInches($shown, 8) : self::centimetres($shown);
    }

    /** As it is, unrounded as far as a tape or a reader can follow: what a blank holds and a derivation multiplies. */
    public function exact(Length $length): string
    {
        if ($this === self::Metric) {
            return self::centimetres($length);
        }

        return match (true) {
            ($length->units * 32) % Length::PER_INCH === 0 => LengthText::mixedInches($length, 32),
            $length->units % Length::PER_MILLIMETRE === 0 => self::centimetres($length),
            default => LengthText::decimal($length->units, Length::PER_INCH, 2).' in',
        };
    }

    /** A roll is spoken of in yards or feet, or in metres. Rounds down: it is what is available. */
    public function roll(Length $length): string
    {
        if ($this === self::Metric) {
            return LengthText::decimal(Rounding::Available->steps($length->units, Length::millimetres(5)->units) * 5, 1000, 3).' m';
        }
        $inches = intdiv($length->units, Length::PER_INCH);

        return match (true) {
            ! $length->equals(Length::inches($inches)) || $inches < 36 => $this->available($length),
            $inches % 36 === 0 => intdiv($inches, 36).' yd',
            $inches % 12 === 0 => intdiv($inches, 12).' ft',
            default => sprintf('%d ft %d in', intdiv($inches, 12), $inches % 12),
        };
    }

    /**
     * An estimate: whole inches or centimetres with "about".
     *
     * @param  bool  $closer  to the half of an inch or a centimetre: where it was measured before, not guessed
     */
    public function about(float $inches, bool $closer = false): string
    {
        $unit = $this === self::Inches ? 'in' : 'cm';
        $halves = (int) round($this->nearest($inches, $closer) * 2);

        return match (true) {
            $halves % 2 === 0 => sprintf('about %d %s', intdiv($halves, 2), $unit),
            $this === self::Metric => sprintf('about %.1f cm', $halves / 2),
            default => sprintf('about %s1/2 in', $halves > 1 ? intdiv($halves, 2).' ' : ''),
        };
    }

    /** The number that an estimate is told with, in its own. */
    public function nearest(float $inches, bool $closer): float
    {
        $its = $inches * $this->perInch();

        return $closer ? round($its * 2) / 2 : round($its);
    }

    private static function centimetres(Length $length): string
    {
        return LengthText::decimal($length->units, 10 * Length::PER_MILLIMETRE, 3).' cm';
    }
}
