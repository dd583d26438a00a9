<?php

namespace App\Log;

use App\Models\LogEntry;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Log\Observation;
use Illuminate\Support\Facades\DB;

/** Writes in an entry of the log. Every change is one transaction: what follows from it is worked out, and learned. */
final class Writing
{
    /** No page has more blanks than this. */
    private const MOST = 200;

    /**
     * @param  array<string, string>  $typed  by address
     *
     * @throws BlankRefused where all stays as it was
     */
    public static function in(LogEntry $entry, array $typed): void
    {
        DB::transaction(function () use ($entry, $typed): void {
            $entry->refresh();
            foreach (array_slice($typed, 0, self::MOST, true) as $address => $text) {
                $entry->write($address, $text);
            }
            self::settle($entry);
        });
    }

    /** To be called in a transaction. */
    public static function settle(LogEntry $entry): void
    {
        self::reckon($entry)->save();
        Learn::anew();
    }

    /** With all that follows from what is written of it, not yet kept. */
    public static function reckon(LogEntry $entry): LogEntry
    {
        [$slip, $reckoned] = [$entry->slip(), Reckoned::of($entry)];

        return $entry->fill([
            'sheet' => $slip->write(),
            'name' => $slip->text('name'),
            'made_on' => $slip->text('made'),
            'season' => $slip->text('season'),
            'copies' => $slip->count('copies'),
            'techniques' => $reckoned->techniques,
            'words' => $reckoned->words,
            'told' => $reckoned->told,
            'sums' => $reckoned->sums,
            'observed' => array_map(fn (Observation $its): array => $its->asData(), $reckoned->observed),
        ]);
    }
}
