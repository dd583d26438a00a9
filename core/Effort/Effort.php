<?php

declare(strict_types=1);

namespace Davrin\Core\Effort;

/**
 * How much may still be computed. It is counted in steps of the inner loops and not in seconds, so that the same task comes out the
 * same on every machine. Whoever searches spends what each turn takes, and ends with the best it has found once nothing is left.
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

    /** Up to so many steps of what is left here; what it spends is spent here, too. */
    public function upTo(int $steps): self
    {
        return new self(max(0, min($steps, $this->left())), $this);
    }

    /** One part of what is left here, out of so many. */
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

    /** Never below zero: the last turn may have taken more than there was. */
    public function left(): int
    {
        return max(0, $this->most - $this->spent);
    }

    public function isSpent(): bool
    {
        $isSpent = $this->spent >= $this->most;
        if ($isSpent) {
            $this->runOut();
        }

        return $isSpent;
    }

    /**
     * Whether somebody asked and was told that nothing is left, here or in a part of it: only then could more have changed what came
     * out.
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
