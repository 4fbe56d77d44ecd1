<?php

declare(strict_types=1);

namespace App\Sheets;

use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;

enum OfficeKind
{
    case Xlsx;
    case Ods;

    /** Cells that say something: as many as the reader manages within the time of the process. */
    public function mostCells(): int
    {
        return match ($this) {
            self::Xlsx => 120_000,
            self::Ods => 40_000,
        };
    }

    public function reader(): Xlsx|Ods
    {
        return match ($this) {
            self::Xlsx => new Xlsx(),
            self::Ods => new Ods(),
        };
    }
}
