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
    /** @var array<string, T> the latest last */
    private array $built = [];

    /** @param  int  $many  so many are remembered */
    public function __construct(private readonly int $many = 1) {}

    /**
     * @param  callable(): T  $build
     * @return T
     */
    public function orBuilt(string $key, callable $build): object
    {
        $built = $this->built[$key] ?? $build();
        unset($this->built[$key]);
        $this->built[$key] = $built;
        if (count($this->built) > $this->many) {
            array_shift($this->built);
        }

        return $built;
    }
}
