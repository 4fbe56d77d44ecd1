<?php

declare(strict_types=1);

namespace App\Sheets;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;

/** So many rows and columns and no more: a file that claims a million is not read to its end. */
final readonly class FirstCells implements IReadFilter
{
    public function __construct(private int $rows, private int $columns) {}

    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
    {
        return $row <= $this->rows && (strlen($columnAddress) < 2 || Coordinate::columnIndexFromString($columnAddress) <= $this->columns);
    }
}
