<?php

declare(strict_types=1);

namespace Davrin\Core\Part\StrandBunch;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\OwnStem;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\Fastening;

/** Strands of raffia and the like, drawn off in one, cut to length together and tied at the middle: n x L a bunch. */
final class StrandBunch extends Pieces
{
    private const IN_ONE = 'one';

    private const EACH = 'each';

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
        return 'Draw off {strands} strands of {material}, {length} long, for each, {drawn}, and tie them at the middle as {kind} by '
            .'{stem}, one on {on}: {=count}.';
    }

    public function blanks(): array
    {
        return [
            self::lengthBlank(16),
            new CountBlank('strands', 'the number of strands', 10, 2, 60),
            new ChoiceBlank(
                'drawn',
                'how they are drawn off',
                self::IN_ONE,
                [self::IN_ONE => 'all in one', self::EACH => 'strand by strand, from pieces too'],
            ),
            OwnStem::blank(),
        ];
    }

    public function leastRoll(PartContext $on): array
    {
        return $on->slip->text('drawn') === self::EACH ? [$on->length('length'), 'A strand'] : [self::bunch($on), 'A bunch'];
    }

    public function demand(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->ties() as $index => $tie) {
            $element = Element::onTie($on->id, $index + 1, $tie->number);
            // Drawn off in one a bunch takes one stretch of the hank; strand by strand it can come from pieces that are there.
            [$count, $length] = $on->slip->text('drawn') === self::EACH
                ? [$on->slip->count('strands'), $on->length('length')]
                : [1, self::bunch($on)];
            array_push($cuts, ...array_fill(0, $count, new Cut($element, $on->at($tie)[0]->id, $length)));
        }

        return OwnStem::taken(Demand::ofCuts($cuts), OwnStem::of($on), $this->noun());
    }

    public function size(PartContext $on): Size
    {
        $half = $on->length('length')->toInches() / 2;

        return new Size(
            $half * 0.6,
            'what of half a bunch of '.$on->units->exact($on->length('length')).' stands out when it is spread',
            $half * 0.9,
            3.0,
            'as loose strands lie',
        );
    }

    public function fullness(): ?array
    {
        return null;
    }

    protected function minutes(): float
    {
        return 1.0;
    }

    public function concerns(PartContext $on): array
    {
        return OwnStem::concerns($on);
    }

    protected function stem(PartContext $on): Fastening
    {
        return OwnStem::of($on);
    }

    private static function bunch(PartContext $on): Length
    {
        return $on->length('length')->times($on->slip->count('strands'));
    }
}
