<?php

declare(strict_types=1);

namespace Davrin\Core\Part\WrappedStrips;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Tie;

/**
 * Cut strips round all the wires, closed at the back with a zip tie. Once round the band is twice its breadth and an inch;
 * loosely they go about twice that way, and 2 in more to overlap.
 */
final class WrappedStrips extends Pieces
{
    public function key(): string
    {
        return 'wrapped-strips';
    }

    public function name(): string
    {
        return 'a wrapped strip';
    }

    public function noun(): array
    {
        return ['wrapped strip', 'wrapped strips'];
    }

    public function words(PartContext $on): array
    {
        return ['loosely' => $on->units->exact(self::round($on)->times(2)->plus(Length::inches(2)))];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long (twice round and 2 in is {=loosely}). Wrap each loosely round all the '
            .'wires as {kind} at {on}, and close it on the back with a zip tie.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(16)];
    }

    public function demand(PartContext $on): Demand
    {
        $demand = parent::demand($on);

        // Where the ties are zip ties, each closes its strip, and there is no other.
        return $on->group?->fastening === Fastening::ZipTie
            ? $demand
            : $demand->taking(GoodsNeed::pieces(ZipTies::KEY, count($demand->elements)));
    }

    /** The zip tie that closes a strip is its tie: a stem beside it holds nothing. */
    public function holdsItself(PartContext $on): bool
    {
        return $on->group !== null && $on->group->fastening->isMade() && $on->group->fastening !== Fastening::ZipTie;
    }

    public function heldByTies(): array
    {
        return ['ties.stem' => Fastening::ZipTie->value];
    }

    public function size(PartContext $on): Size
    {
        // A longer strip lies looser, and swells farther beyond the wires (a guess).
        $swells = 0.25 + min(1.2, max(0.0, $on->length('length')->toInches() - 2 * $on->form->frame->band()) / 16);

        return new Size(
            $on->form->frame->band() / 2 + $swells,
            'half the band of wires, and what the strip swells beyond it',
            min(2.5, $on->width()->toInches() / 4),
            3.0,
            'as wrapped strips lie',
            roundTheBand: true,
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

    public function cautions(): array
    {
        return [Caution::Cutter];
    }

    public function concerns(PartContext $on): array
    {
        $least = self::round($on)->plus(Length::inches(2));
        if (! $on->length('length')->isLessThan($least)) {
            return [];
        }

        return [new Concern('too-short-round', 'Too short to close.', sprintf(
            'Once round the wires and 2 in to overlap take %s.',
            $on->units->needed($least),
        ), array_map(fn (Tie $tie): int => $tie->number, $on->ties()), [
            'Cut '.$on->units->exact(self::round($on)->times(2)->plus(Length::inches(2))).' each' => [
                'length' => LengthText::canonical(self::round($on)->times(2)->plus(Length::inches(2))),
            ],
        ])];
    }

    /** Once round the band, up to the next eighth of an inch. */
    private static function round(PartContext $on): Length
    {
        return Length::inches(1)->plus(Length::inches(0, (int) ceil(round(16 * $on->form->frame->band(), 6)), 8));
    }
}
