<?php

declare(strict_types=1);

namespace App\Sheets;

/** How far a sheet goes that is not opened yet. */
final class SheetExtent
{
    public int $rows = 0;

    public int $columns = 0;

    public int $cells = 0;

    /** So many like cells that say something, in rows that are repeated so often, up to this place. */
    public function grow(int $lastRow, int $lastColumn, int $cells): void
    {
        $this->rows = max($this->rows, $lastRow);
        $this->columns = max($this->columns, $lastColumn);
        $this->cells += $cells;
    }
}
