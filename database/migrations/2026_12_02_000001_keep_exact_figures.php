<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Prices as they were written, where a currency with fewer decimals shows them rounded. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('exact_figures', function (Blueprint $table): void {
            $table->string('place');
            $table->string('figure');
            $table->string('exact');
            $table->string('rounded');
            $table->primary(['place', 'figure']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('exact_figures');
    }
};
