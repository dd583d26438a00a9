<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Material\Material;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;

/** How a plan is shown and counted; it goes with the plan, so that a later change of habit does not rewrite it. */
final readonly class Settings
{
    public function __construct(public Slip $slip) {}

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(): array
    {
        return [
            new ChoiceBlank(
                'units',
                'the units',
                Units::Inches->value,
                [Units::Inches->value => 'inches', Units::Metric->value => 'centimetres'],
            ),
            new ChoiceBlank(
                'wireCount',
                'how wires are counted',
                'outside',
                ['outside' => 'from the outside in', 'inside' => 'from the inside out'],
            ),
            new ChoiceBlank(
                'currency',
                'the currency',
                Currency::UsDollar->value,
                array_combine(
                    array_column(Currency::cases(), 'value'),
                    array_map(fn (Currency $currency): string => $currency->name(), Currency::cases()),
                ),
            ),
            new ChoiceBlank(
                'priceAt',
                'which price counts',
                'paid',
                ['paid' => 'at what was paid, where that is known', 'list' => 'at the list price'],
            ),
            new ChoiceBlank('cost', 'how cost is counted', 'length', ['length' => 'by length used', 'opened' => 'by what is opened']),
            new RoomBlank('room', 'the room it has in depth', Length::inches(1), Length::inches(24)),
            LengthBlank::of('keepFrom', 'the shortest end worth keeping', Length::inches(6), Length::zero(), Length::yards(2)),
        ];
    }

    public function units(): Units
    {
        return Units::from($this->slip->text('units'));
    }

    public function currency(): Currency
    {
        return Currency::from($this->slip->text('currency'));
    }

    /** What a roll or a pack of it counts for in the cost: what was paid where the plan says so and somebody knows, else the list price. */
    public function priceOf(Material $material): Money
    {
        return ($this->slip->text('priceAt') === 'paid' ? $material->paid() : null) ?? $material->price();
    }

    /** The same with the other price that counts: "paid" or "list". */
    public function pricedAt(string $price): self
    {
        return new self($this->slip->with('priceAt', $price, $this->units()));
    }

    /** Which of the four ways of counting cost is this plan's: by length used or by what is opened, at what was paid or as listed. */
    public function way(): string
    {
        return $this->slip->text('cost').'-'.$this->slip->text('priceAt');
    }

    public function wiresFromInside(): bool
    {
        return $this->slip->text('wireCount') === 'inside';
    }

    public function costsByLength(): bool
    {
        return $this->slip->text('cost') === 'length';
    }

    /** The depth of the place it hangs in, as between a door and a storm door; null where there is no limit. */
    public function room(): ?Length
    {
        return $this->slip->lengthIfAny('room');
    }

    /** Ends shorter than this are waste and are paid for by the plan that leaves them. */
    public function keepFrom(): Length
    {
        return $this->slip->length('keepFrom');
    }
}
