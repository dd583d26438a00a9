<?php

namespace App\Photos;

use RuntimeException;

/** Why a file is no photograph that can be used, as somebody reads it who chose it. */
final class PhotoRefused extends RuntimeException
{
    public static function tooLarge(int $most): self
    {
        return new self(sprintf(
            'The photograph is larger than %d MB, which is as much as can be read. Save it smaller and try again.',
            intdiv($most, 1_000_000),
        ));
    }

    public static function notOne(): self
    {
        return new self('This is no photograph that Davrin can read. It takes JPEG, PNG and WebP: save it as one of these and try again.');
    }

    public static function broken(): self
    {
        return new self('The photograph is damaged and cannot be read to its end. Save it anew, or choose another.');
    }

    public static function tooManyScans(int $most): self
    {
        return new self("The photograph is stored in more than $most layers, which takes too long to read. Save it as an ordinary JPEG and "
            .'try again.');
    }

    public static function tooLong(int $wide, int $high, int $most): self
    {
        return new self(sprintf(
            'The photograph is %s x %s pixels, and no side may have more than %s. Save it smaller and try again.',
            number_format($wide),
            number_format($high),
            number_format($most),
        ));
    }

    public static function tooMany(int $wide, int $high, int $most): self
    {
        return new self(sprintf(
            'The photograph is %d x %d pixels, and up to %d million together can be read. Save it smaller and try again.',
            $wide,
            $high,
            intdiv($most, 1_000_000),
        ));
    }
}
