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
     * The rows from a place in the file on, each with the place behind it. Empty lines are left out.
     *
     * @return \Generator<int, list<string>> by the place behind each
     */
    public function rows(int $at = 0): \Generator
    {
        $file = @fopen($this->path, 'rb') ?: throw FileRefused::gone();
        try {
            // Before a quote a BOM would hide it.
            fseek($file, $at === 0 && fread($file, 3) === self::BOM ? 3 : $at);
            while (($cells = fgetcsv($file, null, $this->separator, '"', '')) !== false) {
                if (implode('', $cells) !== '') {
                    yield (int) ftell($file) => array_map($this->text(...), array_map(strval(...), $cells));
                }
            }
        } finally {
            fclose($file);
        }
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
