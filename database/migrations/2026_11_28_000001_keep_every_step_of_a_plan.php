<?php

use App\Models\SavedPlan;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which step each one was made from: after an undo, more than one can follow the same.
        Schema::table('plan_revisions', function (Blueprint $table) {
            $table->unsignedBigInteger('before_id')->nullable()->index();
            $table->index(['plan_id', 'id']);
        });
        DB::statement('update plan_revisions set before_id = (select max(earlier.id) from plan_revisions as earlier '
            .'where earlier.plan_id = plan_revisions.plan_id and earlier.id < plan_revisions.id)');

        // What a search of the wall looks through.
        Schema::table('plans', function (Blueprint $table) {
            $table->text('words')->default('');
            $table->index(['deleted_at', 'updated_at', 'id']);
        });

        // What the wall tells of a step of a plan and how it is drawn, worked out once by each version of the application.
        Schema::create('plan_cards', function (Blueprint $table) {
            $table->foreignId('revision_id')->primary()->constrained('plan_revisions')->cascadeOnDelete();
            $table->string('version');
            $table->text('told');
            $table->binary('picture')->nullable();
        });

        $documents = DB::table('plans')->join('plan_revisions', 'plan_revisions.id', 'plans.revision_id')->select('plans.id', 'plans.name', 'document');
        foreach ($documents->lazyById(100, 'plans.id', 'id') as $plan) {
            try {
                $words = SavedPlan::searchedBy(app(PlanFile::class)->reopen((string) $plan->document));
                DB::table('plans')->where('id', $plan->id)->update(['words' => $words]);
            } catch (Throwable) {
                DB::table('plans')->where('id', $plan->id)->update(['words' => mb_strtolower((string) $plan->name)]);
            }
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_cards');
        Schema::table('plans', function (Blueprint $table) {
            $table->dropIndex(['deleted_at', 'updated_at', 'id']);
            $table->dropColumn('words');
        });
        Schema::table('plan_revisions', function (Blueprint $table) {
            $table->dropIndex(['before_id']);
            $table->dropIndex(['plan_id', 'id']);
            $table->dropColumn('before_id');
        });
    }
};
