<?php

namespace App\Prices;

use App\Shelf\Import\CsvFile;
use Davrin\Core\Price\CostSheet;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A cost sheet as a table for a spreadsheet: a row for each material, then what one piece comes to. */
final class SheetCsv
{
    /** @param  array<string, mixed>  $sheet  as SheetWords writes it */
    public static function answer(array $sheet): Response
    {
        $table = "\xEF\xBB\xBF";
        foreach (self::rows($sheet) as $cells) {
            $table .= CsvFile::row($cells);
        }

        return response($table, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.Str::slug($sheet['name']).'-cost.csv"',
        ]);
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return iterable<list<string>>
     */
    private static function rows(array $sheet): iterable
    {
        yield ['what', 'from', ...array_values(CostSheet::WAYS), 'too short to keep'];
        foreach ($sheet['lines'] as $line) {
            yield [$line['what'], $line['source'], ...array_values($line['ways']), $line['waste'] ?? ''];
        }
        yield ['materials, '.$sheet['made'], '', ...array_values($sheet['all']), ''];
        yield ['materials of one', '', ...array_values($sheet['each']), ''];
        $cost = ['label' => 'what one costs', 'shown' => $sheet['cost'], 'because' => ''];
        foreach ([...$sheet['parts'], $cost, ...$sheet['figures']] as $figure) {
            yield [$figure['label'], $figure['because'], $figure['shown'], '', '', '', ''];
        }
    }
}
