<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Measure\Money;

/** What is counted by the piece and bought by the pack: stems, zip ties, signs, picks, glue. */
final readonly class PieceWare implements MaterialKind
{
    /** @param  array{string, string}  $noun */
    public function __construct(private string $key, private array $noun, private string $name, private string $colour, private int $pack, private int $cents) {}

    /** @return list<self> all that there are */
    public static function kinds(): array
    {
        return [
            new self('stems', ['stem', 'stems'], 'Chenille stems', '#4f6b4a', 25, 125),
            new self('zip-ties', ['zip tie', 'zip ties'], 'Zip ties', '#3b3b3b', 100, 300),
            new self('sign', ['sign', 'signs'], 'Wooden sign', '#b58a5a', 1, 600),
            new self('pick', ['pick', 'picks'], 'Flower pick', '#a8455a', 1, 150),
            new self('glue', ['glue stick', 'glue sticks'], 'Glue sticks', '#d9d2bd', 20, 400),
            new self('other', ['piece', 'pieces'], 'Something else', '#8d9189', 1, 100),
        ];
    }

    public function key(): string
    {
        return $this->key;
    }

    public function noun(): array
    {
        return $this->noun;
    }

    public function blanks(): array
    {
        return [
            new TextBlank('name', 'what it is called', $this->name, 40),
            new ColourBlank('colour', 'the colour', $this->colour),
            new NoteBlank('about', 'what there is to say of it', 80),
            new CountBlank('pack', 'how many come in a pack', $this->pack, 1, 1000),
            new MoneyBlank('price', 'the list price of a pack', Money::cents($this->cents), Money::cents(99_999)),
            new MoneyBlank('paid', 'what was paid for a pack', Money::cents($this->cents), Money::cents(99_999)),
            new NoteBlank('supplier', 'where it is bought', 60),
            new CountBlank('low', 'when it runs low', 0, 0, 100_000, 'no mark'),
        ];
    }

    public function sentence(): string
    {
        return '{colour} {name}, {about}; {pack} in a pack, bought at {paid}, listed at {price}, from {supplier}. Low below {low}.';
    }

    public function isWound(): bool
    {
        return false;
    }
}
