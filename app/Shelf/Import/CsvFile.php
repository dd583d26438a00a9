<?php

namespace App\Shelf\Import;

use App\Models\ShelfImport;

/**
 * A file of comma-separated values as people have them: with a BOM or without, commas, semicolons or tabs, quotes, one encoding or
 * another.
 */
final readonly class CsvFile
{
    private const BOM = "\xEF\xBB\xBF";

    private const SEPARATORS = [',', ';', "\t"];

    /** What would be taken for a formula is written behind this, and read without it. */
    private const GUARD = "'";

    /** At the start of a cell, and behind what a table may split at: a formula, guarded already or not. */
    private const FORMULA = '/^( *)(\'*[=+\-@\t\r])|([,;|\t\r\n]"?[ \t\r]*)(\'*[=+\-@])/';

    private const GUARDED = '/^( *)\'(\'*[=+\-@\t\r])|([,;|\t\r\n]"?[ \t\r]*)\'(\'*[=+\-@])/';

    public function __construct(private string $path, public string $separator, public bool $isUtf8) {}

    /** The file of an import, written as was found out when it came. */
    public static function ofImport(ShelfImport $import): self
    {
        return new self($import->path(), $import->separator, $import->is_utf8);
    }

    /** Looks at the first lines to find out how it is written. */
    public static function of(string $path): self
    {
        $head = (string) file_get_contents($path, length: 65_536);
        $first = strtok(self::withoutBom($head), "\r\n") ?: '';
        $separators = self::SEPARATORS;
        usort(
            $separators,
            fn (string $a, string $b): int => count(str_getcsv($first, $b, '"', '')) <=> count(str_getcsv($first, $a, '"', '')),
        );

        // A sign may be cut in two where the look ends.
        return new self($path, $separators[0], mb_check_encoding(mb_strcut($head, 0, 65_530, 'UTF-8'), 'UTF-8'));
    }

    /**
     * Writes a file anew as it is read here, where it is written otherwise: in UTF-16, or with the line ends of old machines.
     */
    public static function tidy(string $path): void
    {
        $bytes = (string) file_get_contents($path);
        $tidy = match (substr($bytes, 0, 2)) {
            "\xFF\xFE" => self::BOM.mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            "\xFE\xFF" => self::BOM.mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            default => $bytes,
        };
        $tidy = preg_match('/\r(?!\n)/', $tidy) === 1 ? (string) preg_replace('/\r\n?/', "\n", $tidy) : $tidy;
        if ($tidy !== $bytes) {
            file_put_contents($path, $tidy);
        }
    }

    /** The line on which a quote is opened that is never closed, so that all behind it would be one cell; null where there is none. */
    public function lineOfUnclosedQuote(): ?int
    {
        $file = @fopen($this->path, 'rb') ?: throw FileRefused::gone();
        [$opened, $line] = [null, 0];
        while (($text = fgets($file)) !== false) {
            $line++;
            $text = $line === 1 ? self::withoutBom($text) : $text;
            for ($at = 0; $at < strlen($text);) {
                if ($opened === null) {
                    // Only at its start a quote opens a cell: elsewhere it stands for inches.
                    $start = $at + strspn($text, ' ', $at);
                    if (($text[$start] ?? '') === '"') {
                        [$opened, $at] = [$line, $start + 1];
                    } else {
                        $at += strcspn($text, $this->separator, $at) + 1;
                    }

                    continue;
                }
                $quote = strpos($text, '"', $at);
                if ($quote === false) {
                    break;
                }
                $isDoubled = ($text[$quote + 1] ?? '') === '"';
                $at = $isDoubled ? $quote + 2 : $quote + 1 + strcspn($text, $this->separator, $quote + 1) + 1;
                $opened = $isDoubled ? $opened : null;
            }
        }
        fclose($file);

        return $opened;
    }

    /**
     * The rows from a place in the file on. Empty lines are left out.
     *
     * @return \Generator<int, list<string>> by the place behind each
     */
    public function rows(int $at = 0): \Generator
    {
        foreach ($this->lines($at) as $row) {
            yield $row->behind => $row->cells;
        }
    }

    /**
     * The same, each with the line that it begins on.
     *
     * @param  int  $line  that the place is on
     * @return \Generator<CsvRow>
     */
    public function lines(int $at = 0, int $line = 1): \Generator
    {
        $file = @fopen($this->path, 'rb') ?: throw FileRefused::gone();
        try {
            // Before a quote a BOM would hide it.
            fseek($file, $at === 0 && fread($file, 3) === self::BOM ? 3 : $at);
            for ($from = (int) ftell($file); ($cells = fgetcsv($file, null, $this->separator, '"', '')) !== false; $from = $behind) {
                $behind = (int) ftell($file);
                fseek($file, $from);
                $bytes = (string) fread($file, max(1, $behind - $from));
                if (implode('', $cells) !== '') {
                    $blank = strspn($bytes, "\r\n");
                    yield new CsvRow(
                        array_map($this->text(...), array_map(strval(...), $cells)),
                        $line + substr_count($bytes, "\n", 0, $blank),
                        $behind,
                    );
                }
                $line += substr_count($bytes, "\n");
                fseek($file, $behind);
            }
        } finally {
            fclose($file);
        }
    }

    /**
     * A row of a table to be saved, guarded cell by cell.
     *
     * @param  list<string>  $cells
     */
    public static function row(array $cells): string
    {
        $out = fopen('php://memory', 'w+') ?: throw new \RuntimeException('There is no memory for a table.');
        fputcsv($out, array_map(self::guarded(...), $cells), escape: '');
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** A cell as it is written: what a table would take for a formula never lives, whatever it splits at. */
    public static function guarded(string $cell): string
    {
        return (string) preg_replace(self::FORMULA, '$1$3'.self::GUARD.'$2$4', $cell);
    }

    private function text(string $cell): string
    {
        $text = $this->isUtf8 || mb_check_encoding($cell, 'UTF-8') && ! preg_match('/[\x80-\xFF]/', $cell)
            ? $cell
            : mb_convert_encoding($cell, 'UTF-8', 'Windows-1252');

        return trim((string) preg_replace(self::GUARDED, '$1$3$2$4', trim($text)));
    }

    private static function withoutBom(string $text): string
    {
        return str_starts_with($text, self::BOM) ? substr($text, 3) : $text;
    }
}
