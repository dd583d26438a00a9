<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

/**
 * What was built last, and of what: remedies are sought on the same form with the same ties again and again.
 *
 * @template T of object
 */
final class LastBuilt
{
    private ?string $key = null;

    /** @var ?T */
    private ?object $built = null;

    /**
     * @param  callable(): T  $build
     * @return T
     */
    public function orBuilt(string $key, callable $build): object
    {
        if ($this->built === null || $this->key !== $key) {
            [$this->built, $this->key] = [$build(), $key];
        }

        return $this->built;
    }
}
