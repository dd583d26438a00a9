<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/** What a maker wishes of a piece that is yet to be thought of. */
final readonly class Wishes
{
    /** The address of its blanks. */
    public const ADDRESS = 'wishes';

    private const MOST_CENTS = 999_999;

    private function __construct(public Slip $slip, public Currency $currency) {}

    /**
     * @param  array<array-key, mixed>  $written  what is left out is not wished
     *
     * @throws Fault
     */
    public static function read(array $written, Currency $currency): self
    {
        $wishes = new self(Slip::load(self::blanks($currency), $written, '/wishes'), $currency);
        [$key, $why] = $wishes->contradiction() ?? [null, ''];

        return $key === null ? $wishes : throw Fault::at("/wishes/$key", $why);
    }

    /**
     * Written in some blanks.
     *
     * @param  array<string, string>  $typed  by address
     *
     * @throws BlankRefused
     */
    public function filled(array $typed, Units $bare): self
    {
        $slip = $this->slip;
        foreach ($typed as $address => $raw) {
            $key = FillBlanks::split((string) $address)[1];
            if (! $slip->has($key)) {
                throw Fault::noBlank((string) $address);
            }
            try {
                $slip = $raw === $slip->show($key, $bare) ? $slip : $slip->with($key, $raw, $bare);
            } catch (Refused $refused) {
                throw new BlankRefused((string) $address, $refused);
            }
        }
        $wishes = new self($slip, $this->currency);
        [$key, $why] = $wishes->contradiction() ?? [null, ''];

        return $key === null ? $wishes : throw new BlankRefused(self::ADDRESS.".$key", Fault::at("/wishes/$key", $why));
    }

    public static function sentence(): string
    {
        return 'It may cost {budget} and take {minutes} minutes; {skill} makes it. New rolls to buy: {buy}. It is {full}, of {ribbon}. '
            .'Across from {from} to {to}; depth allowed: {deep}; sign in its opening: {signWide} by {signHigh}. '
            .'Show {first} first, then {then}.';
    }

    public function budget(): ?Money
    {
        return $this->slip->objectIfAny('budget', Money::class);
    }

    /** Null where any time will do. */
    public function minutes(): ?int
    {
        return $this->slip->count('minutes') === 0 ? null : $this->slip->count('minutes');
    }

    public function rollsToBuy(): int
    {
        return $this->slip->count('buy');
    }

    public function from(): ?Length
    {
        return $this->slip->lengthIfAny('from');
    }

    public function to(): ?Length
    {
        return $this->slip->lengthIfAny('to');
    }

    public function deep(): ?Length
    {
        return $this->slip->lengthIfAny('deep');
    }

    /** How wide an opening has to be for the sign, from corner to corner, in inches; 0 where none is wished. */
    public function opening(): float
    {
        return hypot(
            $this->slip->lengthIfAny('signWide')?->toInches() ?? 0.0,
            $this->slip->lengthIfAny('signHigh')?->toInches() ?? 0.0,
        );
    }

    public function isForABeginner(): bool
    {
        return $this->slip->text('skill') === 'beginner';
    }

    public function withRibbon(): bool
    {
        return $this->slip->text('ribbon') === 'ribbon';
    }

    public function fullness(): string
    {
        return $this->slip->text('full');
    }

    /** @return list<Criterion> what is best first, and what next where that is the same */
    public function order(): array
    {
        return [Criterion::from($this->slip->text('first')), Criterion::from($this->slip->text('then'))];
    }

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(Currency $currency): array
    {
        $size = fn (string $key, string $label, string $none): RoomBlank => new RoomBlank(
            $key, $label, Length::inches(1), Length::inches(120), $none,
        );
        $order = array_combine(
            array_column(Criterion::cases(), 'value'),
            array_map(fn (Criterion $its): string => $its->words(), Criterion::cases()),
        );

        return [
            new PriceBlank('budget', 'what it may cost', Money::cents(self::MOST_CENTS, $currency), 'anything'),
            new CountBlank('minutes', 'the minutes it may take', 0, 0, 6000, 'any'),
            new CountBlank('buy', 'how many new rolls may be bought', 0, 0, 20, 'none'),
            $size('from', 'how far across it is at the least', 'any size'),
            $size('to', 'how far across it is at the most', 'any size'),
            $size('deep', 'how deep it may be', 'any'),
            $size('signWide', 'the width of the sign in its opening', 'none'),
            $size('signHigh', 'the height of the sign in its opening', 'none'),
            new ChoiceBlank('full', 'how full it is', 'any', ['any' => 'as full as is usual', 'full' => 'full', 'light' => 'light']),
            new ChoiceBlank('skill', 'who makes it', 'any', ['any' => 'anybody', 'beginner' => 'a beginner']),
            new ChoiceBlank('ribbon', 'whether ribbon is added', 'mesh', ['mesh' => 'mesh alone', 'ribbon' => 'mesh with ribbon sets']),
            new ChoiceBlank('first', 'what is shown first', Criterion::Cheapest->value, $order),
            new ChoiceBlank('then', 'what is shown next', Criterion::Fullest->value, $order),
        ];
    }

    /** @return ?array{string, string} the key of the blank where two wishes cannot both be had, and why */
    private function contradiction(): ?array
    {
        [$from, $to, $opening] = [$this->from(), $this->to(), $this->opening()];

        return match (true) {
            $from !== null && $to !== null && $to->isLessThan($from) => [
                'to', 'No piece is larger than the one and smaller than the other: let the second be the larger.',
            ],
            $to !== null && $opening >= $to->toInches() => [
                'to', 'A sign of that size does not go into a piece as small as that. Let the piece be larger, or the sign smaller.',
            ],
            ($this->slip->lengthIfAny('signWide') === null) !== ($this->slip->lengthIfAny('signHigh') === null) => [
                $this->slip->lengthIfAny('signWide') === null ? 'signWide' : 'signHigh',
                'A sign has a width and a height: write both, or "none" in both.',
            ],
            default => null,
        };
    }
}
