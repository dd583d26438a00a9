<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Plans that are cut together, as they were when that was begun: whatever becomes of them, the sheet stays as it was printed.
        Schema::create('cut_batches', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->text('shares');
            $table->text('ticked');
            $table->timestamp('cut_at')->nullable();
            $table->string('cut_job')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('cut_batches');
    }
};
