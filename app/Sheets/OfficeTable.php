<?php

declare(strict_types=1);

namespace App\Sheets;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Style\NumberFormat;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/** One sheet of an XLSX or ODS file, as it was kept: nothing is computed, and nothing outside the file is looked at. */
final class OfficeTable
{
    /**
     * @param string|null $wanted sheet by its name; the first that says anything otherwise
     *
     * @return array{sheets: list<string>, sheet: string, rows: list<list<string>>}
     */
    public static function read(string $path, string $file, ?string $wanted): array
    {
        $archive = OfficeArchive::at($path, $file);
        $extents = $archive->sheets();
        $names = array_map(strval(...), array_keys($extents));
        if ($wanted !== null && !in_array($wanted, $names, true)) {
            throw new InvalidWorkbook([new Problem('sheet', $wanted, 'one of the sheets of ' . $file . ': ' . implode(', ', $names))]);
        }
        $said = array_map(strval(...), array_keys(array_filter($extents, static fn(SheetExtent $extent): bool => $extent->cells > 0)));
        $sheet = $wanted ?? $said[0] ?? $names[0] ?? throw TableRefused::unreadable($file);
        $archive->check($extents[$sheet]);
        try {
            $reader = $archive->kind->reader();
            $reader->setLoadSheetsOnly([$sheet])->setReadFilter(new FirstCells(SheetFile::MOST_ROWS, SheetFile::MOST_COLUMNS))->setReadEmptyCells(false)->setAllowExternalImages(false);
            $worksheet = $reader->load($path)->getSheetByNameOrThrow($sheet);
        } catch (SpreadsheetException) {
            throw TableRefused::unreadable($file);
        }

        return ['sheets' => $names, 'sheet' => $sheet, 'rows' => self::rows($worksheet, $file)];
    }

    /** @return list<list<string>> */
    private static function rows(Worksheet $sheet, string $file): array
    {
        $rows = new TableRows($file);
        foreach ($sheet->getCoordinates(false) as $place) {
            [$column, $row] = Coordinate::indexesFromString($place);
            $rows->add($row - 1, $column - 1, self::text($sheet->getCell($place), $file));
        }

        return $rows->rows();
    }

    private static function text(Cell $cell, string $file): string
    {
        $value = $cell->isFormula() ? $cell->getOldCalculatedValue() : $cell->getValue();
        if ($cell->isFormula() && $value === null) {
            throw TableRefused::as($cell->getCoordinate() . ' of ' . $file, 'a formula with the value it had: open the file in a spreadsheet program, save it, and bring it again');
        }
        if ((is_int($value) || is_float($value)) && Date::isDateTime($cell)) {
            // A spreadsheet that has taken 4/0 for a day: it is told as the day it has become, and refused as a size.
            return NumberFormat::toFormattedString((float) $value, NumberFormat::FORMAT_DATE_YYYYMMDD);
        }

        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value), $value instanceof \Stringable => (string) $value,
            default => '',
        };
    }
}
