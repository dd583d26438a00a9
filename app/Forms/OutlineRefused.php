<?php

namespace App\Forms;

use Davrin\Core\Words\Refused;

/** An SVG file that no outline can be taken from. */
final class OutlineRefused extends Refused
{
    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(
            sprintf(
                'The file has %s bytes; an outline is read from at most %s. Save the one path in a file of its own.',
                number_format($bytes),
                number_format($most),
            ),
        );
    }

    public static function entities(): self
    {
        return new self('The file declares entities of its own, which are not read here. Save it as a plain SVG file.');
    }

    public static function notSvg(): self
    {
        return new self('The file is not an SVG drawing. Choose one that ends in .svg and holds a path.');
    }

    public static function noPath(): self
    {
        return new self(
            'The drawing has no path to follow. Draw the form as one path (turn shapes and letters into paths first), and save it again.',
        );
    }

    public static function tooLong(int $letters, int $most): self
    {
        return new self(
            sprintf(
                'The path is %s letters long; at most %s are read, which is thousands of points. Simplify it and save it again.',
                number_format($letters),
                number_format($most),
            ),
        );
    }

    public static function tooMany(int $commands, int $most): self
    {
        return new self(
            sprintf(
                'The path has %s points; at most %s are read. Simplify it (a form needs a few dozen) and save it again.',
                number_format($commands),
                number_format($most),
            ),
        );
    }

    public static function encoding(string $encoding): self
    {
        return new self(
            sprintf(
                'The file says that it is written in %s, which is not read here. Save it again as UTF-8, as drawing programs usually do.',
                mb_substr(mb_scrub($encoding), 0, 40),
            ),
        );
    }
}
