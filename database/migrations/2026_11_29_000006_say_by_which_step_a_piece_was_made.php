<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('log_entries', function (Blueprint $table): void {
            // The step of the plan that the piece was made by; steps go when their plan goes, and the entry stays.
            $table->unsignedBigInteger('revision_id')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('log_entries', fn (Blueprint $table) => $table->dropColumn('revision_id'));
    }
};
