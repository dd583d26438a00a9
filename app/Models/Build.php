<?php

namespace App\Models;

use App\Exceptions\NotReady;
use App\Models\Concerns\TakesTicks;
use App\Shelf\Holding;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Engine\Engine;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
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
 * @property string $job that all it moves on the shelf bears
 * @property array<string, bool> $checked what was answered at the final check
 * @property ?Carbon $finished_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property SavedPlan $plan
 */
final class Build extends Model
{
    use SoftDeletes, TakesTicks;

    public const MOST_COPIES = 24;

    /** More than this at one go is more than a bench does in a month. */
    private const MOST_UNITS = 6_000;

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

    /**
     * Begins one. What is needed is held on the shelf, where it is free; what is ticked on the cut sheet is ticked here.
     *
     * @return array{self, ?string} and why nothing is held, where that is so
     *
     * @throws Fault where that is too much
     */
    public static function begin(SavedPlan $plan, int $copies, WalkOrder $order, CopyOrder $copyOrder): array
    {
        return DB::transaction(function () use ($plan, $copies, $order, $copyOrder): array {
            $plan->refresh();
            $notHeld = $copies === 1 && $plan->cut_at === null ? self::hold($plan) : null;
            $design = $plan->planOnSheet();
            $result = app(Engine::class)->figures($design);
            $rolls = BenchRolls::laidOut($design, $result, $copies, app(RollPlanner::class));
            $pieces = array_map(fn (int $copy): BenchPiece => new BenchPiece($copy, $design, $result), range(1, $copies));
            $walk = Walk::of($pieces, $rolls, $order, $copyOrder);
            if (count($walk->units) > self::MOST_UNITS) {
                throw Fault::at('', sprintf(
                    'That is %s things to do; the bench walks up to %s. Take fewer copies at once.',
                    number_format(count($walk->units)),
                    number_format(self::MOST_UNITS),
                ));
            }
            $build = self::query()->create([
                'plan_id' => $plan->id,
                'copies' => $copies,
                'walk_order' => $order,
                'copy_order' => $copyOrder,
                'job' => (string) Str::uuid(),
            ]);
            $build->versions()->create([
                'words' => 'as planned',
                'documents' => [app(PlanFile::class)->write($design)],
                'rolls' => array_map(fn (BenchRoll $roll): array => $roll->asData(), $rolls),
                'units' => $walk->keys(),
            ]);
            $build->tickWhatIsCut($plan, $walk, $rolls);

            return [$build->refresh(), $notHeld];
        });
    }

    /** @return BelongsTo<SavedPlan, $this> */
    public function plan(): BelongsTo
    {
        $plan = $this->belongsTo(SavedPlan::class, 'plan_id');
        $plan->withoutGlobalScope(SoftDeletingScope::class);

        return $plan;
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

    /** Holds what the plan needs of the shelf; where that cannot be, says why, and the work begins all the same. */
    private static function hold(SavedPlan $plan): ?string
    {
        try {
            Holding::make($plan);

            return null;
        } catch (NotReady $why) {
            $plan->refresh();

            return $why->getMessage();
        }
    }

    /**
     * What was cut by the cut sheet before is not cut again.
     *
     * @param  list<BenchRoll>  $rolls
     */
    private function tickWhatIsCut(SavedPlan $plan, Walk $walk, array $rolls): void
    {
        if ($this->copies > 1) {
            return;
        }
        [$ticked, $cut] = [array_flip($plan->tickedCuts()), []];
        foreach ($rolls as $roll) {
            foreach ($roll->cuts as $at => $its) {
                $cut += $its->id !== null && ($plan->cut_at !== null || isset($ticked["$roll->key-$at"])) ? [$its->id => true] : [];
            }
        }
        $done = array_filter($walk->units, fn (Unit $unit): bool => match ($unit->deed) {
            Deed::Cut => isset($cut[$unit->cut ?? '']),
            default => false,
        });
        foreach (array_chunk($done, 200) as $units) {
            BuildTick::query()->insert(array_map(fn (Unit $unit): array => [
                'build_id' => $this->id,
                'token' => "cut-sheet-$this->id-$unit->key",
                'unit' => $unit->key,
                'deed' => Mark::Done->value,
                'seconds' => 0,
                'note' => '',
                'made_at' => now(),
                'created_at' => now(),
                'updated_at' => now(),
            ], $units));
        }
    }
}
