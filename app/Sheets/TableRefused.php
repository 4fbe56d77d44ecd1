<?php

declare(strict_types=1);

namespace App\Sheets;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;

/** Why a file is not read as a table: each names the file and what would be right. */
final class TableRefused
{
    public static function as(string $file, string $expected): InvalidWorkbook
    {
        return new InvalidWorkbook([new Problem('table', $file, $expected)]);
    }

    public static function unreadable(string $file): InvalidWorkbook
    {
        return self::as($file, 'must be a CSV, TSV, ODS or XLSX file that can be opened');
    }

    /** @param int $has of what there may be so many */
    public static function beyond(string $file, int $most, string $what, int $has, string $instead): InvalidWorkbook
    {
        return self::as($file, sprintf('at most %s %s, and it has %s: %s', number_format($most), $what, number_format($has), $instead));
    }
}
