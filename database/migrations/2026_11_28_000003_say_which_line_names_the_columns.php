<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which row of a file names its columns, counted from 0: lines before it are a title.
        Schema::table('shelf_imports', fn (Blueprint $table) => $table->unsignedInteger('header_row')->default(0));
    }

    public function down(): void
    {
        Schema::table('shelf_imports', fn (Blueprint $table) => $table->dropColumn('header_row'));
    }
};
