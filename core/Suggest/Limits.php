<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/** By how much a piece misses what is wished of it. */
final readonly class Limits
{
    /** The names of the wishes that are missed. */
    public const BUDGET = 'budget';

    public const TIME = 'minutes';

    public const ROLLS = 'buy';

    public const LARGER = 'from';

    public const SMALLER = 'to';

    public const DEPTH = 'deep';

    public const OPENING = 'opening';

    public const THIN = 'thin';

    public const THICK = 'thick';

    /** Full is fuller than the middle of what is usual, and may be this much above it; light stays below the middle. */
    private const VERY_FULL = 1.25;

    private const NOTHING = 1e-6;

    public function __construct(private Wishes $wishes) {}

    /**
     * From which part of what is just not thin to which it will do.
     *
     * @return array{float, float}
     */
    public function fullnessOf(Shape $its): array
    {
        // Of the two bounds of its kind this is the middle, told as a part of either.
        $most = $its->ofMost > 0.0 ? $its->ofLeast / $its->ofMost : 1.0;
        $middle = (1 + $most) / 2;

        return match ($this->wishes->fullness()) {
            'full' => [$middle, self::VERY_FULL * $most],
            'light' => [1.0, $middle],
            default => [1.0, $most],
        };
    }

    /**
     * What grows with the pieces and may be too much.
     *
     * @param  bool  $withWaste  whether ends too short to keep are paid for, as they are: only what is used grows with the pieces
     * @return array<string, float> by wish
     */
    public function above(Metrics $its, bool $withWaste = true): array
    {
        return self::missed([
            self::BUDGET => self::over($its->cents - ($withWaste ? 0 : $its->wasted + 1), $this->wishes->budget()?->cents),
            self::TIME => self::over($its->minutes, $this->wishes->minutes()),
            self::ROLLS => self::over($its->rollsToBuy, $this->wishes->rollsToBuy()),
        ]) + $this->tooLarge($its->shape);
    }

    /**
     * The same of what is known before a roll is planned.
     *
     * @return array<string, float> by wish
     */
    public function tooLarge(Shape $its): array
    {
        return self::missed([
            self::SMALLER => self::over($its->across, $this->wishes->to()?->toInches()),
            self::DEPTH => self::over($its->depth, $this->wishes->deep()?->toInches()),
            self::OPENING => self::over($this->wishes->opening(), $this->wishes->opening() > 0.0 ? $its->opening : null),
            self::THICK => self::over($its->ofLeast, $this->fullnessOf($its)[1]),
        ]);
    }

    /**
     * What grows with the pieces and may be too little.
     *
     * @return array<string, float> by wish
     */
    public function tooSmall(Shape $its): array
    {
        return self::missed([
            self::LARGER => max(0.0, ($this->wishes->from()?->toInches() ?? 0.0) - $its->across),
            self::THIN => max(0.0, $this->fullnessOf($its)[0] - $its->ofLeast),
        ]);
    }

    /** "let it cost $1.40 more" */
    public function loosened(string $wish, float $by, Units $units): string
    {
        $length = fn (float $inches): string => $units->needed(Length::ofUnits((int) ceil($inches * Length::PER_INCH - self::NOTHING)));

        return match ($wish) {
            self::BUDGET => 'let it cost '.Money::cents((int) ceil($by), $this->wishes->currency)->shown().' more',
            self::TIME => 'give it '.Words::count((int) ceil($by), 'minute').' more',
            self::ROLLS => 'buy '.Words::count((int) ceil($by), 'roll').' more',
            self::LARGER => 'let it be '.$length($by).' smaller',
            self::SMALLER => 'let it be '.$length($by).' larger',
            self::DEPTH => 'let it be '.$length($by).' deeper',
            self::OPENING => 'take a sign that is '.$length($by).' less from corner to corner',
            self::THIN => sprintf('let it be thinner, by %d %%', (int) ceil($by * 100)),
            default => sprintf('let it be fuller, by %d %%', (int) ceil($by * 100)),
        };
    }

    private static function over(float|int $is, float|int|null $most): float
    {
        return $most === null ? 0.0 : max(0.0, $is - $most);
    }

    /**
     * @param  array<string, float>  $by
     * @return array<string, float>
     */
    private static function missed(array $by): array
    {
        return array_filter($by, fn (float $its): bool => $its > self::NOTHING);
    }
}
