<?php

namespace App\Models;

use App\Exceptions\StaleBuild;
use App\Models\Concerns\HoldsShelf;
use App\Models\Concerns\TakesTicks;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\WalkOrder;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A plan on the bench, once or several times: by which versions of it it is made, and what is done of it.
 *
 * @property int $id
 * @property int $plan_id
 * @property int $copies
 * @property WalkOrder $walk_order
 * @property CopyOrder $copy_order
 * @property array<string, int> $taken how much of each roll has left the shelf already, by its key, in units of length
 * @property string $job that all it cuts off the shelf bears
 * @property ?string $sheet_job the job of the cut sheet that its pieces were cut by, where they were
 * @property ?int $finished_tick the last tick that counted when it was finished; null while it is under way
 * @property array<string, bool> $checked what was answered at the final check
 * @property ?Carbon $finished_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property SavedPlan $plan
 * @property Collection<int, ShelfReservation> $reservations
 * @property-read string $name what it is called where several are listed
 * @property int $versions_count where it was asked for
 */
final class Build extends Model
{
    use HoldsShelf, SoftDeletes, TakesTicks;

    public const MOST_COPIES = 24;

    /** More than this at one go is more than a bench does in a month. */
    public const MOST_UNITS = 6_000;

    /** What is added to its job for what its finishing moves. */
    private const END = '-end';

    protected $guarded = [];

    protected $attributes = ['taken' => '{}', 'checked' => '{}'];

    protected $casts = [
        'walk_order' => WalkOrder::class,
        'copy_order' => CopyOrder::class,
        'taken' => 'array',
        'checked' => 'array',
        'finished_at' => 'datetime',
    ];

    private ?BuildVersion $latest = null;

    /** @var ?non-empty-list<BenchPiece> */
    private ?array $pieces = null;

    /** @return BelongsTo<SavedPlan, $this> */
    public function plan(): BelongsTo
    {
        $plan = $this->belongsTo(SavedPlan::class, 'plan_id');
        $plan->withoutGlobalScope(SoftDeletingScope::class);

        return $plan;
    }

    /** What it is called where several are listed: "Band door x 3, begun Nov 3" */
    protected function name(): Attribute
    {
        return Attribute::get(fn (): string => sprintf(
            '%s%s, begun %s', $this->plan->name, $this->copies > 1 ? " x $this->copies" : '', $this->created_at->format('M j'),
        ));
    }

    /** @return HasMany<ShelfReservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(ShelfReservation::class);
    }

    /**
     * Those of a plan that are on the bench now.
     *
     * @return Builder<self>
     */
    public static function underWay(SavedPlan $plan): Builder
    {
        $builds = self::query();
        $builds->where('plan_id', $plan->id)->whereNull('finished_at')->orderBy('id');

        return $builds;
    }

    /** Whether nothing was cut from the shelf for it yet, and it was not planned anew. */
    public function isAsBegun(): bool
    {
        return $this->taken === [] && $this->versions()->count() === 1;
    }

    /** Whether its pieces were cut by the cut sheet of its plan. */
    public function isCutByItsSheet(): bool
    {
        return $this->sheet_job !== null;
    }

    /** Whether pieces that the cut sheet of a plan cut wait to be built: it was worked off, and they are of no build yet. */
    public static function cutsWait(SavedPlan $plan): bool
    {
        return $plan->cut_at !== null && ! self::withTrashed()->where('job', $plan->cut_job)->exists()
            && ! self::withTrashed()->where('sheet_job', $plan->cut_job)->exists();
    }

    /** What all bears that is moved on the shelf as it is finished. */
    public static function endOf(string $job): string
    {
        return $job.self::END;
    }

    /** The job of a build, of its cuts or of its end; any other as it is. */
    public static function jobOf(string $job): string
    {
        return str_ends_with($job, self::END) ? substr($job, 0, -strlen(self::END)) : $job;
    }

    /** @return HasMany<BuildVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(BuildVersion::class);
    }

    /** How it is made now. */
    public function version(): BuildVersion
    {
        return $this->latest ??= $this->versions()->latest('id')->firstOrFail();
    }

    /** How it was to be made when it was begun. */
    public function firstVersion(): BuildVersion
    {
        return $this->versions()->oldest('id')->firstOrFail();
    }

    /** @return non-empty-list<BenchPiece> */
    public function pieces(): array
    {
        return $this->pieces ??= $this->version()->pieces($this->copies);
    }

    public function walk(): Walk
    {
        return Walk::of($this->pieces(), $this->version()->benchRolls(), $this->walk_order, $this->copy_order);
    }

    public function isFinished(): bool
    {
        return $this->finished_at !== null;
    }

    /**
     * To be asked in the transaction that changes it: another window may have finished it, or put it away, meanwhile.
     *
     * @throws StaleBuild
     */
    public function mustBeUnderWay(): void
    {
        $this->mustNotBePutAway();
        if ($this->isFinished()) {
            throw StaleBuild::finished();
        }
    }

    /** @throws StaleBuild */
    public function mustNotBePutAway(): void
    {
        if ($this->trashed()) {
            throw StaleBuild::putAway();
        }
    }

    /**
     * What is made and what is cut, by what is ticked.
     *
     * @return array{array<string, true>, array<string, true>} pieces by id, elements by copy and id
     */
    public function progress(Walk $walk): array
    {
        [$marks, $cut, $made] = [$this->marks(), [], []];
        foreach ($walk->units as $unit) {
            if (($marks[$unit->key] ?? null) === Mark::Done && $unit->element !== null) {
                $unit->deed === Deed::Cut ? $cut[(string) $unit->cut] = true : $made["$unit->copy/{$unit->element->id}"] = true;
            }
        }

        return [$cut, $made];
    }

    /**
     * Says it of units without a browser: what was ticked elsewhere, or follows from what went wrong.
     *
     * @param  list<string>  $units  by key
     */
    public function say(Mark $mark, array $units, string $note = ''): void
    {
        foreach (array_chunk($units, 100) as $some) {
            BuildTick::query()->insert(array_map(fn (string $unit): array => [
                'build_id' => $this->id,
                'token' => (string) Str::uuid(),
                'unit' => $unit,
                'deed' => $mark->value,
                'note' => mb_substr($note, 0, 500),
                'made_at' => now(),
                'created_at' => now(),
                'updated_at' => now(),
            ], $some));
        }
    }

    public function refresh(): static
    {
        [$this->latest, $this->pieces] = [null, null];

        return parent::refresh();
    }
}
