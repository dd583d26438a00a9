<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Raffia and the like were mesh whose body is "strands"; now they are a kind of their own, of which no body, weave or edge is said. */
return new class extends Migration
{
    private const SAID_OF_MESH = ['body' => 1, 'weave' => 1, 'edge' => 1];

    public function up(): void
    {
        foreach (['shelf_items', 'shelf_import_rows'] as $table) {
            foreach (DB::table($table)->where('ware', 'mesh')->whereNotNull('said')->get(['id', 'said']) as $row) {
                $said = json_decode((string) $row->said, true);
                if (is_array($said) && ($said['body'] ?? null) === 'strands') {
                    DB::table($table)->where('id', $row->id)->update(['ware' => 'strands', 'said' => json_encode(array_diff_key($said, self::SAID_OF_MESH))]);
                }
            }
        }
    }

    public function down(): void
    {
        foreach (['shelf_items', 'shelf_import_rows'] as $table) {
            foreach (DB::table($table)->where('ware', 'strands')->whereNotNull('said')->get(['id', 'said']) as $row) {
                $said = json_decode((string) $row->said, true);
                DB::table($table)->where('id', $row->id)->update(['ware' => 'mesh', 'said' => json_encode(['body' => 'strands', 'weave' => 'raffia', 'edge' => 'firm'] + (is_array($said) ? $said : []))]);
            }
        }
    }
};
