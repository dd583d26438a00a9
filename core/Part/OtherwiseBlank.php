<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\LeftOutWhereEmpty;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\ByTieBlank;
use Davrin\Core\Ties\TieGroup;

/**
 * Ties that have something else than all the others: "12 to 18: 17 1/8 in; 3: bare", by the length of a piece there.
 *
 * @extends ByTieBlank<?Length>
 */
final readonly class OtherwiseBlank extends ByTieBlank implements LeftOutWhereEmpty
{
    public const KEY = 'otherwise';

    public const BARE = 'bare';

    public function __construct(TieGroup $ties)
    {
        parent::__construct($ties, self::KEY, 'what is otherwise on some ties');
    }

    /**
     * As it is typed.
     *
     * @param  array<int, ?Length>  $otherwise  by the number of the tie; null where it stays bare
     */
    public static function typed(array $otherwise): string
    {
        return $otherwise === [] ? self::NONE : implode('; ', self::grouped($otherwise, self::words(LengthText::canonical(...))));
    }

    /** @return list<string> */
    public function write(mixed $value): array
    {
        return self::grouped($value, self::words(LengthText::canonical(...)));
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === [] ? self::NONE : implode('; ', self::grouped($value, self::words($units->exact(...))));
    }

    protected function said(string $words, string $entry, ?Units $bare): ?Length
    {
        if (mb_strtolower($words) === self::BARE) {
            return null;
        }
        $length = LengthText::read($words, $bare);

        return $length->isLessThan(Length::inches(1)) || $length->isMoreThan(Length::yards(20))
            ? throw $this->refusal("\"$entry\" is no length of a piece, from 1 in to 20 yd.")
            : $length;
    }

    protected function refusal(string $why): OutOfBounds
    {
        return OutOfBounds::otherwise($why);
    }

    protected function example(): string
    {
        return '"12 to 18: 17 1/8 in" or "3: bare", the numbers of ties and the length of a piece there';
    }

    /**
     * @param  callable(Length): string  $said
     * @return callable(?Length): string
     */
    private static function words(callable $said): callable
    {
        return fn (?Length $length): string => $length === null ? self::BARE : $said($length);
    }
}
