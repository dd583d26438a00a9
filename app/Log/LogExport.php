<?php

namespace App\Log;

use App\Models\LogEntry;
use App\Shelf\Import\CsvFile;
use Closure;
use Davrin\Core\Log\LogFile;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is leafed through of the log, as a file: whole (docs/log-format.md), or as a table for a spreadsheet. */
final class LogExport
{
    private const AT_ONCE = 50;

    /** Bytes of a piece in a file beside what is kept of it as it is, and how much larger that gets with a line for each value. */
    private const ROUND_A_PIECE = 3_000;

    private const SPREAD = 3;

    private const JSON = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    /** What a table says of a piece as it stands in its sentences. */
    private const WRITTEN = ['occasion', 'wide', 'high', 'opening', 'depth', 'weight', 'verdict', 'soldFor', 'soldAt', 'otherwise'];

    private const HEAD = [
        'name', 'made on', 'season', 'how many', 'plan', 'techniques', 'for', 'width', 'height', 'opening', 'depth', 'weight', 'it looks',
        'sold for each', 'sold at', 'to do otherwise', 'cut in all', 'minutes in all', 'materials in all', 'earned in all', 'currency',
    ];

    /**
     * @param  list<list<int>>  $parts  as parts() finds them
     * @param  int  $part  which of them, from 1
     */
    public static function json(array $parts, int $part): StreamedResponse
    {
        $part = max(1, min($part, count($parts)));
        $name = count($parts) > 1 ? "davrin-log-$part-of-".count($parts).'.json' : 'davrin-log.json';

        return self::answer($name, 'application/json', function (Closure $write) use ($parts, $part): void {
            $which = count($parts) > 1 ? sprintf("\n    \"part\": %d,\n    \"parts\": %d,", $part, count($parts)) : '';
            $head = "{\n    \"format\": \"%s\",\n    \"version\": %d,%s\n    \"entries\": [";
            $write(sprintf($head, LogFile::FORMAT, LogFile::VERSION, $which));
            $before = '';
            foreach (array_chunk($parts[$part - 1] ?? [], self::AT_ONCE) as $ids) {
                $entries = LogEntry::query()->findMany($ids)->keyBy('id');
                foreach (array_intersect_key(array_flip($ids), $entries->all()) as $id => $at) {
                    $write("$before\n".json_encode(self::piece($entries[$id]), self::JSON));
                    $before = ',';
                }
            }
            $write("\n    ]\n}\n");
        });
    }

    /**
     * The files that all of it takes, so that each can be read again: no more pieces and no more bytes than a file may have.
     *
     * @return list<list<int>> the pieces of each, by id
     */
    public static function parts(Book $book): array
    {
        $sizes = $book->entries()->toBase()->selectRaw(
            'id, made_on, length(cast(document as blob)) + length(cast(times as blob)) + length(cast(rolls as blob)) '
                .'+ 2 * length(cast(notes as blob)) as size',
        )->get();
        [$parts, $bytes] = [[[]], 0];
        // Pieces of a day that are alike are told from one another by how many there are, so a day stays in one file where it can.
        foreach ($sizes->groupBy('made_on') as $day) {
            $weight = $day->sum(fn (object $row): int => self::bytes($row));
            foreach ($day as $number => $row) {
                [$at, $its] = [count($parts) - 1, self::bytes($row)];
                $isFull = $bytes + $its > LogFile::MOST_BYTES || count($parts[$at]) === LogFile::MOST;
                $breaksTheDay = $number === 0
                    && ($bytes + $weight > LogFile::MOST_BYTES || count($parts[$at]) + count($day) > LogFile::MOST);
                if ($parts[$at] !== [] && ($isFull || $breaksTheDay)) {
                    [$parts[], $bytes, $at] = [[], 0, $at + 1];
                }
                $parts[$at][] = (int) $row->id;
                $bytes += $its;
            }
        }

        return $parts;
    }

    /** How many bytes of a file a piece takes at the most. */
    private static function bytes(object $row): int
    {
        return self::ROUND_A_PIECE + self::SPREAD * (int) ((array) $row)['size'];
    }

    public static function csv(Book $book): StreamedResponse
    {
        $techniques = Book::techniques();

        return self::answer('davrin-log.csv', 'text/csv; charset=utf-8', function (Closure $write) use ($book, $techniques): void {
            $write("\xEF\xBB\xBF".CsvFile::row(self::HEAD));
            /** @var LogEntry $entry */
            foreach ($book->entries()->lazy(self::AT_ONCE) as $entry) {
                $write(CsvFile::row(self::row($entry, $techniques)));
            }
        });
    }

    /** @return array<string, mixed> */
    private static function piece(LogEntry $entry): array
    {
        return LogFile::write(
            (array) json_decode($entry->document, true),
            $entry->terms,
            $entry->slip(),
            $entry->workTimes(),
            $entry->rollTruths(),
            $entry->spoiledLengths(),
            $entry->notes,
        );
    }

    /**
     * @param  array<string, string>  $techniques  by key
     * @return list<string>
     */
    private static function row(LogEntry $entry, array $techniques): array
    {
        [$slip, $units, $sums] = [$entry->slip(), $entry->design()->units(), $entry->sums];
        $currency = Currency::from($sums['currency']);
        $money = fn (int|string|null $cents): string => $cents === null ? '' : Money::cents((int) $cents, $currency)->canonical();
        $written = array_map(
            fn (string $key): string => $slip->isUsual($key) && $key !== 'verdict' ? '' : $slip->show($key, $units),
            self::WRITTEN,
        );

        return [
            $entry->name,
            $entry->made_on,
            $entry->season,
            (string) $entry->copies,
            $entry->design()->name(),
            implode(', ', array_intersect_key($techniques, array_flip(explode(',', $entry->techniques)))),
            ...$written,
            $units->needed(Length::ofUnits((int) $sums['units'])),
            number_format(array_sum(array_map(fn (WorkTime $its): float => $its->together(), $entry->workTimes())), 1, '.', ''),
            $money($sums['materials']),
            $money($sums['earned']),
            $currency->value,
        ];
    }

    /** @param  Closure(Closure(string): void): void  $says */
    private static function answer(string $name, string $type, Closure $says): StreamedResponse
    {
        return response()->streamDownload(
            fn () => $says(function (string $text): void {
                echo $text;
            }),
            $name,
            ['Content-Type' => $type],
        );
    }
}
