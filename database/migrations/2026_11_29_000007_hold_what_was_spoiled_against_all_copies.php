<?php

use App\Log\Learn;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was used of each material was kept for one of several copies, what was spoiled for all of them. */
return new class extends Migration
{
    public function up(): void
    {
        $this->change(fn (float $used, int $copies): float => $used * $copies);
    }

    public function down(): void
    {
        $this->change(fn (float $used, int $copies): float => $used / $copies);
    }

    /** @param  callable(float, int): float  $anew */
    private function change(callable $anew): void
    {
        $several = DB::table('log_entries')->where('copies', '>', 1);
        foreach ((clone $several)->get(['id', 'copies', 'told', 'observed']) as $entry) {
            $used = fn (int|float $its): float => $anew((float) $its, (int) $entry->copies);
            $told = (array) json_decode((string) $entry->told, true);
            $told['used'] = array_map(fn (int $its): int => (int) round($used($its)), $told['used'] ?? []);
            $observed = array_map(
                fn (array $its): array => $its['subject'] === 'waste' ? ['guess' => $used($its['guess'])] + $its : $its,
                (array) json_decode((string) $entry->observed, true),
            );
            DB::table('log_entries')->where('id', $entry->id)
                ->update(['told' => json_encode((object) $told), 'observed' => json_encode(array_values($observed))]);
        }
        if ($several->exists()) {
            Learn::anew();
        }
    }
};
