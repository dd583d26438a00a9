<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Bows that are kept: each as a plan of nothing but the bow, now and before its last change.
        Schema::create('kept_bows', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->text('document');
            $table->text('before')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_bows');
    }
};
