<?php

declare(strict_types=1);

namespace App\Sheets;

use Gondrik\Core\Value\PlainText;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\StringValueBinder;
use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Reader\Csv;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\NumberFormat;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/** A table as people have it, CSV, TSV, ODS or XLSX, as rows of text. */
final readonly class SheetFile
{
    public const MOST_ROWS = 20_000;

    public const MOST_COLUMNS = 80;

    /** Characters of a cell. */
    public const LONGEST = 2_000;

    /** What an archive begins with: both office formats are some. */
    private const ARCHIVE = "PK\x03\x04";

    private const OLD = 'Windows-1252';

    /**
     * @param string|null $sheet by its name; the first that is not empty otherwise
     *
     * @return array{sheets: list<string>, sheet: string, rows: list<list<string>>} rows of equal length
     *
     * @throws InvalidWorkbook when it is no table, or too large a one
     */
    public function read(string $path, ?string $sheet = null): array
    {
        $book = $this->load($path);
        $names = array_values($book->getSheetNames());
        if ($sheet !== null && !in_array($sheet, $names, true)) {
            throw new InvalidWorkbook([new Problem('sheet', $sheet, 'one of the sheets of the file: ' . implode(', ', $names))]);
        }
        $rows = [];
        foreach ($sheet === null ? $names : [$sheet] as $name) {
            $rows = $this->rows($book, $name);
            $sheet = $name;
            if ($rows !== []) {
                break;
            }
        }
        if ($rows === []) {
            throw new InvalidWorkbook([new Problem('table', null, 'a table with at least one cell that is not empty')]);
        }

        return ['sheets' => $names, 'sheet' => (string) $sheet, 'rows' => $rows];
    }

    private function load(string $path): Spreadsheet
    {
        $filter = new FirstCells(self::MOST_ROWS + 1, self::MOST_COLUMNS + 1);
        try {
            if (file_get_contents($path, length: strlen(self::ARCHIVE)) === self::ARCHIVE) {
                $reader = (new Ods())->canRead($path) ? new Ods() : new Xlsx();

                return $reader->setReadFilter($filter)->setReadEmptyCells(false)->load($path);
            }
            $text = self::text($path);
            $reader = new Csv();
            // "1/0" and "007" stay as they are.
            $reader->setDelimiter(self::delimiter($text))->setTestAutoDetect(false)->setReadFilter($filter)->setValueBinder(new StringValueBinder());

            return $reader->loadSpreadsheetFromString($text);
        } catch (SpreadsheetException) {
            throw new InvalidWorkbook([new Problem('table', null, 'must be a CSV, TSV, ODS or XLSX file that can be opened')]);
        }
    }

    /** In UTF-8 without its mark; what is none is taken for what old machines write. */
    private static function text(string $path): string
    {
        $text = (string) mb_convert_encoding((string) file_get_contents($path), 'UTF-8', Csv::guessEncoding($path, self::OLD));

        return str_starts_with($text, "\u{FEFF}") ? substr($text, strlen("\u{FEFF}")) : $text;
    }

    /** Tab, semicolon or comma: the first that stands in most of the first lines, but for what is quoted. */
    private static function delimiter(string $text): string
    {
        $lines = array_filter(array_slice(explode("\n", substr($text, 0, 20_000)), 0, 20), static fn(string $line): bool => trim($line) !== '');
        foreach (["\t", ';', ','] as $delimiter) {
            $with = array_filter($lines, static fn(string $line): bool => str_contains((string) preg_replace('~"[^"]*"~', '', $line), $delimiter));
            if (count($with) * 2 > count($lines)) {
                return $delimiter;
            }
        }

        return ',';
    }

    /** @return list<list<string>> up to the last row and column that say anything */
    private function rows(Spreadsheet $book, string $name): array
    {
        $sheet = $book->getSheetByNameOrThrow($name);
        $rows = [];
        [$height, $width] = [0, 0];
        // Formulas are not computed again: what the file says they were is taken.
        foreach ($sheet->toArray('', true, false, false, oldCalculatedValue: true) as $row => $cells) {
            $texts = [];
            foreach (array_values((array) $cells) as $column => $value) {
                $text = self::cell($sheet, (int) $row, $column, $value);
                $texts[] = $text;
                [$height, $width] = $text === '' ? [$height, $width] : [(int) $row + 1, max($width, $column + 1)];
            }
            $rows[] = $texts;
        }
        if ($height > self::MOST_ROWS || $width > self::MOST_COLUMNS) {
            throw new InvalidWorkbook([new Problem('table', $height . ' × ' . $width, 'at most ' . self::MOST_ROWS . ' rows and ' . self::MOST_COLUMNS . ' columns')]);
        }

        return array_map(static fn(array $texts): array => array_pad(array_slice($texts, 0, $width), $width, ''), array_slice($rows, 0, $height));
    }

    private static function cell(Worksheet $sheet, int $row, int $column, mixed $value): string
    {
        if ($value === '' || $value === null) {
            return '';
        }
        if ((is_int($value) || is_float($value)) && Date::isDateTime($sheet->getCell([$column + 1, $row + 1]))) {
            // A spreadsheet that has taken 4/0 for a day: it is told as the day it has become, and refused as a size.
            return NumberFormat::toFormattedString((float) $value, NumberFormat::FORMAT_DATE_YYYYMMDD);
        }
        $text = trim(str_replace(["\r\n", "\r"], "\n", match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value), $value instanceof \Stringable => (string) $value,
            default => '',
        }));
        if (mb_strlen($text) > self::LONGEST || PlainText::flaw($text, isNote: true) !== null) {
            throw new InvalidWorkbook([new Problem('table', Coordinate::stringFromColumnIndex($column + 1) . ($row + 1), 'each cell has plain text of at most ' . self::LONGEST . ' characters')]);
        }

        return $text;
    }
}
