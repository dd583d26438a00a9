<?php

namespace App\Settings;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Illuminate\Support\Facades\DB;

/**
 * Amounts as they were written, of those that the currency of the house shows rounded. An amount that was written again since is exact as
 * it is.
 */
final class ExactFigures
{
    private const AT_ONCE = 200;

    /** @var list<array{place: string, figure: string, exact: string, rounded: string}> */
    private array $kept = [];

    /** @var list<string> "$6.75 becomes ¥7" */
    private array $rounded = [];

    private int $all = 0;

    /** @param  array<string, array{exact: string, rounded: string}>  $before  by place and figure */
    private function __construct(private readonly array $before, private readonly Currency $to) {}

    /** As they are kept now; to be called in a transaction that ends with keep(). */
    public static function for(Currency $to): self
    {
        $before = [];
        foreach (DB::table('exact_figures')->get() as $row) {
            $before["$row->place $row->figure"] = ['exact' => (string) $row->exact, 'rounded' => (string) $row->rounded];
        }

        return new self($before, $to);
    }

    /**
     * An amount in the other currency: as exactly as it was ever written, rounded half up to the decimals that this one has.
     *
     * @param  string  $place  where it stands: "shelf_items.12"
     * @param  string  $figure  which it is there: "price"
     */
    public function in(string $place, string $figure, Money $written): Money
    {
        $known = $this->before["$place $figure"] ?? null;
        $exact = $known !== null && $known['rounded'] === $written->canonical() ? $known['exact'] : $written->canonical();
        $amount = Money::rounded(BigRational::of($exact)->multipliedBy($this->to->parts()), $this->to);
        $this->all++;
        if (! BigDecimal::of($exact)->isEqualTo($amount->canonical())) {
            $this->kept[] = ['place' => $place, 'figure' => $figure, 'exact' => $exact, 'rounded' => $amount->canonical()];
        }
        if (! BigDecimal::of($written->canonical())->isEqualTo($amount->canonical()) && $exact === $written->canonical()) {
            $this->rounded[] = "{$written->shown()} becomes {$amount->shown()}";
        }

        return $amount;
    }

    public function keep(): void
    {
        DB::table('exact_figures')->delete();
        foreach (array_chunk($this->kept, self::AT_ONCE) as $some) {
            DB::table('exact_figures')->insert($some);
        }
    }

    /** How many of how many this currency would show rounded that were exact until now, and the first of them; null where none. */
    public function loss(): ?Rounding
    {
        $examples = array_slice(array_values(array_unique($this->rounded)), 0, 3);

        return $this->rounded === [] ? null : new Rounding(count($this->rounded), $this->all, $examples, $this->to);
    }
}
