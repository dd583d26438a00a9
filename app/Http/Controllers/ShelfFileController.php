<?php

namespace App\Http\Controllers;

use App\Drawing\Ink;
use App\Models\ShelfImport;
use App\Models\ShelfImportRow;
use App\Models\ShelfItem;
use App\Settings\House;
use App\Shelf\Import\Column;
use App\Shelf\Import\CsvFile;
use App\Shelf\Import\FileRefused;
use App\Shelf\Import\Laying;
use App\Shelf\Import\Reading;
use App\Shelf\ShelfRow;
use Closure;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The shelf as a file, out and in. */
final class ShelfFileController
{
    public const MOST_BYTES = 20_000_000;

    private const PREVIEW = 8;

    private const SHOWN = 100;

    public function __construct(private readonly Reading $reading) {}

    public function save(): StreamedResponse
    {
        return $this->csv('shelf.csv', function (Closure $write): void {
            $write(array_map(fn (Column $column): string => $column->words(), Column::cases()));
            /** @var ShelfItem $item */
            foreach (ShelfItem::query()->with('stock')->whereNull('archived_at')->lazyById(300) as $item) {
                array_map($write, ShelfRow::of($item));
            }
        });
    }

    public function open(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if ($file === null || is_array($file) || ! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw FileRefused::none();
        }

        return redirect()->route('imports.show', $this->reading->open($file));
    }

    public function show(ShelfImport $import, House $house): Page|RedirectResponse
    {
        if ($import->isGone()) {
            $import->delete();

            return redirect()->route('shelf.index')->with('refused', FileRefused::gone()->getMessage());
        }
        $preview = $import->state === 'matching' ? $this->reading->preview($import, self::PREVIEW) : [];

        return view('shelf.import', [
            'import' => $import,
            'preview' => $preview,
            'first' => $import->state === 'matching' ? Reading::first(CsvFile::ofImport($import)) : [],
            'inks' => array_map(
                fn (array $row): Ink => Ink::from(
                    $row['row']->said['colour'] ?? '#cccccc',
                    $row['row']->said['hatch'] ?? 'none',
                    "r{$row['line']}",
                ),
                array_column($preview, null, 'line'),
            ),
            'units' => $house->units(),
            'refusals' => $import->rows()->whereNotNull('refused')->orderBy('line')->limit(self::SHOWN)->get(),
            'good' => $import->good(),
            'refused' => $import->refused(),
        ]);
    }

    /** Which column says what; and whether that is all, or only to be looked at. */
    public function match(Request $request, ShelfImport $import): RedirectResponse
    {
        $columns = [];
        foreach (Column::cases() as $column) {
            $place = $request->input("columns.$column->value");
            if (is_numeric($place) && isset($import->header[(int) $place])) {
                $columns[$column->value] = (int) $place;
            }
        }
        $header = $request->input('header');
        $this->reading->match($import, $columns, $request->boolean('read'), is_numeric($header) ? (int) $header : null);

        return redirect()->route('imports.show', $import);
    }

    /** One refused row, with its cells as they were mended on the page. */
    public function mend(Request $request, ShelfImport $import, int $row): RedirectResponse
    {
        $cells = [];
        foreach ((array) $request->input('cells') as $place => $cell) {
            if (isset($import->header[(int) $place])) {
                $cells[(int) $place] = is_string($cell) ? trim(mb_substr(mb_scrub($cell), 0, 400)) : '';
            }
        }
        $mended = $this->reading->mend($import, $row, $cells);

        return redirect()->route('imports.show', $import)->with(...($mended->refused === null
            ? ['said', "Line $mended->line can go on the shelf now."]
            : ['refused', "Line $mended->line: $mended->refused"]));
    }

    public function step(ShelfImport $import): RedirectResponse
    {
        $this->reading->step($import);

        return redirect()->route('imports.show', $import);
    }

    public function again(ShelfImport $import): RedirectResponse
    {
        $this->reading->again($import);

        return redirect()->route('imports.show', $import);
    }

    public function lay(ShelfImport $import): RedirectResponse
    {
        set_time_limit(300);
        $laid = Laying::of($import);
        @unlink($import->path());

        return redirect()->route('shelf.index')->with(
            'said',
            sprintf('%s from %s %s on the shelf.', $laid === 1 ? 'One thing' : "$laid things", $import->name, $laid === 1 ? 'is' : 'are'),
        );
    }

    /** The rows that were refused, with the reason, to be mended and opened again. */
    public function refused(ShelfImport $import): StreamedResponse
    {
        return $this->csv('refused.csv', function (Closure $write) use ($import): void {
            $write([...$import->header, 'line', 'why it is refused']);
            /** @var ShelfImportRow $row */
            foreach ($import->rows()->whereNotNull('refused')->lazyById(500) as $row) {
                $cells = array_pad(array_slice($row->cells, 0, count($import->header)), count($import->header), '');
                $write([...$cells, (string) $row->line, (string) $row->refused]);
            }
        });
    }

    public function drop(ShelfImport $import): RedirectResponse
    {
        Laying::takeBack($import);
        @unlink($import->path());
        $import->delete();

        return redirect()->route('shelf.index')->with('said', 'Nothing of the file went on the shelf.');
    }

    /** @param  Closure(Closure(list<string>): void): void  $rows  gets what writes a row */
    private function csv(string $name, Closure $rows): StreamedResponse
    {
        return response()->streamDownload(function () use ($rows): void {
            $rows(function (array $cells): void {
                echo CsvFile::row($cells);
            });
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
