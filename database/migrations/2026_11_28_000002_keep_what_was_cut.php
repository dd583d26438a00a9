<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The step at which a plan was cut, so that its sheet stays as it was, and whether it was ready before.
        Schema::table('plans', function (Blueprint $table) {
            $table->unsignedBigInteger('cut_revision_id')->nullable();
            $table->boolean('was_ready')->default(false);
        });
        DB::table('plans')->whereNotNull('cut_at')->update(['cut_revision_id' => DB::raw('revision_id')]);

        // Which of the plans that are cut together held something before.
        Schema::table('cut_batches', function (Blueprint $table) {
            $table->text('were_ready')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::table('cut_batches', fn (Blueprint $table) => $table->dropColumn('were_ready'));
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn(['cut_revision_id', 'was_ready']));
    }
};
