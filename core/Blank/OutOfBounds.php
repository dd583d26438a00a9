<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Words\Refused;

/** A readable value that its blank does not take. */
final class OutOfBounds extends Refused
{
    public static function between(string $label, string $least, string $most, string $given): self
    {
        return new self(sprintf('%s must be between %s and %s; %s is not.', ucfirst($label), $least, $most, $given));
    }

    /** @param  list<string>  $options */
    public static function choice(string $label, array $options, string $given): self
    {
        return new self(
            sprintf('%s can be %s; "%s" is not one of them.', ucfirst($label), implode(', ', $options), mb_substr($given, 0, 40)),
        );
    }

    public static function text(string $label, int $longest): self
    {
        return new self(sprintf('%s needs 1 to %d characters.', ucfirst($label), $longest));
    }

    public static function day(string $given): self
    {
        return new self(sprintf(
            '"%s" is no day that I can read. Write it like "Nov 29, 2026" or "2026-11-29".',
            mb_substr($given, 0, 40),
        ));
    }

    public static function colour(string $given): self
    {
        return new self(
            sprintf('"%s" is not a colour. Write # and six digits from 0 to 9 and a to f, like "#1d6a6b".', mb_substr($given, 0, 40)),
        );
    }

    public static function colourOrName(string $given): self
    {
        return new self(
            sprintf(
                '"%s" is no colour that I know by name. Choose one of those shown, or write six digits after a #, like "#1d6a6b".',
                mb_substr($given, 0, 40),
            ),
        );
    }

    public static function kind(string $label, string $wanted): self
    {
        return new self(sprintf('%s must be %s.', ucfirst($label), $wanted));
    }

    public static function listOf(string $label, int $fewest, int $most, int $given): self
    {
        return new self(
            sprintf('%s: write %d to %d lengths with commas between them; %d is not.', ucfirst($label), $fewest, $most, $given),
        );
    }

    public static function countsOf(string $label, int $fewest, int $most, int $given): self
    {
        return new self(
            sprintf('%s: write %d to %d whole numbers with commas between them; %d is not.', ucfirst($label), $fewest, $most, $given),
        );
    }

    public static function painted(string $why): self
    {
        return new self($why.' Write numbers of ties and a mesh, like "3, 5 and 7: gold", with a semicolon before the next mesh.');
    }

    public static function otherwise(string $why): self
    {
        return new self($why.' Write numbers of ties and a length, like "12 to 18: 17 1/8 in", or "3: bare", with a semicolon between.');
    }

    public static function welds(string $given): self
    {
        return new self(
            sprintf(
                '"%s" says nothing of a weld. Write its crossbar and how much too far clockwise it sits, like "3: 1/2 in", or "3: '
                    .'out" where it sticks out.',
                mb_substr($given, 0, 40),
            ),
        );
    }

    public static function onHand(string $given): self
    {
        return new self(
            sprintf(
                '"%s" does not say what is on hand. Write lengths with commas between, like "131 in, 6 x 20 in", and "by label" or '
                    .'"lot B7" behind one where that is so.',
                mb_substr($given, 0, 40),
            ),
        );
    }

    public static function sections(string $label): self
    {
        return new self(sprintf('%s: write "every section", or their numbers like "1, 2, 5" or "1 to 4".', ucfirst($label)));
    }

    public static function points(string $label, int $fewest, int $most): self
    {
        return new self(
            sprintf(
                '%s: write %d to %d points like "0 0, 36 0, 36 10", across and down, or open the form from an SVG file.',
                ucfirst($label),
                $fewest,
                $most,
            ),
        );
    }

    public static function spots(string $label, int $most): self
    {
        return new self(
            sprintf(
                '%s: write what each goes round and how far from where the count begins, like "1-2: 3 1/2 in; 3: 20 in; crossbar 2: '
                    .'1 in". One at least, %d at most.',
                ucfirst($label),
                $most,
            ),
        );
    }

    /** @param  list<string>  $seats */
    public static function noSeat(string $given, array $seats): self
    {
        return new self(
            sprintf(
                '"%s" is not on this form. Ties can go round %s, and round a crossbar where there is one.',
                $given,
                implode(', ', $seats),
            ),
        );
    }

    public static function mix(string $label, int $least, int $most, string $what, int $given): self
    {
        return new self(
            sprintf(
                '%s: each takes %s, and %s.',
                ucfirst($label),
                match (true) {
                    $most === 1 => '1 '.substr($what, 0, -1),
                    $least === $most => "$least $what",
                    default => "$least to $most $what",
                },
                $given === 0 ? 'none is named' : "$given ".($given === 1 ? 'is' : 'are').' named',
            ),
        );
    }

    public static function place(string $label): self
    {
        return new self(
            sprintf(
                '%s: write "every tie", "every 2nd tie", "row 1", or numbers, like "sections 1 to 3" or "ties 1, 4 and 7 to 9".',
                ucfirst($label),
            ),
        );
    }
}
