<?php

declare(strict_types=1);

namespace Davrin\Core\Vary;

use Davrin\Core\Measure\Money;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Tally;
use Davrin\Core\Result\WoundResult;
use JsonSerializable;

/** What a plan comes to where one figure of it is another. */
final readonly class SweepPoint implements JsonSerializable
{
    /**
     * @param  int  $value  units of length, or a count
     * @param  int  $rolls  full rolls that are opened, counted for what they are said to hold
     * @param  ?int  $safe  the same should every roll come as short as it may; null where no number does
     * @param  int  $short  pieces that no roll is left for
     */
    private function __construct(
        public int $value,
        public string $shown,
        public bool $isNow,
        public ?string $refused,
        public int $rolls = 0,
        public ?int $safe = null,
        public int $short = 0,
        public ?Money $cost = null,
        public ?Tally $tally = null,
    ) {}

    public static function of(int $value, string $shown, bool $isNow, Result $result): self
    {
        $safe = array_map(fn (WoundResult $its): ?int => $its->safeOpened, $result->wound);

        return new self(
            $value,
            $shown,
            $isNow,
            null,
            array_sum(array_map(fn (WoundResult $its): int => $its->plan->opened(), $result->wound)),
            in_array(null, $safe, true) ? null : (int) array_sum($safe),
            array_sum(array_map(fn (WoundResult $its): int => $its->plan->unmetPieces, $result->wound)),
            $result->cost->total,
            $result->tally,
        );
    }

    public static function refused(int $value, string $shown, string $why): self
    {
        return new self($value, $shown, false, $why);
    }

    public function isSafeOn(int $rolls): bool
    {
        return $this->short === 0 && $this->safe !== null && $this->safe <= $rolls;
    }

    /** @return array{int, int, ?int} in what two neighbours differ where something happens between them */
    public function rollCounts(): array
    {
        return [$this->short, $this->rolls, $this->safe];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->tally === null ? ['value' => $this->shown, 'refused' => $this->refused] : [
            'value' => $this->shown,
            'rolls' => $this->rolls,
            'safeRolls' => $this->safe,
            'short' => $this->short,
            'cost' => $this->cost?->canonical(),
            'across' => $this->tally->across,
            'opening' => $this->tally->opening,
            'depth' => $this->tally->depth,
            'fullness' => $this->tally->fullness,
            'left' => $this->tally->left,
            'now' => $this->isNow,
        ];
    }
}
