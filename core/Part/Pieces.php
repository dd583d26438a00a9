<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Ties\Fastening;

/**
 * What all kinds of part share that are made of cut pieces: so many pieces of one length on every tie, one of each mesh that goes
 * into it.
 */
abstract class Pieces extends WoundPart implements DiffersByTie, HoldsItself
{
    /** Of a wing's half length, what is left along the ring once it is gathered and pulled open (a guess). */
    protected const LIES_FLAT = 0.32;

    public function materials(): MaterialUse
    {
        return MaterialUse::one();
    }

    public function lengthKey(): string
    {
        return 'length';
    }

    public function cutTo(string $length): string
    {
        return "Cut $length each";
    }

    public function leastRoll(PartContext $on): array
    {
        return [$on->length('length'), 'A piece'];
    }

    public function demand(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->ties() as $index => $tie) {
            $element = Element::onTie($on->id, $index + 1, $tie->number);
            foreach ($on->at($tie) as $mesh) {
                $cuts[] = new Cut($element, $mesh->id, $on->length('length'));
            }
        }

        return OwnStem::taken(Demand::ofCuts($cuts), $this->stem($on), $this->noun());
    }

    public function fullness(): ?array
    {
        return [85, 130];
    }

    public function holdsItself(PartContext $on): bool
    {
        return $this->stem($on) !== Fastening::None;
    }

    public function heldByTies(): array
    {
        return ['part.'.OwnStem::KEY => OwnStem::OF_TIE];
    }

    /** What each brings to hold it, beside the stem of its tie. */
    protected function stem(PartContext $on): Fastening
    {
        return Fastening::None;
    }

    protected static function lengthBlank(int $usual): LengthBlank
    {
        return LengthBlank::of('length', 'the length of a piece', Length::inches($usual), Length::inches(2), Length::yards(20));
    }

    /** Half the width of the mesh, as woven edges that point in and out reach; the wings lie along the row for $wing inches. */
    protected static function wings(PartContext $on, float $wing, float $depth = 5.0): Size
    {
        return new Size(
            $on->width()->toInches() / 2,
            sprintf('half the width of %s mesh', $on->units->exact($on->width())),
            $wing * self::LIES_FLAT,
            $depth,
            'as such pieces lie',
        );
    }
}
