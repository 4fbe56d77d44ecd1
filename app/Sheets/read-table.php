<?php

declare(strict_types=1);

/*
 * The process in which SheetFile has a file read: read-table.php PATH NAME [SHEET]. Writes the rows or the problems as JSON; ends
 * with 0, or with 1 where it was refused.
 */

use App\Sheets\SheetFile;
use Gondrik\Core\Workbook\InvalidWorkbook;

ini_set('display_errors', '0');
require __DIR__ . '/../../vendor/autoload.php';

[, $path, $file] = $argv;
try {
    $told = SheetFile::readHere($path, $file, $argv[3] ?? null);
} catch (InvalidWorkbook $refused) {
    $told = ['problems' => $refused->problems];
}
echo json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
exit(isset($told['problems']) ? 1 : 0);
