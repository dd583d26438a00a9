<?php

declare(strict_types=1);

namespace Davrin\Core\Cost;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\Settings;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;
use JsonSerializable;

/**
 * What a plan costs, both ways makers count it (docs/craft-figures.md): by the length used, ends too short to keep
 * included and counted goods by the piece; and by what is opened, whole rolls and whole packs.
 */
final readonly class Cost implements JsonSerializable
{
    /**
     * @param  non-empty-list<CostLine>  $lines
     * @param  Money  $total  the one of the two that the plan counts by
     */
    private function __construct(public array $lines, public Figure $byLength, public Figure $opened, public Money $total) {}

    /**
     * @param  list<RollOutcome>  $outcomes
     * @param  list<GoodsUse>  $goods
     */
    public static function of(Plan $plan, array $outcomes, array $goods): self
    {
        return self::ofLines([
            ...array_filter(
                array_map(
                    fn (RollOutcome $outcome): ?CostLine => self::woundLine(
                        $outcome->wound,
                        $outcome->plan,
                        $plan->settings,
                    ),
                    $outcomes,
                ),
            ),
            self::formLine($plan, 1),
            ...self::goodsLines($goods, $plan->settings),
        ], $plan->settings->costsByLength(), $plan->hasByEye());
    }

    /** The forms of some plans alike: each bought whole. */
    public static function formLine(Plan $plan, int $count): CostLine
    {
        $price = $plan->formPrice()->times($count);
        $because = $count === 1 ? $price->shown() : sprintf('%d x %s = %s', $count, $plan->formPrice()->shown(), $price->shown());

        return new CostLine($count === 1 ? 'the form' : 'the forms', BigRational::of($price->cents), $because, $price, $because);
    }

    /**
     * @param  list<GoodsUse>  $goods
     * @return list<CostLine> of those that are used
     */
    public static function goodsLines(array $goods, Settings $settings): array
    {
        return array_values(array_map(
            fn (GoodsUse $use): CostLine => self::goodsLine($use, $settings),
            array_filter($goods, fn (GoodsUse $use): bool => $use->pieces > 0),
        ));
    }

    /**
     * @param  non-empty-list<CostLine>  $lines
     * @param  bool  $byLength  which of the two ways the total is counted by
     * @param  bool  $isByEye  whether some of it rests on what nobody measures
     */
    public static function ofLines(array $lines, bool $byLength, bool $isByEye = false): self
    {
        $exact = BigRational::zero();
        $currency = $lines[0]->opened->currency;
        $whole = Money::cents(0, $currency);
        foreach ($lines as $line) {
            $exact = $exact->plus($line->byLength);
            $whole = $whole->plus($line->opened);
        }
        $shown = Money::rounded($exact, $currency);

        $figure = fn (Figure $figure): Figure => $isByEye ? $figure->asEstimate(Plan::BY_EYE) : $figure;

        return new self(
            $lines,
            $figure(new Figure('by length used', $shown->canonical(), $shown->shown(), [
                ...array_map(fn (CostLine $line): string => $line->what.': '.$line->byLengthBecause, $lines),
                sprintf('together %s, shown %s', self::exact($exact, $currency), $shown->shown()),
            ])),
            $figure(new Figure('by what is opened', $whole->canonical(), $whole->shown(), [
                ...array_map(fn (CostLine $line): string => $line->what.': '.$line->openedBecause, $lines),
                'together '.$whole->shown(),
            ])),
            $byLength ? $shown : $whole,
        );
    }

    /**
     * What one of so many pieces of work costs, by length used and by what is opened, each rounded once.
     *
     * @return array{Money, Money}
     */
    public function each(int $count): array
    {
        $sum = array_reduce(
            $this->lines,
            fn (BigRational $sum, CostLine $line): BigRational => $sum->plus($line->byLength),
            BigRational::zero(),
        );

        return [
            Money::rounded($sum->dividedBy($count), $this->total->currency),
            Money::rounded(
                BigRational::nd(array_sum(array_map(fn (CostLine $line): int => $line->opened->cents, $this->lines)), $count),
                $this->total->currency,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'currency' => $this->total->currency->value,
            'byLength' => $this->byLength,
            'opened' => $this->opened,
            'lines' => $this->lines,
        ];
    }

    /** Of a material that is cut; null where no roll of it is. */
    public static function woundLine(Wound $wound, RollPlan $rolls, Settings $settings): ?CostLine
    {
        if ($rolls->rolls === []) {
            return null;
        }
        [$keepFrom, $units, $price] = [$settings->keepFrom(), $settings->units(), $settings->priceOf($wound)];
        $shown = self::priceWords($wound, $price);
        $waste = $rolls->waste($keepFrom);
        $paid = $rolls->used()->plus($waste);
        $byLength = BigRational::nd($paid->units, $wound->nominal()->units)->multipliedBy($price->cents);

        // What is open already is paid for by the inch, whatever is opened for it as a whole.
        $whole = $price->times($rolls->opened());
        $part = Length::sum(
            array_map(
                fn (RollUse $roll): Length => $roll->left()->isLessThan($keepFrom) ? $roll->length : $roll->used(),
                $rolls->from(Origin::Part, Origin::Loose),
            ),
        );
        $byPart = Money::rounded(
            BigRational::nd($part->units, $wound->nominal()->units)->multipliedBy($price->cents),
            $price->currency,
        );
        $because = [
            ...(
                $rolls->opened() === 0 && ! $part->isZero()
                    ? []
                    : [sprintf('%s x %s = %s', Words::count($rolls->opened(), 'roll'), $shown, $whole->shown())]
            ),
            ...($part->isZero() ? [] : [sprintf('%s of what is open, %s', $units->exact($part), $byPart->shown())]),
        ];

        return new CostLine(
            $wound->name(),
            $byLength,
            sprintf(
                '%s x %s / %s%s = %s',
                $shown,
                $units->exact($paid),
                $units->exact($wound->nominal()),
                self::wasteWords($waste, $units),
                self::exact($byLength, $price->currency),
            ),
            $whole->plus($byPart),
            implode(' + ', $because),
        );
    }

    private static function wasteWords(Length $waste, Units $units): string
    {
        return $waste->isZero() ? '' : sprintf(' (with %s too short to keep)', $units->exact($waste));
    }

    private static function goodsLine(GoodsUse $use, Settings $settings): CostLine
    {
        [$pack, $price] = [$use->good->pack(), $settings->priceOf($use->good)];
        $shown = self::priceWords($use->good, $price);
        $byPiece = fn (int $pieces): BigRational => BigRational::nd($pieces, $pack)->multipliedBy($price->cents);
        // What is there already is paid for by the piece, whatever is bought for the rest as a whole.
        [$packs, $there] = [$price->times($use->packs), Money::rounded($byPiece($use->onHand), $price->currency)];

        return new CostLine(
            $use->what(),
            $byPiece($use->pieces),
            sprintf('%s x %d / %d = %s', $shown, $use->pieces, $pack, self::exact($byPiece($use->pieces), $price->currency)),
            $packs->plus($there),
            implode(' + ', [
                ...(
                    $use->packs === 0 && $use->onHand > 0
                        ? []
                        : [sprintf('%s x %s = %s', Words::count($use->packs, 'pack'), $shown, $packs->shown())]
                ),
                ...($use->onHand === 0 ? [] : [sprintf('%d on hand, %s', $use->onHand, $there->shown())]),
            ]),
        );
    }

    /** "$5.00 paid", where that is not what it is listed at. */
    private static function priceWords(Material $material, Money $price): string
    {
        return $price->shown().($price->equals($material->price()) ? '' : ' paid');
    }

    /** With as many decimals as it takes, two more than its currency has at the most. */
    public static function exact(BigRational $cents, Currency $currency): string
    {
        $least = $currency->decimals();
        $amount = $cents->abs()->dividedBy($currency->parts())->toScale($least + 2, RoundingMode::HALF_UP);
        [$whole, $decimals] = explode('.', (string) $amount);
        $decimals = str_pad(rtrim($decimals, '0'), $least, '0');

        return ($cents->isNegative() ? '-' : '').$currency->sign().$whole.($decimals === '' ? '' : ".$decimals");
    }
}
