<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Measure\Money;

/** What is counted by the piece and bought by the pack, or one by one where a pack holds one. */
readonly class SoldByThePiece implements CountedKind
{
    private const MOST_CENTS = 99_999;

    /**
     * @param  array{string, string}  $noun
     * @param  string  $usual  what it is called until the maker says otherwise
     * @param  int  $pack  how many usually come in one
     * @param  int  $cents  what one usually costs
     */
    public function __construct(
        private string $key,
        private array $noun,
        private string $usual,
        private string $colour,
        private int $pack,
        private int $cents,
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

    public function planBlanks(): array
    {
        return [
            new TextBlank('name', "the name of the {$this->noun[1]}", $this->usual, 40),
            new CountBlank('pack', "the number of {$this->noun[1]} in a pack", $this->pack, 1, 1000),
            $this->price('price', 'the price of a pack'),
            new PiecesOnHandBlank('onHand', "the {$this->noun[1]} on hand"),
        ];
    }

    public function called(Slip $slip): string
    {
        return $slip->text('name');
    }

    public function planSentence(): string
    {
        return '{name} come {pack} in a pack, at {price} a pack';
    }

    public function shelfBlanks(): array
    {
        return [
            new TextBlank('name', 'what it is called', $this->usual, 40),
            new ColourBlank('colour', 'the colour', $this->colour),
            new NoteBlank('about', 'what there is to say of it', 80),
            new CountBlank('pack', 'how many come in a pack', $this->pack, 1, 1000),
            new PriceBlank('price', 'the list price of a pack', Money::cents(self::MOST_CENTS)),
            new PriceBlank('paid', 'what was paid for a pack', Money::cents(self::MOST_CENTS)),
            new NoteBlank('supplier', 'where it is bought', 60),
            new CountBlank('low', 'when it runs low', 0, 0, 100_000, 'no mark'),
        ];
    }

    public function shelfSentence(): string
    {
        return '{colour} {name}, {about}; {pack} in a pack, bought at {paid}, listed at {price}, from {supplier}. Low below {low}.';
    }

    public function isWound(): bool
    {
        return false;
    }

    private function price(string $key, string $label): MoneyBlank
    {
        return new MoneyBlank($key, $label, Money::cents($this->cents), Money::cents(self::MOST_CENTS));
    }
}
