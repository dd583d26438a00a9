<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Measure\Currency;

/** What is counted by the piece and bought by the pack, or one by one where a pack holds one. */
readonly class SoldByThePiece implements CountedKind
{
    /** What one weighs. */
    public const WEIGHS = 'weighs';

    /**
     * @param  array{string, string}  $noun
     * @param  string  $usual  what it is called until the maker says otherwise
     * @param  int  $pack  how many usually come in one
     * @param  int  $cents  what a pack usually costs
     * @param  bool  $isSeen  whether it is seen on the finished piece, so that its colour matters
     */
    public function __construct(
        private string $key,
        private array $noun,
        private string $usual,
        private string $colour,
        private int $pack,
        private int $cents,
        private bool $isSeen = false,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return $this->noun[1];
    }

    public function noun(): array
    {
        return $this->noun;
    }

    public function planBlanks(Currency $currency): array
    {
        $prices = new Prices('a pack', $currency);

        return [
            new TextBlank('name', "the name of the {$this->noun[1]}", $this->usual, 40),
            new ColourBlank('colour', 'the colour', $this->colour),
            new WeightBlank(self::WEIGHS, 'what one weighs', 'not known'),
            new CountBlank('pack', "the number of {$this->noun[1]} in a pack", $this->pack, 1, 1000),
            $prices->inAPlan($this->cents),
            $prices->paidInAPlan(),
            new PiecesOnHandBlank('onHand', "the {$this->noun[1]} on hand"),
        ];
    }

    public function called(Slip $slip): string
    {
        return $slip->text('name');
    }

    public function planSentence(): string
    {
        return ($this->isSeen ? '{colour} ' : '').'{name} come {pack} in a pack, at {price} a pack, paid {paid}; weight of one {weighs}';
    }

    public function shelfBlanks(Currency $currency): array
    {
        $prices = new Prices('a pack', $currency);

        return [
            new TextBlank('name', 'what it is called', $this->usual, 40),
            new ColourBlank('colour', 'the colour', $this->colour),
            new NoteBlank('about', 'what there is to say of it', 80),
            new WeightBlank(self::WEIGHS, 'what one weighs', 'not known'),
            new CountBlank('pack', 'how many come in a pack', $this->pack, 1, 1000),
            $prices->listed(),
            $prices->paid(),
            new NoteBlank('supplier', 'where it is bought', 60),
            new CountBlank('low', 'when it runs low', 0, 0, 100_000, 'no mark'),
        ];
    }

    public function shelfSentence(): string
    {
        return '{colour} {name}, {about}; weight of one {weighs}; {pack} in a pack, bought at {paid}, listed at {price}, from {supplier}. '
            .'Low below {low}.';
    }

    public function isWound(): bool
    {
        return false;
    }
}
