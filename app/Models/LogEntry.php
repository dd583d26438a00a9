<?php

namespace App\Models;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Log\EntrySheet;
use Davrin\Core\Log\Made;
use Davrin\Core\Log\MinutesText;
use Davrin\Core\Log\MustBePossible;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Past;
use Davrin\Core\Log\PlannedRolls;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\Season;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * A finished piece, written down: the plan it was made by with what was learned then, what was measured of it, how long it took, its
 * rolls as they were, what it was sold for. Later changes of the plan, of prices or of settings leave it as it is.
 *
 * @property int $id
 * @property ?int $plan_id the plan it was made by; null where that is gone for good
 * @property ?int $build_id the build it comes from; null where it was written by hand
 * @property ?int $revision_id the step of that plan it was made by; null where nobody knows
 * @property string $name
 * @property string $made_on a day
 * @property string $season
 * @property int $copies
 * @property string $techniques the keys of what it is made of, with a comma before, between and behind them
 * @property string $words what a search finds it by
 * @property string $document the plan file it was made by
 * @property array<string, string|int> $sheet what is written in its sentences
 * @property list<array<string, mixed>> $times
 * @property list<array<string, mixed>> $rolls
 * @property array<string, ?int> $spoiled what of each material was cut and is of no use, in units of length, by its id
 * @property list<array{at: string, words: string}> $notes what happened
 * @property array{used?: array<string, int>,
 *     size?: ?array{guess: float, said: float, words?: array{string, string}, real: float, slope: float}, allowed?: list<float>,
 *     said?: array<string, mixed>} $told what was said of it before it was made (what Reckoned says)
 * @property array<string, mixed> $terms what it was priced by
 * @property array<string, mixed> $sums what a year adds up (what Reckoned says)
 * @property list<array<string, mixed>> $observed what it teaches
 * @property ?string $picture its drawing, compressed
 * @property ?Carbon $created_at
 * @property ?Carbon $deleted_at
 * @property Collection<int, LogPhoto> $photos
 * @property ?SavedPlan $plan
 */
final class LogEntry extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected $casts = [
        'sheet' => 'array', 'times' => 'array', 'rolls' => 'array', 'spoiled' => 'array', 'notes' => 'array', 'told' => 'array',
        'terms' => 'array', 'sums' => 'array', 'observed' => 'array',
    ];

    private ?Plan $design = null;

    private ?Plan $guessed = null;

    /**
     * One that was taken down, too.
     *
     * @return BelongsTo<SavedPlan, $this>
     */
    public function plan(): BelongsTo
    {
        $plan = $this->belongsTo(SavedPlan::class, 'plan_id');
        $plan->withoutGlobalScope(SoftDeletingScope::class);

        return $plan;
    }

    /** Whether its plan is another by now than the piece was made by. */
    public function planHasChanged(): bool
    {
        return $this->plan !== null && $this->revision_id !== null && $this->plan->revision_id !== $this->revision_id;
    }

    /** @return HasMany<LogPhoto, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(LogPhoto::class);
    }

    /** Where its drawing is fetched; another house may have had one of the same number there. */
    public function pictureUrl(): string
    {
        return route('log.picture', [$this, 'v' => $this->created_at?->timestamp], false);
    }

    /**
     * The latest made first.
     *
     * @return Builder<self>
     */
    public static function latestFirst(): Builder
    {
        /** @var Builder<self> */
        return self::query()->orderByDesc('made_on')->orderByDesc('id');
    }

    /** As it was made, with what was learned then. */
    public function design(): Plan
    {
        return $this->design ??= app(PlanFile::class)->reopen($this->document);
    }

    /** The same with starting guesses. */
    public function guessed(): Plan
    {
        return $this->guessed ??= app(PlanFile::class)->reopen($this->document, LearnedFigures::none());
    }

    public function slip(): Slip
    {
        return Slip::load(EntrySheet::blanks($this->design()->settings->currency()), $this->sheet, '');
    }

    /** @return list<WorkTime> */
    public function workTimes(): array
    {
        return array_map(fn (array $its): WorkTime => WorkTime::fromData($its), $this->times);
    }

    /** @return list<RollTruth> */
    public function rollTruths(): array
    {
        return array_map(fn (array $its): RollTruth => RollTruth::fromData($its), $this->rolls);
    }

    /** @return array<string, Length> by the id of the material */
    public function spoiledLengths(): array
    {
        return array_map(Length::ofUnits(...), array_filter($this->spoiled, is_int(...)));
    }

    public function made(): Made
    {
        return EntrySheet::made($this->slip(), $this->workTimes(), $this->rollTruths(), $this->spoiledLengths());
    }

    /**
     * How large Davrin said it would get, and how large it came, both in inches and in words; null where it was not measured.
     *
     * @return ?array{said: float, came: float, saidWords: string, cameWords: string}
     */
    public function sizes(): ?array
    {
        $size = $this->told['size'] ?? null;
        if ($size === null) {
            return null;
        }
        $words = fn (float $inches): string => $this->design()->units()->place(Length::nearInches($inches));
        // What was written down by an earlier Davrin has no words of its own.
        [$said, $came] = $size['words'] ?? [$words($size['said']), $words($size['real'])];

        return ['said' => $size['said'], 'came' => $size['real'], 'saidWords' => $said, 'cameWords' => $came];
    }

    public function past(): Past
    {
        return new Past(
            $this->id,
            $this->name,
            $this->observations(),
            $this->workTimes(),
            $this->told['size'] ?? null,
            $this->told['allowed'] ?? [],
        );
    }

    /** @return list<Observation> */
    public function observations(): array
    {
        return array_map(fn (array $its): Observation => Observation::fromData($its), $this->observed);
    }

    /**
     * Writes one blank anew, not yet kept: "entry.wide", "times.2", "rolls.0", "spoiled.m1".
     *
     * @throws BlankRefused
     */
    public function write(string $address, string $typed): void
    {
        try {
            match (explode('.', "$address.", 3)[0]) {
                'times' => $this->writeTime((int) explode('.', $address)[1], $typed),
                'rolls' => $this->writeRoll((int) explode('.', $address)[1], $typed),
                'spoiled' => $this->writeSpoiled(explode('.', $address)[1], $typed),
                default => $this->writeSheet((string) preg_replace('/^entry\./', '', $address), $typed),
            };
        } catch (Refused $refused) {
            throw new BlankRefused($address, $refused);
        }
    }

    private function writeSheet(string $key, string $typed): void
    {
        $before = $this->slip();
        $slip = $before->with($key, $typed, $this->design()->units());
        if ($key === 'made') {
            self::mustBePast($slip);
        }
        MustBePossible::size($this->design(), EntrySheet::made($slip, [], [], []));
        $isOfItsDay = $before->text('season') === Season::of($before->text('made'))->value;
        $this->sheet = $slip->write();
        if ($key === 'made' && $isOfItsDay) {
            $this->sheet = [...$this->sheet, 'season' => Season::of($slip->text('made'))->value];
        }
        if ($key === 'copies') {
            $this->forCopies($before->count('copies'), $slip->count('copies'));
        }
    }

    /**
     * A day later is taken, as it is that already elsewhere.
     *
     * @throws Fault
     */
    public static function mustBePast(Slip $slip): void
    {
        if ($slip->text('made') > Carbon::tomorrow()->format('Y-m-d')) {
            throw Fault::at('', sprintf(
                '%s is still to come. Write the day the piece was finished.',
                $slip->show('made', Units::Inches),
            ));
        }
    }

    /**
     * Work, rolls and what was spoiled are told for all of them together.
     *
     * @throws Fault
     */
    private function forCopies(int $before, int $after): void
    {
        $times = array_map(fn (WorkTime $its): WorkTime => $its->forCopies($before, $after), $this->workTimes());
        foreach ($times as $time) {
            MustBePossible::minutes($time->words, $time->took ?? 0.0, $after);
        }
        $this->mustBeSpoiled($this->spoiledLengths());
        $rolls = $this->build_id !== null
            ? $this->rollTruths()
            : PlannedRolls::ofSeveral($this->design(), $after, $this->rollTruths(), app(RollPlanner::class));
        [$this->times, $this->rolls] = [
            array_map(fn (WorkTime $its): array => $its->asData(), $times),
            array_map(fn (RollTruth $its): array => $its->asData(), $rolls),
        ];
    }

    private function writeTime(int $at, string $typed): void
    {
        $time = $this->workTimes()[$at] ?? throw Fault::noBlank("times.$at");
        $minutes = self::minutes($typed);
        if ($minutes !== null) {
            MustBePossible::minutes($time->words, $minutes, $this->slip()->count('copies'));
        }
        $this->times = array_replace($this->times, [$at => $time->took($minutes)->asData()]);
    }

    private function writeRoll(int $at, string $typed): void
    {
        $roll = $this->rollTruths()[$at] ?? throw Fault::noBlank("rolls.$at");
        $units = $this->design()->units();
        $roll = $roll->held(self::isNothing($typed) ? null : LengthText::read($typed, $units));
        MustBePossible::roll($roll, $units);
        $this->rolls = array_replace($this->rolls, [$at => $roll->asData()]);
    }

    private function writeSpoiled(string $material, string $typed): void
    {
        isset($this->told['used'][$material]) || throw Fault::noBlank("spoiled.$material");
        $spoiled = self::isNothing($typed) ? null : LengthText::read($typed, $this->design()->units());
        if ($spoiled !== null) {
            $this->mustBeSpoiled([$material => $spoiled]);
        }
        $this->spoiled = [...$this->spoiled, $material => $spoiled?->units];
    }

    /**
     * @param  array<string, Length>  $spoiled  by the id of the material
     *
     * @throws Fault where that is more than can have been spoiled of all copies
     */
    private function mustBeSpoiled(array $spoiled): void
    {
        $result = app(Engine::class)->figures($this->design());
        MustBePossible::spoiled($this->design(), $result, $this->slip()->count('copies'), $spoiled);
    }

    /** @return ?float null where nobody looked at the clock */
    private static function minutes(string $typed): ?float
    {
        return self::isNothing($typed) ? null : MinutesText::read($typed);
    }

    private static function isNothing(string $typed): bool
    {
        return in_array(mb_strtolower(trim($typed)), ['', '-', '?', 'not timed', 'not measured', 'not looked at'], true);
    }

    public function refresh(): static
    {
        [$this->design, $this->guessed] = [null, null];

        return parent::refresh();
    }
}
