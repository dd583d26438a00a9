<?php

declare(strict_types=1);

namespace Davrin\Core\Effort;

/**
 * A budget for searching. It is counted in steps of inner loops and not in seconds, so that a task has the same result on every
 * machine. A search spends what each turn costs, and returns the best it has found once nothing is left.
 */
final class Effort
{
    private int $spent = 0;

    private bool $ranOut = false;

    private function __construct(private readonly int $most, private readonly ?self $from) {}

    /** @param  int  $steps  about 30 to 60 million take a second */
    public static function of(int $steps): self
    {
        return new self($steps, null);
    }

    /** A budget of up to so many steps of what is left; what is spent from it is spent here too. */
    public function upTo(int $steps): self
    {
        return new self(max(0, min($steps, $this->left())), $this);
    }

    /** A budget of one of so many equal parts of what is left. */
    public function part(int $parts): self
    {
        return $this->upTo(intdiv($this->left(), $parts));
    }

    public function spend(int $steps): void
    {
        $this->spent += $steps;
        $this->from?->spend($steps);
    }

    public function spent(): int
    {
        return $this->spent;
    }

    /** Never below zero, though the last turn may have cost more than was left. */
    public function left(): int
    {
        return max(0, $this->most - $this->spent);
    }

    /** @phpstan-impure */
    public function isSpent(): bool
    {
        $isSpent = $this->spent >= $this->most;
        if ($isSpent) {
            $this->runOut();
        }

        return $isSpent;
    }

    /**
     * Whether a search was ever stopped by it, or by a part of it. Only then could more effort have changed the result.
     */
    public function ranOut(): bool
    {
        return $this->ranOut;
    }

    private function runOut(): void
    {
        $this->ranOut = true;
        $this->from?->runOut();
    }
}
