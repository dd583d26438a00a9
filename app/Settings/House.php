<?php

namespace App\Settings;

use Davrin\Core\Blank\HoldsMoney;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Illuminate\Support\Facades\DB;

/** What holds for the whole house: the shelf, and the plans that are begun. A plan has settings of its own, which begin as these. */
final class House
{
    private const AT_ONCE = 500;

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

    /** The prices on the shelf keep their figures, rounded to what the currency has; nothing is converted. */
    public function countIn(Currency $currency): void
    {
        DB::transaction(function () use ($currency): void {
            $this->currency = null;
            $before = $this->currency();
            foreach ($before === $currency ? [] : ['shelf_items', 'shelf_import_rows'] as $table) {
                DB::table($table)->whereNotNull('said')->select('id', 'ware', 'said')->chunkById(
                    self::AT_ONCE,
                    fn (iterable $rows) => $this->price($table, $rows, $before, $currency),
                );
            }
            $this->write('currency', $currency->value);
        });
        $this->currency = $currency;
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
            foreach ($this->craft->materials[$ware]->shelfBlanks($before) as $blank) {
                $written = $said[$blank->key()] ?? PriceBlank::NONE;
                if ($blank instanceof HoldsMoney && $written !== PriceBlank::NONE) {
                    $said[$blank->key()] = Money::read((string) $written, $before)->in($after)->canonical();
                }
            }
            DB::table($table)->where('id', $id)->update(['said' => json_encode($said, JSON_THROW_ON_ERROR)]);
        }
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
