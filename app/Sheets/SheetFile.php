<?php

declare(strict_types=1);

namespace App\Sheets;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * A table as people have it, CSV, TSV, ODS or XLSX, as rows of text. It is read in a process of its own, which has so much of the
 * processor and so much memory, whatever is in the file.
 */
final readonly class SheetFile
{
    public const MOST_ROWS = 20_000;

    public const MOST_COLUMNS = 80;

    /** Characters of a cell. */
    public const LONGEST = 2_000;

    /** Kilobytes of address space: what is not PHP's own, as the parts of a document, is bounded by this alone. */
    private const ADDRESSES = 1_500_000;

    /** On the clock of the wall, where others want the processor too. */
    private const PATIENCE = 120.0;

    /** What an archive begins with: both office formats are some. */
    private const ARCHIVE = "PK\x03\x04";

    /** @param int $seconds of the processor, after which the system ends the process */
    public function __construct(private int $seconds = 8, private int $megabytes = 256) {}

    /**
     * @param string      $file  its name, for refusals
     * @param string|null $sheet by its name; the first that is not empty otherwise
     *
     * @return array{sheets: list<string>, sheet: string, rows: list<list<string>>} rows of equal length
     *
     * @throws InvalidWorkbook when it is no table, or too large a one
     */
    public function read(string $path, string $file, ?string $sheet = null): array
    {
        $php = (new PhpExecutableFinder())->find(false);
        $process = new Process([
            'sh', '-c', sprintf('ulimit -t %d; ulimit -v %d; exec "$@"', $this->seconds, self::ADDRESSES), 'sh',
            $php === false ? 'php' : $php, '-d', 'memory_limit=' . $this->megabytes . 'M',
            __DIR__ . '/read-table.php', $path, $file, ...$sheet === null ? [] : [$sheet],
        ], timeout: self::PATIENCE);
        try {
            $process->run();
        } catch (ProcessSignaledException|ProcessTimedOutException) {
            throw $this->tooMuch($file);
        }
        /** @var array{sheets: list<string>, sheet: string, rows: list<list<string>>}|array{problems: non-empty-list<array{path: string, value: mixed, expected: string}>}|null $told as read-table.php writes it */
        $told = json_decode($process->getOutput(), true);
        if (isset($told['problems'])) {
            throw new InvalidWorkbook(array_map(static fn(array $problem): Problem => new Problem(...$problem), $told['problems']));
        }
        if (isset($told['rows'])) {
            return $told;
        }

        throw $this->tooMuch($file);
    }

    private function tooMuch(string $file): InvalidWorkbook
    {
        return TableRefused::as($file, sprintf('a file that is read within %d s of the processor and %d MB: save the sheet with the work as a file of its own, or as CSV', $this->seconds, $this->megabytes));
    }

    /**
     * The same in the process that is there for it.
     *
     * @return array{sheets: list<string>, sheet: string, rows: list<list<string>>}
     */
    public static function readHere(string $path, string $file, ?string $sheet): array
    {
        $isOffice = file_get_contents($path, length: strlen(self::ARCHIVE)) === self::ARCHIVE;
        $table = $isOffice ? OfficeTable::read($path, $file, $sheet) : ['sheets' => [$file], 'sheet' => $file, 'rows' => SeparatedText::rows($path, $file)];
        if (!$isOffice && $sheet !== null && $sheet !== $file) {
            throw new InvalidWorkbook([new Problem('sheet', $sheet, 'one of the sheets of ' . $file . ': it has only itself')]);
        }

        return $table['rows'] === [] ? throw TableRefused::as($file, 'a table with at least one cell that is not empty') : $table;
    }
}
