<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Brick\Math\BigRational;
use Davrin\Core\Cost\Cost;
use Davrin\Core\Cost\CostLine;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\Settings;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Words;

/** One material of a cost sheet, for all copies, counted the four ways. */
final readonly class SheetLine
{
    /**
     * @param  string  $group  of the bar that it is part of: "mesh", "ribbon", "form", "all else"
     * @param  string  $source  where it comes from
     * @param  array<string, array{BigRational, string}>  $ways  cents and how they come about, by the key of the way
     * @param  ?array{Length, BigRational}  $waste  ends too short to keep, and what of the cost by length is for them
     */
    private function __construct(
        public string $group,
        public string $what,
        public string $source,
        public array $ways,
        public ?array $waste = null,
    ) {}

    /** Null where no roll of it is cut. */
    public static function ofWound(Wound $wound, string $name, RollPlan $rolls, Settings $settings): ?self
    {
        if ($rolls->rolls === []) {
            return null;
        }
        $waste = $rolls->waste($settings->keepFrom());
        $price = $settings->priceOf($wound);

        return new self(
            $wound->wound->makesABase() ? 'mesh' : 'ribbon',
            $name,
            Words::list(array_values(array_filter(array_map(fn (Origin $origin): ?string => match ($count = count($rolls->from($origin))) {
                0 => null,
                default => Words::count($count, $origin->value).($origin === Origin::New ? ' to buy' : ' on hand'),
            }, [Origin::Part, Origin::Loose, Origin::Full, Origin::New])))),
            self::ways($settings, fn (Settings $its): ?CostLine => Cost::woundLine($wound, $rolls, $its)),
            $waste->isZero() ? null : [
                $waste,
                BigRational::nd($waste->units, $wound->nominal()->units)->multipliedBy($price->cents),
            ],
        );
    }

    /** What of a material gets spoiled beside, as the log says; what is opened is paid for whole, so there it costs nothing more. */
    public static function ofSpoiled(self $line, LearnedFigure $waste): self
    {
        $share = BigRational::of(LearnedFigure::number($waste->value, 2))->dividedBy(100);
        $percent = LearnedFigure::number($waste->value, 2).' %';
        $ways = [];
        foreach ($line->ways as $way => [$cents]) {
            $ways[$way] = str_starts_with($way, 'length')
                ? [$cents->multipliedBy($share), "$percent of it, {$waste->words()}"]
                : [BigRational::zero(), 'out of what is opened'];
        }

        return new self($line->group, "$line->what that gets spoiled", 'as the log says', $ways);
    }

    public static function ofForms(Plan $plan, int $copies): self
    {
        return new self(
            'form',
            $copies === 1 ? 'the form' : 'the forms',
            Words::count($copies, 'form'),
            self::ways($plan->settings, fn (): CostLine => Cost::formLine($plan, $copies)),
        );
    }

    public static function ofGoods(GoodsUse $use, Settings $settings): ?self
    {
        return $use->pieces === 0 ? null : new self('all else', $use->what(), Words::list([
            ...($use->onHand > 0 ? ["$use->onHand on hand"] : []),
            ...($use->packs > 0 ? [Words::count($use->packs, 'pack').' to buy'] : []),
        ]), self::ways($settings, fn (Settings $its): ?CostLine => Cost::goodsLines([$use], $its)[0] ?? null));
    }

    /**
     * @param  callable(Settings): ?CostLine  $line
     * @return array<string, array{BigRational, string}>
     */
    private static function ways(Settings $settings, callable $line): array
    {
        $ways = [];
        foreach (array_keys(CostSheet::WAYS) as $way) {
            [$by, $at] = explode('-', $way);
            $its = $line($settings->pricedAt($at));
            if ($its !== null) {
                $ways[$way] = $by === 'length'
                    ? [$its->byLength, $its->byLengthBecause]
                    : [BigRational::of($its->opened->cents), $its->openedBecause];
            }
        }

        return $ways;
    }
}
