<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What there is of a kind: "Sage mesh, 10 in". What is said of it is a document, as blanks write it.
        Schema::create('shelf_items', function (Blueprint $table) {
            $table->id();
            $table->string('ware');
            $table->string('name');
            $table->text('said');
            $table->string('family');
            $table->unsignedInteger('width')->default(0);
            $table->timestamps();
            $table->timestamp('archived_at')->nullable();
            $table->index(['archived_at', 'ware', 'name']);
        });

        // Where it lies: each roll for itself, loose pieces of a length together, things that are counted in heaps.
        Schema::create('shelf_stock', function (Blueprint $table) {
            $table->id();
            $table->foreignId('shelf_item_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->unsignedInteger('piece')->default(0);
            $table->unsignedInteger('amount');
            $table->string('known');
            $table->string('lot')->nullable();
            $table->string('kept')->default('');
            $table->timestamps();
            $table->index(['shelf_item_id', 'amount']);
        });

        // Why it became more or less. What was done in one go bears one job.
        Schema::create('shelf_movements', function (Blueprint $table) {
            $table->id();
            $table->foreignId('shelf_stock_id')->constrained('shelf_stock')->cascadeOnDelete();
            $table->foreignId('plan_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind');
            $table->integer('amount');
            $table->string('words');
            $table->string('job')->nullable()->index();
            $table->timestamp('created_at');
            $table->timestamp('undone_at')->nullable();
        });

        // What a plan that is ready holds back.
        Schema::create('shelf_reservations', function (Blueprint $table) {
            $table->id();
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->foreignId('shelf_stock_id')->constrained('shelf_stock')->cascadeOnDelete();
            $table->unsignedInteger('amount');
            $table->unique(['plan_id', 'shelf_stock_id']);
        });

        Schema::table('plans', function (Blueprint $table) {
            $table->timestamp('ready_at')->nullable();
            $table->timestamp('cut_at')->nullable();
            $table->string('cut_job')->nullable();
            $table->text('ticked')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn(['ready_at', 'cut_at', 'cut_job', 'ticked']));
        Schema::dropIfExists('shelf_reservations');
        Schema::dropIfExists('shelf_movements');
        Schema::dropIfExists('shelf_stock');
        Schema::dropIfExists('shelf_items');
    }
};
