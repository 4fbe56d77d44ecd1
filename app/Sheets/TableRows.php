<?php

declare(strict_types=1);

namespace App\Sheets;

use Gondrik\Core\Value\PlainText;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;

/** Rows as they are gathered from a file, within limits: plain text up to the last row and column that say anything. */
final class TableRows
{
    /** @var array<int, array<int, string>> what is said, by row and column from nought */
    private array $cells = [];

    private int $height = 0;

    private int $width = 0;

    public function __construct(private readonly string $file) {}

    public function add(int $row, int $column, string $text): void
    {
        $text = trim(str_replace(["\r\n", "\r"], "\n", $text));
        if ($text === '') {
            return;
        }
        if (mb_strlen($text) > SheetFile::LONGEST || !PlainText::isText($text)) {
            throw TableRefused::as(self::place($row, $column) . ' of ' . $this->file, 'each cell has plain text of at most ' . number_format(SheetFile::LONGEST) . ' characters');
        }
        $this->height = max($this->height, $row + 1);
        $this->width = max($this->width, $column + 1);
        if ($this->height > SheetFile::MOST_ROWS || $this->width > SheetFile::MOST_COLUMNS) {
            throw TableRefused::as($this->file, sprintf('at most %s rows and %d columns; %s says something: part it', number_format(SheetFile::MOST_ROWS), SheetFile::MOST_COLUMNS, self::place($row, $column)));
        }
        $this->cells[$row][$column] = $text;
    }

    /** @return list<list<string>> of equal length */
    public function rows(): array
    {
        $empty = array_fill(0, $this->width, '');
        $rows = [];
        for ($row = 0; $row < $this->height; $row++) {
            $rows[] = array_values(array_replace($empty, $this->cells[$row] ?? []));
        }

        return $rows;
    }

    /** "B12", as a spreadsheet calls it. */
    public static function place(int $row, int $column): string
    {
        return Coordinate::stringFromColumnIndex($column + 1) . ($row + 1);
    }
}
