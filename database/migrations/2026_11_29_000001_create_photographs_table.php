<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photographs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->unique()->constrained()->cascadeOnDelete();
            $table->binary('jpeg');
            $table->unsignedInteger('wide');
            $table->unsignedInteger('high');
            $table->json('colours');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photographs');
    }
};
