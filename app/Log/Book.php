<?php

namespace App\Log;

use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Settings\House;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Log\Season;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\PartKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The logbook to leaf through: what of it is looked at, and what a year adds up. */
final readonly class Book
{
    private const LONGEST = 80;

    /** More plans are not offered in a list; each is also reached from its own page. */
    private const OFFERED = 200;

    private function __construct(
        public string $sought,
        public ?string $season,
        public ?string $technique,
        public ?int $plan,
        public ?int $year,
    ) {}

    public static function asked(Request $request): self
    {
        $technique = (string) $request->string('technique');
        $year = $request->integer('year');

        return new self(
            mb_substr(trim((string) $request->string('q')), 0, self::LONGEST),
            Season::tryFrom((string) $request->string('season'))?->value,
            isset(app(Craft::class)->parts[$technique]) ? $technique : null,
            $request->integer('plan') > 0 ? $request->integer('plan') : null,
            $year >= 1980 && $year <= 2099 ? $year : null,
        );
    }

    public function isNarrowed(): bool
    {
        return $this->sought !== '' || $this->season !== null || $this->technique !== null || $this->plan !== null || $this->year !== null;
    }

    /** @return Builder<LogEntry> the latest first */
    public function entries(): Builder
    {
        $entries = LogEntry::latestFirst();
        foreach (preg_split('/[\s,·]+/u', mb_strtolower($this->sought), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $entries->whereRaw('instr(words, ?) > 0', [$word]);
        }

        return $entries
            ->when($this->season, fn (Builder $its) => $its->where('season', $this->season))
            ->when($this->technique, fn (Builder $its) => $its->whereRaw('instr(techniques, ?) > 0', [",$this->technique,"]))
            ->when($this->plan, fn (Builder $its) => $its->where('plan_id', $this->plan))
            ->when($this->year, fn (Builder $its) => $its->whereBetween('made_on', ["$this->year-01-01", "$this->year-12-31"]));
    }

    /** @return array<string, string> the techniques that there is anything of, by key */
    public static function techniques(): array
    {
        $there = implode('', DB::table('log_entries')->whereNull('deleted_at')->distinct()->pluck('techniques')->all());

        return array_map(
            fn (PartKind $kind): string => ucfirst($kind->noun()[1]),
            array_filter(app(Craft::class)->parts, fn (PartKind $kind): bool => str_contains($there, ",{$kind->key()},")),
        );
    }

    /** @return array<int, string> the plans that there is anything of, by id */
    public static function plans(): array
    {
        return DB::table('log_entries')->join('plans', 'plans.id', '=', 'log_entries.plan_id')->whereNull('log_entries.deleted_at')
            ->distinct()->orderBy('plans.name')->pluck('plans.name', 'plans.id')->all();
    }

    /**
     * The plans that a piece can be written down by: those that were worked on last, and the one that is asked for whenever that was.
     *
     * @return array<int, string> by id, each by a name of its own
     */
    public static function offered(?int $asked): array
    {
        $last = SavedPlan::query()->latest('updated_at')->latest('id')->limit(self::OFFERED)->pluck('id')->all();
        /** @var list<SavedPlan> $plans */
        $plans = SavedPlan::query()->whereKey([...$last, ...($asked === null ? [] : [$asked])])->get(['id', 'name', 'created_at'])->all();
        $alike = array_count_values(array_column($plans, 'name'));
        $names = array_map(fn (SavedPlan $plan): array => [
            $plan->id,
            $plan->name.($alike[$plan->name] > 1 ? ", begun {$plan->created_at->format('M j, H:i')}" : ''),
        ], $plans);
        $offered = array_column($names, 1, 0);
        asort($offered, SORT_NATURAL | SORT_FLAG_CASE);

        return $offered;
    }

    /**
     * What each year adds up, of what is looked at, the latest first.
     *
     * @return list<array{year: int, pieces: int, yards: string, hours: string, sold: list<string>, anHour: list<string>}>
     */
    public function years(): array
    {
        $years = [];
        foreach ($this->entries()->toBase()->get(['made_on', 'copies', 'sums']) as $row) {
            $its = (array) json_decode((string) $row->sums, true);
            $year = (int) substr((string) $row->made_on, 0, 4);
            $years[$year] ??= ['pieces' => 0, 'units' => 0, 'minutes' => 0.0, 'money' => []];
            $years[$year]['pieces'] += (int) $row->copies;
            $years[$year]['units'] += (int) ($its['units'] ?? 0);
            $years[$year]['minutes'] += (float) ($its['minutes'] ?? 0);
            if (($its['sold'] ?? 0) > 0) {
                $money = &$years[$year]['money'][(string) $its['currency']];
                $money ??= ['sold' => 0, 'earned' => 0, 'minutes' => 0.0];
                $money['sold'] += (int) $its['sold'];
                $money['earned'] += (int) $its['earned'];
                $money['minutes'] += $its['earned'] === null ? 0.0 : (float) $its['minutes'];
                unset($money);
            }
        }
        krsort($years);

        return array_map(self::told(...), array_keys($years), $years);
    }

    /**
     * @param  array{pieces: int, units: int, minutes: float, money: array<string, array{sold: int, earned: int, minutes: float}>}  $its
     * @return array{year: int, pieces: int, yards: string, hours: string, sold: list<string>, anHour: list<string>}
     */
    private static function told(int $year, array $its): array
    {
        [$sold, $anHour] = [[], []];
        foreach ($its['money'] as $currency => $money) {
            $in = Currency::from($currency);
            $sold[] = Money::cents($money['sold'], $in)->shown();
            if ($money['minutes'] > 0) {
                $anHour[] = Money::cents((int) round($money['earned'] * 60 / $money['minutes']), $in)->shown();
            }
        }

        return [
            'year' => $year,
            'pieces' => $its['pieces'],
            'yards' => self::long($its['units']),
            'hours' => number_format($its['minutes'] / 60, 1).' h',
            'sold' => $sold,
            'anHour' => $anHour,
        ];
    }

    /** As rolls are counted in the house: yards, or metres. */
    private static function long(int $units): string
    {
        return app(House::class)->units() === Units::Inches
            ? number_format($units / Length::yards(1)->units, 1).' yd'
            : number_format($units / (Length::PER_MILLIMETRE * 1000), 1).' m';
    }
}
