<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Refused;

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
        return new self(sprintf('%s can be %s; "%s" is not one of them.', ucfirst($label), implode(', ', $options), mb_substr($given, 0, 40)));
    }

    public static function text(string $label, int $longest): self
    {
        return new self(sprintf('%s needs 1 to %d characters.', ucfirst($label), $longest));
    }

    public static function colour(string $given): self
    {
        return new self(sprintf('"%s" is not a colour. Write # and six digits from 0 to 9 and a to f, like "#1d6a6b".', mb_substr($given, 0, 40)));
    }

    public static function kind(string $label, string $wanted): self
    {
        return new self(sprintf('%s must be %s.', ucfirst($label), $wanted));
    }

    public static function listOf(string $label, int $fewest, int $most, int $given): self
    {
        return new self(sprintf('%s: write %d to %d lengths with commas between them; %d is not.', ucfirst($label), $fewest, $most, $given));
    }
}
