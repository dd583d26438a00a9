<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a file puts on the shelf bears its mark until all of it is there: until then nobody sees it. */
return new class extends Migration
{
    private const TABLES = ['shelf_items', 'shelf_stock'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, function (Blueprint $table): void {
                $table->unsignedBigInteger('laid_by')->nullable()->index();
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, function (Blueprint $table): void {
                $table->dropIndex(['laid_by']);
                $table->dropColumn('laid_by');
            });
        }
    }
};
