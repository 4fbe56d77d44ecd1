<?php

declare(strict_types=1);

/*
 * The process in which SheetFile has a file read: read-table.php PATH NAME [SHEET]. Writes the rows or the problems as JSON; ends
 * with 0, or with 1 where it was refused.
 */

use App\Sheets\SheetFile;
use App\Sheets\TableRefused;
use Gondrik\Core\Workbook\InvalidWorkbook;

ini_set('display_errors', '0');
require __DIR__ . '/../../vendor/autoload.php';

// XML that breaks off, of which PHP only warns, would be rows that are missing without a word.
set_error_handler(static fn(int $level, string $said): bool => (error_reporting() & $level) === 0 || preg_match('~xml|dom~i', $said) !== 1 ? false : throw new ErrorException($said), E_WARNING);

[, $path, $file] = $argv;
try {
    $told = SheetFile::readHere($path, $file, $argv[3] ?? null);
} catch (InvalidWorkbook $refused) {
    $told = ['problems' => $refused->problems];
} catch (Throwable) {
    // The reader stumbles over many shapes in many ways; whoever brought the file is told one thing.
    $told = ['problems' => TableRefused::unreadable($file)->problems];
}
echo json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
exit(isset($told['problems']) ? 1 : 0);
