<?php

declare(strict_types=1);

use App\Sheets\SheetFile;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Illuminate\Http\UploadedFile;
use Tests\Support\OfficeFile;
use Tests\Support\OpenApi;

const PARTS = [
    ['Qty', 'Gauge (AWG)', 'Wire', 'Terminal', 'Torque [lbf·in]', 'Wet'],
    ['40', '12', 'hook-up', 'ring yellow M6', '15', ''],
    ['6', '16', 'hook-up', 'blorp', '', 'x'],
];

/** @param string $content of a CSV or TSV file, or the path of an office file */
function fileOf(string $content): UploadedFile
{
    return is_file($content)
        ? new UploadedFile($content, 'parts.bin', test: true)
        : UploadedFile::fake()->createWithContent('parts.csv', $content);
}

function separated(string $delimiter, string $encoding = 'UTF-8'): string
{
    $lines = array_map(static fn(array $cells): string => implode($delimiter, array_map(static fn(string $cell): string => str_contains($cell, $delimiter) ? '"' . $cell . '"' : $cell, $cells)), PARTS);

    return mb_convert_encoding(implode("\r\n", $lines) . "\r\n", $encoding, 'UTF-8');
}

it('gives the rows of a file, where its names stand, and what its columns say', function (Closure $file): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/sheets', ['table' => fileOf($file())]);
    $response->assertOk();
    expect(OpenApi::mismatch($response, 'post', '/sheets'))->toBe('')
        ->and($response->json('rows'))->toBe(PARTS)
        ->and($response->json('head'))->toBe(0)
        ->and($response->json('columns.1'))->toBe(['index' => 1, 'says' => 'wireSize', 'unit' => 'AWG'])
        ->and(array_column($response->json('columns'), 'says'))->toBe(['quantity', 'wireSize', 'wire', 'terminal', 'torque', 'wet']);
})->with([
    'CSV with commas' => [fn(): string => separated(',')],
    'CSV with semicolons' => [fn(): string => separated(';')],
    'TSV' => [fn(): string => separated("\t")],
    'CSV as an old machine writes it' => [fn(): string => separated(';', 'Windows-1252')],
    'CSV in UTF-16' => [fn(): string => "\xFF\xFE" . separated("\t", 'UTF-16LE')],
    'XLSX' => [fn(): string => OfficeFile::xlsx(PARTS)],
    'ODS' => [fn(): string => OfficeFile::ods(PARTS)],
]);

it('tells numbers as they are, and a size that a spreadsheet has made a day of as that day', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/sheets', ['table' => fileOf(OfficeFile::xlsx([['Qty', 'Size', 'day'], [40, 1.5, 46113]]))]);
    expect($response->json('rows.1'))->toBe(['40', '1.5', '2026-04-01']);
});

it('refuses what is no table', function (Closure $file, string $expected): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/sheets', ['table' => fileOf($file())]);
    $response->assertUnprocessable();
    expect(OpenApi::mismatch($response, 'post', '/sheets'))->toBe('')->and($response->json('problems.0.expected'))->toContain($expected);
})->with([
    'nothing' => [fn(): string => "\n\n", 'at least one cell'],
    'an archive of something else' => [fn(): string => "PK\x03\x04" . str_repeat('x', 200), 'CSV, TSV, ODS or XLSX file'],
    'a column too many' => [fn(): string => str_repeat('a,', 80) . 'a', '80 columns'],
    'control characters' => [fn(): string => "a,\x07b", 'plain text'],
    'a row too many' => [fn(): string => str_repeat("a\n", 20_001), 'at most 20,000 rows and 80 columns; A20001 says something'],
    'an archive of another kind' => [fn(): string => OfficeFile::archive(['a.xml' => '<a/>']), 'CSV, TSV, ODS or XLSX file'],
    'a thousand sheets' => [fn(): string => OfficeFile::xlsx([['a']], sheets: 1_000), 'at most 50 sheets, and it has 1,000'],
    'rows without end in a few bytes' => [fn(): string => OfficeFile::ods([['a']], rowsAlike: 1_000_000), 'at most 20,000 rows, and it has 1,000,000'],
    'more rows and columns than there are numbers, in two rows' => [fn(): string => OfficeFile::ods([['a'], ['b']], rowsAlike: PHP_INT_MAX, cellsAlike: 99_999_999_999), 'at most 20,000 rows'],
    'columns without end' => [fn(): string => OfficeFile::ods([['a']], cellsAlike: 16_000), 'at most 80 columns, and it has 16,000'],
    'cells without end' => [fn(): string => OfficeFile::ods([['a']], rowsAlike: 10_000, cellsAlike: 50), 'at most 40,000 cells that say something, and it has 500,000'],
    'more parts than a file has' => [fn(): string => OfficeFile::archive(['content.xml' => '<a/>', ...array_fill_keys(array_map(static fn(int $n): string => 'p' . $n, range(1, 2_000)), '')]), 'at most 2,000 parts, and it has 2,001'],
    'a part that swells' => [fn(): string => OfficeFile::archive(['content.xml' => str_repeat(' ', 40_000_001)]), 'bytes in one part once it is unpacked'],
    'parts that swell together' => [fn(): string => OfficeFile::archive(['content.xml' => '<a/>', ...array_fill_keys(['p1', 'p2', 'p3', 'p4'], str_repeat(' ', 35_000_000))]), 'bytes once it is unpacked'],
    'an encoding that is none' => [fn(): string => OfficeFile::with(OfficeFile::xlsx(PARTS), 'xl/workbook.xml', static fn(string $xml): string => str_replace('UTF-8', 'A0', $xml)), 'that can be opened'],
    'a part that is empty' => [fn(): string => OfficeFile::with(OfficeFile::ods(PARTS), 'styles.xml', static fn(): string => ''), 'that can be opened'],
    'a sheet without a place' => [fn(): string => OfficeFile::with(OfficeFile::xlsx(PARTS), 'xl/_rels/workbook.xml.rels', static fn(string $xml): string => str_replace('worksheets/sheet1.xml', '', $xml)), 'table with at least one cell'],
    'a sheet that breaks off' => [fn(): string => OfficeFile::with(OfficeFile::xlsx(PARTS), 'xl/worksheets/sheet1.xml', static fn(string $xml): string => substr($xml, 0, intdiv(strlen($xml), 2))), 'that can be opened'],
    'a sheet that breaks off, in the other format' => [fn(): string => OfficeFile::with(OfficeFile::ods(PARTS), 'content.xml', static fn(string $xml): string => substr($xml, 0, intdiv(strlen($xml), 2))), 'that can be opened'],
    'a formula that was never computed' => [fn(): string => OfficeFile::xlsx([['a'], ['=SUM(A1:A9)']]), 'a formula with the value it had'],
]);

it('refuses an XLSX that goes further than a table may, before it is opened', function (Closure $sheet, string $expected): void {
    $this->actingAs($this->lead($this->demo()));
    $path = OfficeFile::with(OfficeFile::xlsx([['Qty'], ['4']]), 'xl/worksheets/sheet1.xml', $sheet);
    $this->post('/api/v1/sheets', ['table' => fileOf($path)])->assertUnprocessable()->assertJsonPath('problems.0.expected', $expected . ': save the sheet with the work as a file of its own, or as CSV');
})->with([
    'in rows' => [fn(string $xml): string => str_replace(['r="2"', 'r="A2"'], ['r="20001"', 'r="A20001"'], $xml), 'at most 20,000 rows, and it has 20,001'],
    'in rows that say no place' => [fn(string $xml): string => str_replace('<row r="2">', str_repeat('<row/>', 19_999) . '<row>', str_replace('r="A2"', '', $xml)), 'at most 20,000 rows, and it has 20,001'],
    'in columns' => [fn(string $xml): string => str_replace('r="A2"', 'r="CC2"', $xml), 'at most 80 columns, and it has 81'],
    'in columns that say no place' => [fn(string $xml): string => str_replace('<row r="2">', '<row r="2">' . str_repeat('<c/>', 80), str_replace('r="A2"', '', $xml)), 'at most 80 columns, and it has 81'],
    'in cells' => [fn(string $xml): string => str_replace('<row r="2">', str_repeat('<row>' . str_repeat('<c><v>1</v></c>', 80) . '</row>', 1_500) . '<row>', $xml), 'at most 120,000 cells that say something, and it has 120,002'],
]);

it('reads a table as far as one may go, whatever it is kept in', function (Closure $file, int $rows, int $columns): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/sheets', ['table' => fileOf($file())])->assertOk();
    expect($response->json('rows'))->toHaveCount($rows)->and($response->json('rows.0'))->toHaveCount($columns)
        ->and(array_unique(array_map(count(...), $response->json('rows'))))->toBe([$columns]);
})->with([
    'eighty columns of CSV' => [fn(): string => str_repeat('a,', 79) . 'a', 1, 80],
    'twenty thousand rows of CSV' => [fn(): string => str_repeat("a\n", 20_000), 20_000, 1],
    'eighty columns of XLSX' => [fn(): string => OfficeFile::with(OfficeFile::xlsx([['Qty'], ['4']]), 'xl/worksheets/sheet1.xml', static fn(string $xml): string => str_replace('r="A2"', 'r="CB2"', $xml)), 2, 80],
    'twenty thousand rows of ODS' => [fn(): string => OfficeFile::ods([['a']], rowsAlike: 20_000), 20_000, 1],
    'fifty sheets' => [fn(): string => OfficeFile::xlsx([['a', 'b']], sheets: 50), 1, 2],
    'a line end within a cell, and a row that says nothing' => [fn(): string => "a,\"b\r\nc\"\r\n\r\nd\r\n", 3, 2],
    'a column and a row that say nothing, at the end' => [fn(): string => "a,b,,\nc,d,,\n,,,\n", 2, 2],
]);

it('says of a cell that is too long which one it is', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->post('/api/v1/sheets', ['table' => fileOf('a,b' . "\n" . 'c,' . str_repeat('é', 2_001))])->assertUnprocessable()
        ->assertJsonPath('problems.0', ['path' => 'table', 'value' => 'B2 of parts.csv', 'expected' => 'each cell has plain text of at most 2,000 characters']);
    $this->post('/api/v1/sheets', ['table' => fileOf('a,b' . "\n" . 'c,' . str_repeat('é', 2_000))])->assertOk();
});

it('takes a name of a file that no sentence could carry as far as it can', function (string $name, string $told): void {
    $this->actingAs($this->lead($this->demo()));
    $this->post('/api/v1/sheets', ['table' => UploadedFile::fake()->createWithContent($name, "\n\n")])->assertUnprocessable()->assertJsonPath('problems.0.value', $told);
})->with([
    'marks of a terminal' => ["a\u{1b}[2Jb.csv", 'a[2Jb.csv'],
    'far too long' => [str_repeat('a', 150) . '.csv', str_repeat('a', 99) . '…'],
]);

it('names the file, what it may be, and what to do', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $path = OfficeFile::ods([['a']], rowsAlike: 1_000_000);
    $response = $this->post('/api/v1/sheets', ['table' => new UploadedFile($path, "work\u{7}.ods", test: true)])->assertUnprocessable();
    expect($response->json('problems.0'))->toBe(['path' => 'table', 'value' => 'work.ods', 'expected' => 'at most 20,000 rows, and it has 1,000,000: save the sheet with the work as a file of its own, or as CSV']);
});

it('takes what a formula came to when it was kept, and never computes it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/sheets', ['table' => fileOf(OfficeFile::xlsx([['Qty', 'Size'], ['=2+2' => '41', 'b' => '1.5']]))]);
    expect($response->assertOk()->json('rows.1'))->toBe(['41', '1.5']);
});

it('opens the sheet that was chosen, else the first that says anything', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $path = OfficeFile::xlsx([['Qty'], ['4']], sheets: 3, first: 2);
    expect($this->post('/api/v1/sheets', ['table' => fileOf($path)])->assertOk()->json())->toMatchArray(['sheets' => ['Parts', 'Parts 2', 'Parts 3'], 'sheet' => 'Parts 2', 'rows' => [['Qty'], ['4']]]);
    $this->post('/api/v1/sheets', ['table' => fileOf($path), 'sheet' => 'Parts 3'])->assertOk()->assertJsonPath('sheet', 'Parts 3');
    $this->post('/api/v1/sheets', ['table' => fileOf($path), 'sheet' => 'Gone'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'sheet');
});

it('gives up on a file that takes more than its process is given', function (SheetFile $files): void {
    $path = OfficeFile::ods(array_fill(0, 1_000, range(1, 40)));
    expect(static fn() => $files->read($path, 'heavy.ods'))->toThrow(InvalidWorkbook::class, 'table: "heavy.ods" – a file that is read within');
})->with(['of the processor' => [new SheetFile(seconds: 1)], 'of memory' => [new SheetFile(megabytes: 8)]]);
