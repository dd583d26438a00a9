<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Words\Words;

/** A way of cutting many strips of one length from a roll of ribbon (docs/craft-figures.md). */
enum CuttingWay: string
{
    case OneByOne = 'one';
    case FanFold = 'fold';
    case Board = 'board';

    public const KEY = 'cutting';

    /** Scissors go through no more layers than this in one go. */
    private const LAYERS = 6;

    /** Strips of one length from which a way suits (guesses): fewer are measured sooner than folded, fewer folded than wound. */
    private const FROM = ['fold' => 4, 'board' => 19];

    public static function blank(): ChoiceBlank
    {
        return new ChoiceBlank(self::KEY, 'the way of cutting', self::OneByOne->value, [
            self::OneByOne->value => 'one by one',
            self::FanFold->value => 'fan-folded',
            self::Board->value => 'wound on a board',
        ]);
    }

    /** The one that suits so many strips alike. */
    public static function suiting(int $strips): self
    {
        return match (true) {
            $strips >= self::FROM['board'] => self::Board,
            $strips >= self::FROM['fold'] => self::FanFold,
            default => self::OneByOne,
        };
    }

    /** How often the scissors come down to shape the ends of so many strips alike: two a strip, or two a stack of them. */
    public function endStrokes(int $strips): int
    {
        return 2 * ($this === self::OneByOne ? $strips : self::stacks($strips));
    }

    /**
     * How that is done, of each ribbon.
     *
     * @param  non-empty-list<int>  $strips  of each
     */
    public function words(array $strips): string
    {
        $stacks = array_sum(array_map(self::stacks(...), $strips));

        return match ($this) {
            self::OneByOne => Words::count(array_sum($strips), 'cut'),
            self::FanFold => sprintf(
                '%s in %s of up to %d layers',
                Words::count(array_sum($strips) - $stacks, 'fold'),
                Words::count($stacks, 'stack'),
                self::LAYERS,
            ),
            self::Board => Words::count(array_sum(array_map(fn (int $its): int => intdiv($its + 1, 2), $strips)), 'turn')
                .', two strips each',
        };
    }

    /** "Fan-folding suits these better", where another way does; nothing where this is the one. */
    public function other(int $mostStrips): string
    {
        $suits = self::suiting($mostStrips);

        return $suits === $this ? '' : match ($suits) {
            self::OneByOne => '; so few are cut sooner one by one',
            self::FanFold => '; a fan fold suits so many',
            self::Board => '; a board suits so many',
        };
    }

    private static function stacks(int $strips): int
    {
        return intdiv($strips + self::LAYERS - 1, self::LAYERS);
    }
}
