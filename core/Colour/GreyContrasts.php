<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

use Davrin\Core\Material\Wound;

/** How well meshes can be told apart without colour vision. */
final class GreyContrasts
{
    /**
     * @param  list<Wound>  $meshes
     * @return list<string> a sentence for every two
     */
    public static function of(array $meshes): array
    {
        $said = [];
        foreach ($meshes as $index => $one) {
            foreach (array_slice($meshes, $index + 1) as $other) {
                $said[] = sprintf('%s and %s: %s.', $one->name(), $other->name(), self::contrastWords($one, $other));
            }
        }

        return $said;
    }

    private static function contrastWords(Wound $one, Wound $other): string
    {
        $contrast = Grey::contrast($one->slip->text('colour'), $other->slip->text('colour'));

        return sprintf('%s to 1, %s', number_format($contrast, 1), match (true) {
            $contrast >= Grey::WELL_APART => 'well told apart in greys',
            $contrast >= Grey::TOLD_APART => 'told apart in greys',
            $one->slip->text('hatch') !== $other->slip->text('hatch') => 'hardly told apart in greys but by their hatch',
            default => 'hardly told apart in greys, and their hatches are the same: give one another hatch',
        });
    }
}
