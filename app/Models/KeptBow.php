<?php

namespace App\Models;

use App\Settings\House;
use App\Settings\LearnedNow;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Part\Bow;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A bow that is kept under its name. A bow in a plan is a copy of it.
 *
 * @property int $id
 * @property string $name
 * @property string $document a plan file of nothing but the bow
 * @property ?string $before as it was before its last change
 * @property ?Carbon $deleted_at
 */
final class KeptBow extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    private ?Plan $plan = null;

    /** One of a kind as it usually is. */
    public static function begin(string $kind, House $house): self
    {
        $plan = app(PlanReader::class)->read([
            'name' => ucfirst((string) preg_replace('/^an? /', '', app(Craft::class)->parts[$kind]->name())),
            'ties' => [],
            'settings' => $house->settings(),
            'materials' => [['id' => 'r1', 'kind' => app(Craft::class)->parts[$kind]->materials()->usualKind()]],
            'parts' => [['id' => 'bow', 'kind' => $kind, 'at' => 'middle']],
        ]);

        $its = ['name' => $plan->name(), 'document' => app(PlanFile::class)->design($plan)];

        return DB::transaction(fn (): self => self::query()->create($its));
    }

    public function plan(): Plan
    {
        return $this->plan ??= app(PlanFile::class)->reopen($this->document, app(LearnedNow::class)->figures());
    }

    /** @throws Refused */
    public function change(Edit $edit): void
    {
        DB::transaction(function () use ($edit): void {
            $this->refresh();
            $this->plan = null;
            $after = $edit->apply($this->plan(), app(PlanReader::class));
            if (! ($after->parts[0] ?? null)?->kind instanceof Bow) {
                throw Fault::at('/parts/0/kind', 'That is no bow. Choose one of the bows.');
            }
            $document = app(PlanFile::class)->design($after);
            if ($document !== $this->document) {
                $this->update(['name' => $after->name(), 'before' => $this->document, 'document' => $document]);
            }
            $this->plan = null;
        });
    }

    /** Undoes the last change, or does it again. */
    public function turnBack(): void
    {
        DB::transaction(function (): void {
            $this->refresh();
            if ($this->before !== null) {
                $this->update(['before' => $this->document, 'document' => $this->before]);
                $this->plan = null;
                $this->update(['name' => $this->plan()->name()]);
            }
        });
    }
}
