<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plans', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->unsignedBigInteger('revision_id')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });

        // The whole history of a plan, each step with the plan document as it then was.
        Schema::create('plan_revisions', function (Blueprint $table) {
            $table->id();
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->text('document');
            $table->text('words');
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_revisions');
        Schema::dropIfExists('plans');
    }
};
