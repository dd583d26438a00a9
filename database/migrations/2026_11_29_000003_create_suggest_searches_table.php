<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suggest_searches', function (Blueprint $table): void {
            $table->id();
            $table->json('wishes');
            $table->string('currency');
            $table->string('form');
            $table->json('only');
            $table->json('given');
            $table->unsignedInteger('next')->default(0);
            $table->unsignedInteger('total')->default(0);
            $table->unsignedInteger('fits')->default(0);
            $table->json('found');
            $table->json('misses');
            $table->boolean('stopped')->default(false);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('suggest_searches');
    }
};
