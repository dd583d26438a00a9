<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Forms as they really measure: each with what a plan file holds of a form, now and before its last change.
        Schema::create('shelf_forms', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->string('kept')->default('');
            $table->text('form');
            $table->text('before')->nullable();
            $table->text('settings')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shelf_forms');
    }
};
