<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kept_prices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('revision_id')->nullable();
            $table->string('name');
            $table->string('place');
            $table->unsignedInteger('copies');
            $table->string('asked');
            $table->json('sheet');
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_prices');
    }
};
