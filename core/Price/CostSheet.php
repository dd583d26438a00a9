<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Batch\BatchResult;
use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;
use JsonSerializable;

/**
 * What so many copies of a plan cost, and what one of them does: every material counted the four ways makers count, the time, the
 * overhead and what no recipe counts (docs/craft-figures.md, price).
 */
final readonly class CostSheet implements JsonSerializable
{
    public const FORMAT = 'davrin-cost-sheet';

    public const VERSION = 1;

    /** More minutes for one piece are a slip of the pen. */
    public const MOST_MINUTES = 6000;

    /** @var array<string, string> the four ways, by key */
    public const WAYS = [
        'length-paid' => 'by length used, at what was paid',
        'length-list' => 'by length used, at the list price',
        'opened-paid' => 'by what is opened, at what was paid',
        'opened-list' => 'by what is opened, at the list price',
    ];

    /**
     * @param  list<SheetLine>  $lines
     * @param  int  $minutes  for one piece
     * @param  string  $way  that counts
     * @param  bool  $isShort  whether some of it is on no roll, so that it costs more than this
     * @param  bool  $isByEye  whether some of it rests on what nobody measures
     */
    private function __construct(
        public string $name,
        public int $copies,
        public int $minutes,
        private bool $minutesAreSaid,
        public string $way,
        public array $lines,
        public Terms $terms,
        public bool $isShort,
        private bool $isByEye,
    ) {}

    /**
     * @param  ?BatchResult  $batch  of all copies; null where there is one
     * @param  ?int  $minutes  that a piece really takes; null for what is worked out
     *
     * @throws Fault where the plan counts in another currency than the maker
     */
    public static function of(Plan $plan, Result $result, ?BatchResult $batch, Terms $terms, ?int $minutes = null): self
    {
        $settings = $plan->settings;
        if ($settings->currency() !== $terms->currency) {
            throw Fault::at('/settings/currency', sprintf(
                'This plan counts in %s, and your hour and fees in %s. Let one of the two count like the other: the plan in its '
                    .'settings, the others on the shelf.',
                $settings->currency()->name(),
                $terms->currency->name(),
            ));
        }
        $copies = $batch?->count() ?? 1;
        $wound = $batch === null
            ? array_map(
                fn (WoundResult $its): array => self::wound($plan, $its->wound, $its->wound->name(), $its->plan),
                $result->wound,
            )
            : array_map(
                fn (BatchMaterial $its): array => self::wound($plan, $its->wound, $its->name(), $its->rolls),
                $batch->materials,
            );
        $goods = array_map(fn (GoodsUse $use): ?SheetLine => SheetLine::ofGoods($use, $settings), $batch->goods ?? $result->goods);

        return new self(
            $plan->name(),
            $copies,
            $minutes ?? (int) $result->tally->minutes->value,
            $minutes !== null,
            $settings->way(),
            array_values(array_filter([...array_merge(...$wound), SheetLine::ofForms($plan, $copies), ...$goods])),
            $terms,
            $batch?->isShort() ?? $result->verdict->short,
            $plan->hasByEye(),
        );
    }

    /** @return list<SheetLine> a material, and what of it gets spoiled where the log says so; none where no roll of it is cut */
    private static function wound(Plan $plan, Wound $wound, string $name, RollPlan $rolls): array
    {
        [$line, $waste] = [SheetLine::ofWound($wound, $name, $rolls, $plan->settings), $plan->waste($wound)];

        return match (true) {
            $line === null => [],
            $waste === null || $waste->value === 0.0 => [$line],
            default => [$line, SheetLine::ofSpoiled($line, $waste)],
        };
    }

    public function currency(): Currency
    {
        return $this->terms->currency;
    }

    /** What the materials of all copies come to, in cents, not yet rounded. */
    public function materials(?string $way = null, ?string $group = null): BigRational
    {
        $sum = BigRational::zero();
        foreach ($this->lines as $line) {
            $sum = $group === null || $line->group === $group ? $sum->plus($line->ways[$way ?? $this->way][0]) : $sum;
        }

        return $sum;
    }

    /** For one piece, in cents, not yet rounded. */
    public function materialsEach(?string $way = null, ?string $group = null): BigRational
    {
        return $this->materials($way, $group)->dividedBy($this->copies);
    }

    public function labour(): BigRational
    {
        return BigRational::nd($this->minutes, 60)->multipliedBy($this->terms->work->money('rate')->cents);
    }

    public function overhead(): BigRational
    {
        return $this->terms->work->percent('overhead')->part()->multipliedBy(
            $this->terms->work->text('overheadOf') === 'work' ? $this->materialsEach()->plus($this->labour()) : $this->materialsEach(),
        );
    }

    public function wear(): BigRational
    {
        return BigRational::of($this->terms->work->money('wear')->cents);
    }

    public function packing(): BigRational
    {
        return BigRational::of($this->terms->work->money('packing')->cents);
    }

    /** What one piece costs, in cents, not yet rounded. */
    public function cost(): BigRational
    {
        return BigRational::sum($this->materialsEach(), $this->wear(), $this->labour(), $this->overhead(), $this->packing());
    }

    /** "$22.95", with how it comes about. */
    public function figure(): Figure
    {
        $shown = Money::rounded($this->cost(), $this->currency());

        $figure = new Figure('what one costs', $shown->canonical(), $shown->shown(), [
            ...array_map(fn (Figure $part): string => "$part->label: ".implode('; ', $part->because), $this->parts()),
            sprintf('together %s', Cost::exact($this->cost(), $this->currency())),
        ]);

        return $this->isByEye ? $figure->asEstimate(Plan::BY_EYE) : $figure;
    }

    /** @return list<Figure> what the cost of one piece is made of; what is nothing is left out */
    public function parts(): array
    {
        $work = $this->terms->work;
        $exact = fn (BigRational $cents): string => Cost::exact($cents, $this->currency());

        return array_values(array_filter([
            $this->part('materials', $this->materialsEach(), [
                $this->copies === 1 ? self::WAYS[$this->way] : sprintf(
                    '%s: %s / %d = %s',
                    self::WAYS[$this->way],
                    $exact($this->materials()),
                    $this->copies,
                    $exact($this->materialsEach()),
                ),
            ], true),
            $this->part('not in any recipe', $this->wear(), ['glue, blades and the like, a piece']),
            $this->part('my time', $this->labour(), [sprintf(
                '%d min at %s an hour = %s%s',
                $this->minutes,
                $work->money('rate')->shown(),
                $exact($this->labour()),
                $this->minutesAreSaid ? '' : ' (an estimate)',
            )]),
            $this->part('overhead', $this->overhead(), [sprintf(
                '%s of %s = %s',
                $work->percent('overhead')->shown(),
                $work->text('overheadOf') === 'work' ? 'materials and time' : 'the materials',
                $exact($this->overhead()),
            )]),
            $this->part('packing', $this->packing(), ['a piece']),
        ]));
    }

    /** What the other ways of counting come to, in a sentence: so that nobody prices by a sale that is over. */
    public function difference(): string
    {
        [$by, $at] = explode('-', $this->way);
        $paid = $this->materialsEach("$by-paid");
        $more = $this->materialsEach("$by-list")->minus($paid);
        $money = fn (BigRational $cents): string => Money::rounded($cents, $this->currency())->shown();
        if ($more->isZero()) {
            return 'No price is known but the list price, so buying all of it again costs the same.';
        }

        return $more->isNegative()
            ? sprintf('More was paid than the list says: at list prices the materials of one piece would be %s less.', $money($more->abs()))
            : sprintf(
                'At what was paid the materials of one piece are %s; to buy them again takes %s, %s more. The price below counts %s.',
                $money($paid),
                $money($this->materialsEach("$by-list")),
                $money($more),
                $at === 'paid' ? 'what was paid' : 'the list price',
            );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $money = fn (BigRational $cents): string => Money::rounded($cents, $this->currency())->canonical();

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'copies' => $this->copies,
            'currency' => $this->currency()->value,
            'counted' => $this->way,
            'lines' => array_map(fn (SheetLine $line): array => [
                'what' => $line->what,
                'group' => $line->group,
                'source' => $line->source,
                ...array_map(fn (array $way): string => $money($way[0]), $line->ways),
                'because' => array_map(fn (array $way): string => $way[1], $line->ways),
                'waste' => $line->waste === null ? '0' : $money($line->waste[1]),
            ], $this->lines),
            'materials' => array_map(fn (string $way): string => $money($this->materials($way)), self::keys()),
            'materialsEach' => array_map(fn (string $way): string => $money($this->materialsEach($way)), self::keys()),
            'minutes' => $this->minutes,
            'each' => $this->parts(),
            'cost' => $this->figure(),
            'short' => $this->isShort,
        ];
    }

    /** "1 piece", "6 pieces made together" */
    public function copiesWords(): string
    {
        return $this->copies === 1 ? '1 piece' : Words::count($this->copies, 'piece').' made together';
    }

    /** @return array<string, string> the ways by themselves */
    private static function keys(): array
    {
        return array_combine(array_keys(self::WAYS), array_keys(self::WAYS));
    }

    /** @param  non-empty-list<string>  $because */
    private function part(string $label, BigRational $cents, array $because, bool $always = false): ?Figure
    {
        $shown = Money::rounded($cents, $this->currency());

        return $cents->isZero() && ! $always ? null : new Figure($label, $shown->canonical(), $shown->shown(), $because);
    }
}
