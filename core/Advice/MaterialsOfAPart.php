<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Demand\Element;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Words;

/** Groups meshes of one part that have the same problem, so that they are named in one warning. */
final class MaterialsOfAPart
{
    /**
     * @template T of RollOutcome
     *
     * @param  list<T>  $meshes
     * @param  callable(T): string  $key  what is the same in those that belong together
     * @return list<non-empty-list<T>>
     */
    public static function grouped(array $meshes, callable $key): array
    {
        $groups = [];
        foreach ($meshes as $mesh) {
            $groups[$key($mesh)][] = $mesh;
        }

        return array_values($groups);
    }

    /** @param  non-empty-list<RollOutcome>  $meshes */
    public static function names(array $meshes): string
    {
        return Words::list(array_map(fn (RollOutcome $mesh): string => $mesh->wound->name(), $meshes));
    }

    /**
     * @param  list<RollOutcome>  $meshes
     * @return list<string>
     */
    public static function ids(array $meshes): array
    {
        return array_map(fn (RollOutcome $mesh): string => $mesh->wound->id, $meshes);
    }

    /**
     * The first tie of each element, each once.
     *
     * @param  array<Element>  $elements
     * @return list<int>
     */
    public static function ties(array $elements): array
    {
        return array_values(
            array_unique(
                array_merge(...array_values(array_map(fn (Element $element): array => array_slice($element->ties, 0, 1), $elements))),
            ),
        );
    }
}
