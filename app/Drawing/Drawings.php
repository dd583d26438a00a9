<?php

namespace App\Drawing;

use App\Drawing\Elements\ElementShape;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Part\PartKind;
use LogicException;

/**
 * How the elements of each kind of part are drawn: the kind "poof-run", PoofRun in the core, by PoofRunShape in the folder PoofRun
 * here.
 */
final readonly class Drawings
{
    /** @var array<string, class-string<ElementShape>> by the key of the kind */
    private array $shapes;

    /** @throws LogicException for a kind that has no drawing */
    public function __construct(Craft $craft)
    {
        $this->shapes = array_map(self::shape(...), $craft->parts);
    }

    public function of(string $kind): ElementShape
    {
        return new $this->shapes[$kind];
    }

    /** @return class-string<ElementShape> */
    private static function shape(PartKind $kind): string
    {
        $name = class_basename($kind);
        $shape = __NAMESPACE__."\\$name\\{$name}Shape";

        return is_a($shape, ElementShape::class, true)
            ? $shape
            : throw new LogicException("The kind of part \"{$kind->key()}\" has no drawing: $shape is missing.");
    }
}
