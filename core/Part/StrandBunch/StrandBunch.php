<?php

declare(strict_types=1);

namespace Davrin\Core\Part\StrandBunch;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\OwnStem;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\StemKind;

/** Strands of raffia and the like, drawn off in one, cut to length together and tied at the middle: n x L a bunch. */
final class StrandBunch extends Pieces
{
    public function key(): string
    {
        return 'strand-bunch';
    }

    public function name(): string
    {
        return 'a bunch of strands';
    }

    public function noun(): array
    {
        return ['bunch', 'bunches'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Draw off {strands} strands of {mesh}, {length} long, for each, and tie them at the middle as {technique} by {stem}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(16), new CountBlank('strands', 'the number of strands', 10, 2, 60), OwnStem::blank()];
    }

    public function leastRoll(PartContext $on): array
    {
        return [self::bunch($on), 'A bunch'];
    }

    public function work(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->ties() as $index => $tie) {
            $cuts[] = new Cut(Element::of($on->id, $index + 1, $tie->number), $on->at($tie)[0]->id, self::bunch($on));
        }

        return Demand::ofCuts($cuts)->heldBy(OwnStem::of($on), 0);
    }

    public function size(PartContext $on): Size
    {
        $half = $on->length('length')->toInches() / 2;

        return new Size($half * 0.6, 'what of half a bunch of '.$on->units->exact($on->length('length')).' stands out when it is spread', $half * 0.9, 3.0, 'as loose strands lie');
    }

    public function fullness(): ?array
    {
        return null;
    }

    public function minutes(): float
    {
        return 1.0;
    }

    public function doubts(PartContext $on): array
    {
        return OwnStem::doubts($on);
    }

    protected function stem(PartContext $on): StemKind
    {
        return OwnStem::of($on);
    }

    private static function bunch(PartContext $on): Length
    {
        return $on->length('length')->times($on->slip->count('strands'));
    }
}
