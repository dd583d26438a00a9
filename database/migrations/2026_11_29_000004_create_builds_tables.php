<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('builds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained('plans')->restrictOnDelete();
            $table->unsignedInteger('copies');
            $table->string('walk_order');
            $table->string('copy_order');
            $table->json('taken');
            $table->string('job');
            $table->json('checked');
            $table->dateTime('finished_at')->nullable();
            $table->softDeletes();
            $table->timestamps();
        });
        Schema::create('build_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->string('words');
            $table->json('documents');
            $table->json('rolls');
            $table->json('moved');
            $table->json('units');
            $table->timestamps();
        });
        Schema::create('build_ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->string('token')->unique();
            $table->string('unit');
            $table->string('deed');
            $table->unsignedInteger('seconds')->default(0);
            $table->string('note', 500)->default('');
            $table->dateTime('made_at');
            $table->timestamps();
            $table->index(['build_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('build_ticks');
        Schema::dropIfExists('build_versions');
        Schema::dropIfExists('builds');
    }
};
