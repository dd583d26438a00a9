<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A file that is being read: rows wait here until all are read, and go on the shelf in one go or not at all.
        Schema::create('shelf_imports', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->string('file');
            $table->string('separator', 1);
            $table->boolean('is_utf8');
            $table->text('header');
            $table->text('columns');
            $table->string('state');
            $table->unsignedBigInteger('size');
            $table->unsignedBigInteger('at');
            $table->unsignedInteger('line');
            $table->timestamps();
        });

        Schema::create('shelf_import_rows', function (Blueprint $table) {
            $table->id();
            $table->foreignId('shelf_import_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('line');
            $table->text('refused')->nullable();
            $table->text('cells');
            $table->string('ware')->nullable();
            $table->text('said')->nullable();
            $table->text('stock')->nullable();
            $table->string('alike', 40)->nullable();
            $table->index('shelf_import_id');
            $table->index(['alike', 'shelf_import_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shelf_import_rows');
        Schema::dropIfExists('shelf_imports');
    }
};
