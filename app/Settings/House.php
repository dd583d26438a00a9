<?php

namespace App\Settings;

use Davrin\Core\Blank\HoldsMoney;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Price\Terms;
use Davrin\Core\Words\Refused;
use Illuminate\Support\Facades\DB;
use Throwable;

/** What holds for the whole house: the shelf, and the plans that are begun. A plan has settings of its own, which begin as these. */
final class House
{
    private const AT_ONCE = 500;

    private const TERMS = 'prices';

    private const TERMS_BEFORE = 'prices-before';

    private ?Units $units = null;

    private ?Currency $currency = null;

    public function __construct(private readonly Craft $craft) {}

    /** By which the shelf shows lengths, and reads a number that has no unit. */
    public function units(): Units
    {
        return $this->units ??= Units::tryFrom($this->written('units')) ?? Units::Inches;
    }

    public function measureIn(Units $units): void
    {
        $this->write('units', $units->value);
        $this->units = $units;
    }

    /** What the prices on the shelf are counted in. */
    public function currency(): Currency
    {
        return $this->currency ??= Currency::tryFrom($this->written('currency')) ?? Currency::UsDollar;
    }

    /**
     * The prices on the shelf and those that pieces are priced by keep their figures; nothing is converted. What the currency shows
     * rounded is kept exactly beside it, and comes back with a currency that has its decimals.
     *
     * @param  bool  $mayRound  whether somebody said that prices may be rounded
     * @return ?Rounding what would be rounded, where nobody said so; then all stays as it was
     *
     * @throws Refused where one of them is more than a price can be in that currency; then all stays as it was
     */
    public function countIn(Currency $currency, bool $mayRound): ?Rounding
    {
        $this->currency = null;
        DB::beginTransaction();
        try {
            $figures = ExactFigures::for($currency);
            $before = Currency::tryFrom($this->written('currency')) ?? Currency::UsDollar;
            if ($before !== $currency) {
                $this->writeIn($before, $currency, $figures);
            }
            $loss = $mayRound ? null : $figures->loss();
            $loss === null ? DB::commit() : DB::rollBack();
        } catch (Throwable $why) {
            DB::rollBack();

            throw $why;
        }

        return $loss;
    }

    private function writeIn(Currency $before, Currency $currency, ExactFigures $figures): void
    {
        foreach (['shelf_items', 'shelf_import_rows'] as $table) {
            DB::table($table)->whereNotNull('said')->select('id', 'ware', 'said')->chunkById(
                self::AT_ONCE,
                fn (iterable $rows) => $this->price($table, $rows, $before, $currency, $figures),
            );
        }
        $this->write('currency', $currency->value);
        foreach ([self::TERMS, self::TERMS_BEFORE] as $key) {
            $terms = $this->termsIn($key)?->in($currency, fn (string $figure, Money $its): Money => $figures->in($key, $figure, $its));
            if ($terms !== null) {
                $this->write($key, json_encode($terms->write(), JSON_THROW_ON_ERROR));
            }
        }
        $figures->keep();
    }

    /** What pieces are priced by. */
    public function terms(): Terms
    {
        return $this->termsIn(self::TERMS) ?? Terms::read(['currency' => $this->currency()->value]);
    }

    /**
     * Changes what pieces are priced by, and keeps what it was.
     *
     * @param  callable(Terms): Terms  $change
     *
     * @throws Refused
     */
    public function priceBy(callable $change): void
    {
        DB::transaction(function () use ($change): void {
            $before = $this->terms();
            $after = $change($before);
            if ($after->write() !== $before->write()) {
                $this->write(self::TERMS_BEFORE, json_encode($before->write(), JSON_THROW_ON_ERROR));
                $this->write(self::TERMS, json_encode($after->write(), JSON_THROW_ON_ERROR));
            }
        });
    }

    public function pricedOtherwiseBefore(): bool
    {
        return $this->termsIn(self::TERMS_BEFORE) !== null;
    }

    /** Back to what pieces were priced by before the last change; once more, and that stands again. */
    public function priceByBefore(): void
    {
        $this->priceBy(fn (Terms $now): Terms => $this->termsIn(self::TERMS_BEFORE) ?? $now);
    }

    /** @return array<string, string> what a plan that is begun says of it */
    public function settings(): array
    {
        return ['units' => $this->units()->value, 'currency' => $this->currency()->value];
    }

    /** @param  iterable<object>  $rows */
    private function price(string $table, iterable $rows, Currency $before, Currency $after, ExactFigures $figures): void
    {
        foreach ($rows as $row) {
            ['id' => $id, 'ware' => $ware, 'said' => $said] = (array) $row;
            $said = (array) json_decode((string) $said, true);
            foreach ($this->craft->materials[$ware]->shelfBlanks($after) as $blank) {
                $written = $said[$blank->key()] ?? PriceBlank::NONE;
                if ($blank instanceof HoldsMoney && $written !== PriceBlank::NONE) {
                    $its = Money::read((string) $written, $before);
                    $said[$blank->key()] = $figures->in("$table.$id", $blank->key(), $its)->canonical();
                    $blank->read($said[$blank->key()], null);
                }
            }
            DB::table($table)->where('id', $id)->update(['said' => json_encode($said, JSON_THROW_ON_ERROR)]);
        }
    }

    private function termsIn(string $key): ?Terms
    {
        $written = $this->written($key);

        return $written === '' ? null : Terms::read((array) json_decode($written, true, 12, JSON_THROW_ON_ERROR));
    }

    private function written(string $key): string
    {
        $written = DB::table('settings')->where('key', $key)->value('value');

        return is_string($written) ? $written : '';
    }

    private function write(string $key, string $value): void
    {
        DB::table('settings')->upsert([['key' => $key, 'value' => $value]], ['key']);
    }
}
