<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Cost\Cost;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Figure;
use JsonSerializable;

/**
 * What to ask for a piece at one place of sale, the price below which a sale loses money, and what a price really earns
 * (docs/craft-figures.md, price). Prices that must not lose money round up to the cent, all else rounds once, half up.
 */
final readonly class Price implements JsonSerializable
{
    /**
     * @param  BigRational  $cost  of a piece there, in cents: with its box and with postage that the buyer does not pay
     * @param  BigRational  $fixed  fees that do not depend on the price, in cents
     * @param  Money  $asked  what is asked: what somebody tries, or what is worked out
     */
    private function __construct(
        public CostSheet $sheet,
        public SellingPlace $place,
        public ?Parcel $parcel,
        public ?ParcelBox $box,
        private BigRational $cost,
        private BigRational $fixed,
        public Money $least,
        public Money $friendly,
        public Money $breakEven,
        public Money $asked,
    ) {}

    /**
     * @param  ?Money  $tried  a price to try; null for the one that is worked out
     *
     * @throws Fault where fee and margin leave no price, or nothing is asked
     */
    public static function at(CostSheet $sheet, SellingPlace $place, Parcel $parcel, ?Money $tried = null): self
    {
        $refused = $place->isPossible();
        if ($refused !== null) {
            throw Fault::at('/places', $refused);
        }
        $isPosted = $place->post() !== SellingPlace::HANDED_OVER;
        $box = $isPosted ? self::cheapest($sheet->terms, $parcel) : null;
        $postage = BigRational::of($box?->postage()->cents ?? 0);
        $cost = BigRational::sum(
            $sheet->cost(),
            $box?->price()->cents ?? 0,
            $place->post() === SellingPlace::IN_THE_PRICE ? $postage : 0,
        );
        $fixed = BigRational::of($place->slip->money('fixed')->cents)->plus(
            $place->post() === SellingPlace::BUYER_PAYS && $place->takesOfThePostage() ? $postage->multipliedBy($place->fee()) : 0,
        );
        $kept = BigRational::of(1)->minus($place->fee());
        $least = Money::atLeast(
            $place->isMargin()
                ? $cost->plus($fixed)->dividedBy($kept->minus($place->share()))
                : $cost->multipliedBy($place->share()->plus(1))->plus($fixed)->dividedBy($kept),
            $sheet->currency(),
        );
        if ($tried !== null && $tried->cents < 1) {
            throw Fault::at('/asked', sprintf(
                'A price of %s sells nothing. Try one from %s up.',
                $tried->shown(),
                Money::cents(1, $tried->currency)->shown(),
            ));
        }
        $friendly = $place->ending()->up($least);

        return new self(
            $sheet, $place, $isPosted ? $parcel : null, $box, $cost, $fixed, $least, $friendly,
            Money::atLeast($cost->plus($fixed)->dividedBy($kept), $sheet->currency()),
            $tried ?? $friendly,
        );
    }

    /** What the place takes of a sale at the price that is asked, in cents. */
    public function fees(): BigRational
    {
        return $this->place->fee()->multipliedBy($this->asked->cents)->plus($this->fixed);
    }

    /** What is left of the price once everything is paid, the maker's time too, in cents; below nothing it is a loss. */
    public function stays(): BigRational
    {
        return BigRational::of($this->asked->cents)->minus($this->fees())->minus($this->cost);
    }

    /** What an hour really earns at that price; null where no time is counted. */
    public function anHour(): ?Money
    {
        return $this->sheet->minutes === 0 ? null : Money::rounded(
            $this->stays()->plus($this->sheet->labour())->dividedBy(BigRational::nd($this->sheet->minutes, 60)),
            $this->sheet->currency(),
        );
    }

    /** "30.2 %" of the price, rounded to the nearest tenth. */
    public function shareShown(): string
    {
        if ($this->asked->cents === 0) {
            return '0 %';
        }
        $tenths = (int) round($this->stays()->dividedBy($this->asked->cents)->toFloat() * 1000);

        return sprintf('%s%d.%d %%', $tenths < 0 ? '-' : '', intdiv(abs($tenths), 10), abs($tenths) % 10);
    }

    /** @return list<Figure> */
    public function figures(): array
    {
        $hour = $this->anHour();
        [$fee, $rounded] = [$this->place->slip->percent('fee')->shown(), fn (BigRational $cents): Money => $this->rounded($cents)];
        [$asked, $fees, $cost] = [$this->asked->shown(), $this->exact($this->fees()), $this->exact($this->cost)];

        return [
            self::money('ask at least', $this->least, $this->leastBecause()),
            self::money('with a friendly ending', $this->friendly, 'it '.$this->place->ending()->words($this->sheet->currency())),
            self::money(
                'below this a sale loses money',
                $this->breakEven,
                $this->divided("$cost{$this->plusFixed()}", null),
            ),
            self::money('fees', $rounded($this->fees()), "$fee of $asked{$this->plusFixed()} = $fees"),
            self::money('what stays', $rounded($this->stays()), sprintf(
                '%s - %s - %s = %s, %s of the price',
                $asked,
                $fees,
                $cost,
                $this->exact($this->stays()),
                $this->shareShown(),
            )),
            ...($hour === null ? [] : [self::money('an hour really earns', $hour, sprintf(
                '(%s - %s - %s) / %d min x 60 min',
                $asked,
                $fees,
                $this->exact($this->cost->minus($this->sheet->labour())),
                $this->sheet->minutes,
            ))]),
        ];
    }

    /**
     * Where the money goes: what the price that is asked is made of. Where it is too low, what stays is below nothing.
     *
     * @return array<string, BigRational> cents, by what they are for; what is nothing is left out
     */
    public function goesTo(): array
    {
        $materials = [];
        foreach ($this->sheet->lines as $line) {
            $materials[$line->group] ??= $this->sheet->materialsEach(null, $line->group);
        }
        $inThePrice = $this->place->post() === SellingPlace::IN_THE_PRICE;

        return array_filter([
            ...$materials,
            'not in any recipe' => $this->sheet->wear(),
            'my time' => $this->sheet->labour(),
            'overhead' => $this->sheet->overhead(),
            'packing' => $this->sheet->packing()->plus($this->box?->price()->cents ?? 0),
            'postage' => BigRational::of($inThePrice ? $this->box?->postage()->cents ?? 0 : 0),
            'fees' => $this->fees(),
            'what stays' => $this->stays(),
        ], fn (BigRational $cents): bool => ! $cents->isZero());
    }

    /** What is said of the postage; null where the buyer takes it along. */
    public function postWords(Units $units): ?string
    {
        if ($this->parcel === null) {
            return null;
        }
        $packed = 'Packed it is '.$this->parcel->words($units);
        $unknown = $this->parcel->unknown === [] ? '' : ' without what nobody weighed';
        if ($this->box === null) {
            return "$packed$unknown. No box of yours takes that, so postage is not counted: add a box that does.";
        }

        return sprintf(
            '%s%s: the box of %s takes it. %s postage, %s%s.',
            $packed,
            $unknown,
            $this->box->words($units),
            $this->box->postage()->shown(),
            $this->place->post() === SellingPlace::BUYER_PAYS ? 'which the buyer pays beside the price' : 'which is in the price',
            $this->box->price()->cents === 0 ? '' : ', and '.$this->box->price()->shown().' for the box',
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'place' => $this->place->name(),
            'least' => $this->least->canonical(),
            'friendly' => $this->friendly->canonical(),
            'breakEven' => $this->breakEven->canonical(),
            'asked' => $this->asked->canonical(),
            'hour' => $this->anHour()?->canonical(),
            'share' => $this->shareShown(),
            'figures' => $this->figures(),
        ];
    }

    private function leastBecause(): string
    {
        [$cost, $share] = [$this->exact($this->cost), $this->place->slip->percent('share')->shown()];

        return $this->place->isMargin()
            ? $this->divided("$cost{$this->plusFixed()}", $share)
            : $this->divided("$cost x (100 % + $share){$this->plusFixed()}", null);
    }

    /** "($22.95 + $0.45) / (100 % - 6.5 % - 30 %), rounded up" */
    private function divided(string $sum, ?string $margin): string
    {
        $fee = $this->place->slip->percent('fee');
        $taken = [...($fee->isZero() ? [] : [$fee->shown()]), ...($margin === null || $this->place->share()->isZero() ? [] : [$margin])];

        return ($taken === [] ? $sum : sprintf(
            '%s / (100 %% - %s)',
            str_contains($sum, ' ') ? "($sum)" : $sum,
            implode(' - ', $taken),
        )).', rounded up';
    }

    /** " + $0.45", where a fee does not depend on the price. */
    private function plusFixed(): string
    {
        return $this->fixed->isZero() ? '' : ' + '.$this->exact($this->fixed);
    }

    private function exact(BigRational $cents): string
    {
        return Cost::exact($cents, $this->sheet->currency());
    }

    private function rounded(BigRational $cents): Money
    {
        return Money::rounded($cents, $this->sheet->currency());
    }

    private static function money(string $label, Money $money, string $because): Figure
    {
        return new Figure($label, $money->canonical(), $money->shown(), [$because]);
    }

    /** Of the boxes that take it, the one that costs least to send. */
    private static function cheapest(Terms $terms, Parcel $parcel): ?ParcelBox
    {
        $fit = array_filter($terms->boxes, fn (ParcelBox $box): bool => $box->takes($parcel));
        usort($fit, fn (ParcelBox $a, ParcelBox $b): int => $a->together()->cents <=> $b->together()->cents);

        return $fit[0] ?? null;
    }
}
