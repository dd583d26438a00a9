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

    private const JSON = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    /** What a table says of a piece as it stands in its sentences. */
    private const WRITTEN = ['occasion', 'wide', 'high', 'opening', 'depth', 'weight', 'verdict', 'soldFor', 'soldAt', 'otherwise'];

    private const HEAD = [
        'name', 'made on', 'season', 'how many', 'plan', 'techniques', 'for', 'width', 'height', 'opening', 'depth', 'weight', 'it looks',
        'sold for each', 'sold at', 'to do otherwise', 'cut in all', 'minutes in all', 'materials in all', 'earned in all', 'currency',
    ];

    public static function json(Book $book): StreamedResponse
    {
        return self::answer('davrin-log.json', 'application/json', function (Closure $write) use ($book): void {
            $write(sprintf("{\n    \"format\": \"%s\",\n    \"version\": %d,\n    \"entries\": [", LogFile::FORMAT, LogFile::VERSION));
            $before = '';
            /** @var LogEntry $entry */
            foreach ($book->entries()->lazy(self::AT_ONCE) as $entry) {
                $write("$before\n".json_encode(self::piece($entry), self::JSON));
                $before = ',';
            }
            $write("\n    ]\n}\n");
        });
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
