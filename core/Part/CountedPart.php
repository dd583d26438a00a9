<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** What all parts share that are counted and put on the finished mesh, as a sign or picks are: no measure of the mesh counts them. */
abstract class CountedPart implements PartKind
{
    public function words(PartContext $on): array
    {
        return [];
    }

    public function fullness(): ?array
    {
        return null;
    }

    public function cautions(): array
    {
        return [];
    }

    public function concerns(PartContext $on): array
    {
        return [];
    }

    public function example(): Example
    {
        return Example::onWires()->saying(['at' => '2-3: 30 in']);
    }

    /**
     * @param  float  $deep  how far it stands up from what it lies on, in inches
     * @param  float  $trails  how far it reaches from where it stands, for pictures
     */
    protected static function onTop(float $deep, string $because, float $trails): Size
    {
        return new Size(0.0, 'it lies on the mesh', $trails, $deep, $because, trails: $trails);
    }
}
