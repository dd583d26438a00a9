<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

/**
 * Remembers what was built last and from which document, since remedies try the same form and ties again and again.
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
