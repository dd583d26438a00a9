<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A build holds what it needs of the shelf itself, where before its plan did; cuts of a cut sheet belong to one build; ticks that came
 * after a build was finished do not count. What was damaged before that is put right here, from the rows alone.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shelf_reservations', function (Blueprint $table): void {
            $table->foreignId('build_id')->nullable()->constrained()->cascadeOnDelete();
            $table->dropUnique(['plan_id', 'shelf_stock_id']);
        });
        // A holder holds one amount of a thing; in a plain index every null would be another.
        DB::statement('create unique index held_by_plan on shelf_reservations (plan_id, shelf_stock_id) where build_id is null');
        DB::statement('create unique index held_by_build on shelf_reservations (build_id, shelf_stock_id) where build_id is not null');
        Schema::table('builds', function (Blueprint $table): void {
            $table->string('sheet_job')->nullable();
            $table->unsignedBigInteger('finished_tick')->nullable();
        });
        Schema::table('build_ticks', function (Blueprint $table): void {
            $table->dropUnique(['token']);
            $table->unique(['build_id', 'token']);
        });
        $this->giveSheetsToBuilds();
        $this->countNoTicksAfterTheEnd();
        $this->tellWhatMoved();
        $this->giveHoldsToBuilds();
    }

    public function down(): void
    {
        DB::table('shelf_reservations')->whereNotNull('build_id')->delete();
        DB::statement('drop index held_by_plan');
        DB::statement('drop index held_by_build');
        Schema::table('shelf_reservations', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('build_id');
            $table->unique(['plan_id', 'shelf_stock_id']);
        });
        Schema::table('builds', fn (Blueprint $table) => $table->dropColumn(['sheet_job', 'finished_tick']));
        DB::statement('update build_ticks set token = token || "-" || build_id where id not in (select min(id) from build_ticks group by token)');
        Schema::table('build_ticks', function (Blueprint $table): void {
            $table->dropUnique(['build_id', 'token']);
            $table->unique('token');
        });
    }

    /** Cuts of a sheet were counted by each single build of its plan; they are of the one that was finished first, or else begun first. */
    private function giveSheetsToBuilds(): void
    {
        $sheets = DB::table('plans')->whereNotNull('cut_at')->whereNotIn('cut_job', DB::table('builds')->select('job'))->get(['id', 'cut_at', 'cut_job']);
        foreach ($sheets as $plan) {
            $builds = fn (): Builder => DB::table('builds')->where(['plan_id' => $plan->id, 'copies' => 1]);
            $its = $builds()->where('finished_at', '>=', $plan->cut_at)->orderBy('finished_at')->orderBy('id')->first()
                ?? $builds()->whereNull(['finished_at', 'deleted_at'])->orderBy('id')->first();
            if ($its === null) {
                continue;
            }
            $isUntouched = json_decode($its->taken, true) === [];
            DB::table('builds')->where('id', $its->id)->update(['sheet_job' => $plan->cut_job] + ($isUntouched ? [
                'taken' => json_encode((object) array_map(fn (array $roll): int => self::used($roll), $this->rolls($its->id, 'min'))),
            ] : []));
        }
    }

    private function countNoTicksAfterTheEnd(): void
    {
        foreach (DB::table('builds')->whereNotNull('finished_at')->get(['id', 'finished_at']) as $build) {
            $last = DB::table('build_ticks')->where('build_id', $build->id)->where('created_at', '<=', $build->finished_at)->max('id');
            DB::table('builds')->where('id', $build->id)->update(['finished_tick' => $last ?? 0]);
        }
    }

    /** A build that took more than there was said all the same that it had taken all of it. */
    private function tellWhatMoved(): void
    {
        foreach (DB::table('builds')->whereNull('sheet_job')->where('taken', '!=', '{}')->where('taken', '!=', '[]')->get(['id', 'job', 'taken']) as $build) {
            $taken = (array) json_decode($build->taken, true);
            $moved = DB::table('shelf_movements')->where('job', $build->job)->whereNull('undone_at')->whereIn('kind', ['cut', 'put back'])
                ->groupBy('shelf_stock_id')->selectRaw('shelf_stock_id, -sum(amount) as moved')->pluck('moved', 'shelf_stock_id');
            foreach ($this->rolls($build->id, 'max') as $key => $roll) {
                if ($roll['item'] === null || ! isset($taken[$key])) {
                    continue;
                }
                $isLoose = DB::table('shelf_stock')->where('id', $roll['item'])->value('kind') === 'loose';
                $off = min($isLoose ? 1 : $taken[$key], max(0, (int) ($moved[$roll['item']] ?? 0)));
                $moved[$roll['item']] = ($moved[$roll['item']] ?? 0) - $off;
                $taken[$key] = $isLoose && $off === 1 ? $taken[$key] : $off;
            }
            DB::table('builds')->where('id', $build->id)->update(['taken' => json_encode((object) array_filter($taken))]);
        }
    }

    /** What a plan held for a build that is on the bench is held by the first of its builds that is cut from it; a plan that was taken down holds nothing. */
    private function giveHoldsToBuilds(): void
    {
        foreach (DB::table('plans')->whereIn('id', DB::table('shelf_reservations')->select('plan_id'))->get(['id', 'deleted_at']) as $plan) {
            $held = DB::table('shelf_reservations')->where('plan_id', $plan->id);
            $stock = (clone $held)->pluck('shelf_stock_id')->all();
            $its = null;
            foreach (DB::table('builds')->where('plan_id', $plan->id)->whereNull(['finished_at', 'deleted_at'])->orderBy('id')->pluck('id') as $build) {
                $its ??= array_intersect(array_column($this->rolls($build, 'max'), 'item'), $stock) === [] ? null : $build;
            }
            if ($its !== null) {
                $held->update(['build_id' => $its]);
                DB::table('plans')->where('id', $plan->id)->update(['ready_at' => null]);
            } elseif ($plan->deleted_at !== null) {
                $held->delete();
            }
        }
    }

    /**
     * @param  string  $which  of its versions: "min" for the first, "max" for the last
     * @return array<string, array{key: string, item: ?int, cuts: list<array{length: int}>}> by key
     */
    private function rolls(int $build, string $which): array
    {
        $rolls = DB::table('build_versions')->where('build_id', $build)->orderBy('id', $which === 'min' ? 'asc' : 'desc')->value('rolls');

        return array_column((array) json_decode((string) $rolls, true), null, 'key');
    }

    /** @param  array{cuts: list<array{length: int}>}  $roll */
    private static function used(array $roll): int
    {
        return array_sum(array_column($roll['cuts'], 'length'));
    }
};
