<?php

namespace App\Log;

use App\Models\LogEntry;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Log\LogFile;
use Davrin\Core\Log\LoggedPiece;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Length;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;
use Illuminate\Support\Facades\DB;

/** Pieces of a file into the log: all of them or none. One that is in the log already is left alone, one that was taken out comes back. */
final readonly class LogImport
{
    private function __construct(private int $new, private int $back, private int $there) {}

    /** @throws Fault with the pointer into the file */
    public static function of(string $bytes): self
    {
        [$entries, $pictures] = [[], []];
        foreach ((new LogFile(app(PlanFile::class)))->read($bytes) as $at => $piece) {
            $entries[] = $entry = Fault::under("/entries/$at", fn (): LogEntry => self::entry($piece));
            // Pieces that were made by one plan look alike.
            $entry->picture = $pictures[md5($entry->document)] ??= NewEntry::picture($piece->plan);
        }

        return DB::transaction(function () use ($entries): self {
            [$counts, $taken] = [['new' => 0, 'back' => 0, 'there' => 0], []];
            foreach ($entries as $entry) {
                // Two pieces that are alike to the letter are two: each stands for one in the log.
                $same = self::same($entry, $taken);
                $counts[$same === null ? 'new' : ($same->trashed() ? 'back' : 'there')]++;
                $same === null ? $entry->save() : $same->restore();
                $taken[] = $same->id ?? $entry->id;
            }
            Learn::anew();

            return new self($counts['new'], $counts['back'], $counts['there']);
        });
    }

    public function words(): string
    {
        $said = array_filter([
            $this->new === 0 ? '' : Words::count($this->new, 'piece').' written into the log',
            $this->back === 0 ? '' : "$this->back that had been taken out put back",
            $this->there === 0 ? '' : "$this->there there already and left as they are",
        ]);

        return $said === [] ? 'There is no piece in this file.' : ucfirst(implode(', ', $said)).'.';
    }

    /**
     * Not yet kept.
     *
     * @throws Fault
     */
    private static function entry(LoggedPiece $piece): LogEntry
    {
        LogEntry::mustBePast($piece->slip);
        $entry = new LogEntry([
            'document' => app(PlanFile::class)->write($piece->plan),
            'terms' => $piece->terms->write(),
            'sheet' => $piece->slip->write(),
            'times' => array_map(fn (WorkTime $its): array => $its->asData(), $piece->times),
            'rolls' => array_map(fn (RollTruth $its): array => $its->asData(), $piece->rolls),
            'spoiled' => array_map(fn (Length $its): int => $its->units, $piece->spoiled),
            'notes' => $piece->notes,
            'told' => [], 'sums' => [], 'observed' => [],
            'picture' => '',
        ]);
        $piece->check(app(Engine::class)->figures($piece->plan));

        return Writing::reckon($entry);
    }

    /**
     * The same piece, with the same said of it.
     *
     * @param  list<int>  $taken  those that stand for another piece of the file
     */
    private static function same(LogEntry $entry, array $taken): ?LogEntry
    {
        $alike = LogEntry::withTrashed()->where('made_on', $entry->made_on)->where('name', $entry->name)->whereNotIn('id', $taken)
            ->orderBy('deleted_at')->orderBy('id')->get();
        /** @var LogEntry $its */
        foreach ($alike as $its) {
            if (self::said($its) === self::said($entry)) {
                return $its;
            }
        }

        return null;
    }

    /** @return list<mixed> all that a file says of it */
    private static function said(LogEntry $entry): array
    {
        return [
            $entry->document, $entry->slip()->write(),
            array_map(fn (WorkTime $its): array => $its->asData(), $entry->workTimes()),
            array_map(fn (RollTruth $its): array => $its->asData(), $entry->rollTruths()),
            array_map(fn (Length $its): int => $its->units, $entry->spoiledLengths()), $entry->notes,
        ];
    }
}
