<?php

namespace App\Http\Controllers;

use App\Log\Book;
use App\Log\LogExport;
use App\Log\LogImport;
use Davrin\Core\Log\LogFile;
use Davrin\Core\Words\Fault;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log as a file, out and in. */
final class LogFileController
{
    private const LONGEST_WORK = 300;

    public function json(Request $request): StreamedResponse|RedirectResponse
    {
        $book = Book::asked($request);
        $parts = LogExport::parts($book);

        return count($parts) > 1 && ! $request->has('part')
            ? redirect()->route('log.index', ['files' => 1] + $request->query())
            : LogExport::json($parts, $request->integer('part', 1));
    }

    public function csv(Request $request): StreamedResponse
    {
        return LogExport::csv(Book::asked($request));
    }

    public function open(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            return redirect()->route('log.index')->with(
                'refused',
                'No file came. Choose a log that was saved as JSON, at most 20 MB, and open it again.',
            );
        }
        set_time_limit(self::LONGEST_WORK);
        try {
            $import = LogImport::of((string) file_get_contents($file->getPathname(), length: LogFile::MOST_BYTES + 1));
        } catch (Fault $fault) {
            return redirect()->route('log.index')->with('refused', self::refusal($file->getClientOriginalName(), $fault));
        }

        return redirect()->route('log.index')->with('said', $import->words());
    }

    private static function refusal(string $name, Fault $fault): string
    {
        return sprintf(
            'Nothing of %s was written into the log. %s%s%s',
            mb_substr($name, 0, 80),
            preg_match('#^/entries/(\d+)(/|$)#', $fault->pointer, $found) === 1 ? 'Piece '.((int) $found[1] + 1).': ' : '',
            $fault->getMessage(),
            $fault->pointer === '' ? '' : " (at $fault->pointer)",
        );
    }
}
