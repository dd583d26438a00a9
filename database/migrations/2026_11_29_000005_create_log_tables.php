<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plans', function (Blueprint $table): void {
            // What was learned when a plan was made ready or cut: it is worked with that from then on.
            $table->longText('kept_learned')->nullable();
        });
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->nullable()->constrained('plans')->nullOnDelete();
            $table->foreignId('build_id')->nullable()->constrained('builds')->nullOnDelete();
            $table->string('name');
            $table->string('made_on', 10);
            $table->string('season', 10);
            $table->unsignedInteger('copies');
            $table->string('techniques');
            $table->text('words');
            $table->longText('document');
            $table->json('sheet');
            $table->json('times');
            $table->json('rolls');
            $table->json('spoiled');
            $table->json('notes');
            $table->json('told');
            $table->json('terms');
            $table->json('sums');
            $table->json('observed');
            $table->binary('picture')->nullable();
            $table->softDeletes();
            $table->timestamps();
            $table->index(['deleted_at', 'made_on']);
        });
        Schema::create('log_photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('log_entry_id')->constrained()->cascadeOnDelete();
            $table->binary('jpeg');
            $table->unsignedInteger('wide');
            $table->unsignedInteger('high');
            $table->string('alt', 200)->default('');
            $table->timestamps();
        });
        Schema::create('held_figures', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 300)->unique();
            $table->json('figure');
            $table->string('words');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('held_figures');
        Schema::dropIfExists('log_photos');
        Schema::dropIfExists('log_entries');
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn('kept_learned'));
    }
};
