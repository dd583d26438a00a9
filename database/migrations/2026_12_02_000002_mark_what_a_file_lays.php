<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a file puts on the shelf bears its mark until all of it is there: until then nobody sees it. */
return new class extends Migration
{
    private const TABLES = ['shelf_items', 'shelf_stock'];

    public function up(): void
    {
        // Which laying of the file is under way: one that was taken for ended does not go on beside the next.
        Schema::table('shelf_imports', fn (Blueprint $table) => $table->string('laying')->nullable());
        foreach (self::TABLES as $table) {
            Schema::table($table, function (Blueprint $table): void {
                $table->unsignedBigInteger('laid_by')->nullable();
            });
            // Of the few that bear a mark: nearly all bear none, and are found by other columns.
            DB::statement("create index {$table}_laid_by on $table (laid_by) where laid_by is not null");
        }
    }

    public function down(): void
    {
        Schema::table('shelf_imports', fn (Blueprint $table) => $table->dropColumn('laying'));
        foreach (self::TABLES as $table) {
            DB::statement("drop index {$table}_laid_by");
            Schema::table($table, function (Blueprint $table): void {
                $table->dropColumn('laid_by');
            });
        }
    }
};
