<?php

declare(strict_types=1);

namespace Davrin\Core\Cost;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Material\Good;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;
use JsonSerializable;

/**
 * What a plan costs, both ways makers count it (docs/craft-figures.md): by the length used, ends too short to keep
 * included and stems and zip ties by the piece; and by what is opened, whole rolls and whole packs.
 */
final readonly class Cost implements JsonSerializable
{
    /**
     * @param  non-empty-list<CostLine>  $lines
     * @param  Money  $total  the one of the two that the plan counts by
     */
    private function __construct(public array $lines, public Figure $byLength, public Figure $opened, public Money $total) {}

    /** @param  list<RollOutcome>  $meshes */
    public static function of(Plan $plan, array $meshes, TieStuff $stuff): self
    {
        $lines = array_values(array_filter(array_map(fn (RollOutcome $mesh): ?CostLine => self::meshLine($mesh, $plan), $meshes)));
        $lines[] = new CostLine('the form', BigRational::of($plan->formPrice()->cents), $plan->formPrice()->shown(), $plan->formPrice(), $plan->formPrice()->shown());
        array_push($lines, ...($stuff->stems > 0 ? [self::packsLine('stems', $plan->stems, $stuff->stems, $stuff->stemPacks)] : []));
        array_push($lines, ...($stuff->zipTies > 0 ? [self::packsLine('zip ties', $plan->zipTies, $stuff->zipTies, $stuff->zipTiePacks)] : []));

        $exact = BigRational::zero();
        $whole = Money::cents(0);
        foreach ($lines as $line) {
            $exact = $exact->plus($line->byLength);
            $whole = $whole->plus($line->opened);
        }
        $shown = Money::rounded($exact);

        return new self(
            $lines,
            new Figure('by length used', $shown->canonical(), $shown->shown(), [
                ...array_map(fn (CostLine $line): string => $line->what.': '.$line->byLengthBecause, $lines),
                sprintf('together %s, shown %s', self::exact($exact), $shown->shown()),
            ]),
            new Figure('by what is opened', $whole->canonical(), $whole->shown(), [
                ...array_map(fn (CostLine $line): string => $line->what.': '.$line->openedBecause, $lines),
                'together '.$whole->shown(),
            ]),
            $plan->settings->costsByLength() ? $shown : $whole,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['byLength' => $this->byLength, 'opened' => $this->opened, 'lines' => $this->lines];
    }

    private static function meshLine(RollOutcome $result, Plan $plan): ?CostLine
    {
        $rolls = count($result->plan->rolls);
        if ($rolls === 0) {
            return null;
        }
        [$mesh, $units] = [$result->mesh, $plan->units()];
        $waste = $result->plan->waste($plan->settings->keepFrom());
        $paid = $result->plan->used()->plus($waste);
        $byLength = BigRational::nd($paid->units, $mesh->nominal()->units)->multipliedBy($mesh->price()->cents);

        // What is open already is paid for by the inch, whatever is opened for it as a whole.
        $whole = $mesh->price()->times($result->plan->opened());
        $part = Length::sum(array_map(fn (RollUse $roll): Length => $roll->left()->isLessThan($plan->settings->keepFrom()) ? $roll->length : $roll->used(), $result->plan->from(Origin::Part, Origin::Loose)));
        $byPart = Money::rounded(BigRational::nd($part->units, $mesh->nominal()->units)->multipliedBy($mesh->price()->cents));
        $because = [
            ...($result->plan->opened() === 0 && ! $part->isZero() ? [] : [sprintf('%s x %s = %s', Words::count($result->plan->opened(), 'roll'), $mesh->price()->shown(), $whole->shown())]),
            ...($part->isZero() ? [] : [sprintf('%s of what is open, %s', $units->exact($part), $byPart->shown())]),
        ];

        return new CostLine(
            $mesh->name(),
            $byLength,
            sprintf('%s x %s / %s%s = %s', $mesh->price()->shown(), $units->exact($paid), $units->exact($mesh->nominal()), self::wasteWords($waste, $units), self::exact($byLength)),
            $whole->plus($byPart),
            implode(' + ', $because),
        );
    }

    private static function wasteWords(Length $waste, Units $units): string
    {
        return $waste->isZero() ? '' : sprintf(' (with %s too short to keep)', $units->exact($waste));
    }

    private static function packsLine(string $what, Good $bought, int $pieces, int $packs): CostLine
    {
        $byPiece = BigRational::nd($pieces, $bought->pack())->multipliedBy($bought->price()->cents);

        return new CostLine(
            $what,
            $byPiece,
            sprintf('%s x %d / %d = %s', $bought->price()->shown(), $pieces, $bought->pack(), self::exact($byPiece)),
            $bought->price()->times($packs),
            sprintf('%s x %s = %s', Words::count($packs, 'pack'), $bought->price()->shown(), $bought->price()->times($packs)->shown()),
        );
    }

    /** Cents as dollars with as many decimals as it takes, four at the most. */
    private static function exact(BigRational $cents): string
    {
        $text = (string) $cents->dividedBy(100)->toScale(4, RoundingMode::HALF_UP);

        return '$'.(preg_replace('/(\.\d\d\d*?)0+$/', '$1', $text) ?? $text);
    }
}
