<?php

declare(strict_types=1);

namespace Davrin\Core\Part\OwnLength;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\PartContext;

/** A step of the maker's own that takes something off a roll: a strip over a hole, cord wound over a crown. */
final class OwnLength extends OwnWork implements CutToLength
{
    private const PIECES = 'pieces';

    private const LENGTH = 'length';

    public function key(): string
    {
        return 'own-length';
    }

    public function name(): string
    {
        return 'a step of your own with something from a roll';
    }

    public function noun(): array
    {
        return ['piece', 'pieces'];
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::single();
    }

    public function demand(PartContext $on): Demand
    {
        return Demand::ofCuts(array_map(fn (int $number): Cut => new Cut(
            Element::elsewhere($on->id, $number),
            $on->first()->id,
            $on->length(self::LENGTH),
        ), range(1, $on->slip->count(self::PIECES))));
    }

    public function lengthKey(): string
    {
        return self::LENGTH;
    }

    public function cutTo(string $length): string
    {
        return "Cut $length in each";
    }

    public function longest(PartContext $on): Length
    {
        return $on->length(self::LENGTH);
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        return LengthText::canonical($on->length(self::LENGTH)->atMost($most));
    }

    public function leastRoll(PartContext $on): array
    {
        return [$on->length(self::LENGTH), 'A piece'];
    }

    protected function usual(): string
    {
        return 'Cover the hole at the back';
    }

    protected function own(): array
    {
        return [
            new CountBlank(self::PIECES, 'how many pieces it takes', 1, 1, 200),
            LengthBlank::of(self::LENGTH, 'the length of a piece', Length::inches(12), Length::inches(1), Length::yards(20)),
        ];
    }

    protected function with(): string
    {
        return 'with {pieces} of {material}, {length} long, ';
    }
}
