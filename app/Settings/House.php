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
     * The prices on the shelf keep their figures, rounded to what the currency has; nothing is converted.
     *
     * @throws Refused where one of them is more than a price can be in that currency; then all stays as it was
     */
    public function countIn(Currency $currency): void
    {
        $this->currency = null;
        DB::transaction(function () use ($currency): void {
            $before = Currency::tryFrom($this->written('currency')) ?? Currency::UsDollar;
            foreach ($before === $currency ? [] : ['shelf_items', 'shelf_import_rows'] as $table) {
                DB::table($table)->whereNotNull('said')->select('id', 'ware', 'said')->chunkById(
                    self::AT_ONCE,
                    fn (iterable $rows) => $this->price($table, $rows, $before, $currency),
                );
            }
            $this->write('currency', $currency->value);
            foreach ([self::TERMS, self::TERMS_BEFORE] as $key) {
                $terms = $this->termsIn($key);
                if ($terms !== null) {
                    $this->write($key, json_encode($terms->in($currency)->write(), JSON_THROW_ON_ERROR));
                }
            }
        });
        $this->currency = $currency;
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
    private function price(string $table, iterable $rows, Currency $before, Currency $after): void
    {
        foreach ($rows as $row) {
            ['id' => $id, 'ware' => $ware, 'said' => $said] = (array) $row;
            $said = (array) json_decode((string) $said, true);
            foreach ($this->craft->materials[$ware]->shelfBlanks($after) as $blank) {
                $written = $said[$blank->key()] ?? PriceBlank::NONE;
                if ($blank instanceof HoldsMoney && $written !== PriceBlank::NONE) {
                    $said[$blank->key()] = Money::read((string) $written, $before)->in($after)->canonical();
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
