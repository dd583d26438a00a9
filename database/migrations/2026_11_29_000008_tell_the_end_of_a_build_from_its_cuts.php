<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What went back on the shelf as a build was finished bears a job of its own, so that it comes off again where the build is opened again. */
return new class extends Migration
{
    private const END = '-end';

    public function up(): void
    {
        DB::table('shelf_movements')->whereIn('job', DB::table('builds')->select('job'))
            ->where(fn ($moved) => $moved->where('words', 'like', 'left over of %')->orWhere('words', 'like', 'used for %')
                ->orWhere('words', 'an end too short to keep'))
            ->update(['job' => DB::raw("job || '".self::END."'")]);
    }

    public function down(): void
    {
        DB::table('shelf_movements')->where('job', 'like', '%'.self::END)
            ->update(['job' => DB::raw('substr(job, 1, length(job) - '.strlen(self::END).')')]);
    }
};
