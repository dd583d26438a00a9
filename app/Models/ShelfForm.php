<?php

namespace App\Models;

use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A form on the shelf, as it really measures.
 *
 * @property int $id
 * @property string $name
 * @property string $kept where it is kept; empty where nobody said
 * @property array<string, mixed> $form as a plan file holds it
 * @property ?array<string, mixed> $before as it was before its last change
 * @property ?array<string, string> $settings how it is shown, as a plan file holds it; null for the usual way
 * @property ?Carbon $deleted_at
 */
final class ShelfForm extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected $casts = ['form' => 'array', 'before' => 'array', 'settings' => 'array'];

    /** What a form can be called: what a plan can be called, too, since one may begin on it. */
    public static function nameBlank(): TextBlank
    {
        return new TextBlank('name', 'the name of the form', 'Outline', 80);
    }

    /** The form of a plan, put on the shelf, to be shown as that plan is. */
    public static function keep(Plan $plan, string $name): self
    {
        return DB::transaction(fn (): self => self::query()->create([
            'name' => mb_substr($name, 0, 80),
            'form' => $plan->formSlip->write(),
            'settings' => array_intersect_key($plan->settings->slip->write(), ['units' => 1, 'wireCount' => 1, 'currency' => 1]),
        ]));
    }

    /** @return array<string, mixed> the form, without its price where that is counted in another currency */
    public function formIn(Currency $currency): array
    {
        return Currency::from($this->settings['currency'] ?? Currency::UsDollar->value) === $currency
            ? $this->form
            : array_diff_key($this->form, ['price' => 1]);
    }

    /** The bare form as a plan: tied as it usually is, without mesh. */
    public function plan(): Plan
    {
        return app(PlanReader::class)->read(
            ['name' => $this->name, 'form' => $this->form, 'settings' => $this->settings ?? [], 'materials' => [[]], 'parts' => []],
        );
    }

    /**
     * Measures it anew.
     *
     * @param  array<string, string>  $typed  by address: "form.wires"
     *
     * @throws Refused
     */
    public function measure(array $typed): void
    {
        DB::transaction(function () use ($typed): void {
            $this->refresh();
            $after = (new FillBlanks($typed))->apply($this->plan(), app(PlanReader::class))->formSlip->write();
            if ($after !== $this->form) {
                $this->update(['before' => $this->form, 'form' => $after]);
            }
        });
    }

    /** Undoes the last measuring, or does it again. */
    public function turnBack(): void
    {
        DB::transaction(function (): void {
            $this->refresh();
            if ($this->before !== null) {
                $this->update(['before' => $this->form, 'form' => $this->before]);
            }
        });
    }
}
