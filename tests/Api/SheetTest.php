<?php

declare(strict_types=1);

use App\Models\Role;
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
]);

it('reads the rows as lines, judges them, leaves the bad ones and proposes what is missing', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $version = $shop->refresh()->getAttribute('version');
    $columns = array_map(static fn(int $index, string $says): array => ['index' => $index, 'says' => $says], range(0, 5), ['quantity', 'wireSize', 'wire', 'terminal', 'torque', 'wet']);
    $columns[1]['unit'] = 'AWG';
    $columns[4]['unit'] = 'lbf·in';
    $response = $this->postJson('/api/v1/scopes/tower-7/sheet', ['rows' => [1 => PARTS[1], 2 => PARTS[2], 3 => ['some', '12', 'hook-up', 'ring yellow M6', '', '']], 'columns' => $columns, 'kit' => 'pylon-backpack']);
    $response->assertOk();
    expect(OpenApi::mismatch($response, 'post', '/scopes/{scope}/sheet'))->toBe('')
        ->and($response->json('lines.0.line'))->toBe(['wire' => 'hookup-12', 'terminal' => 'ring-yellow-m6', 'quantity' => 40, 'torque' => 1.694772, 'typed' => ['torque' => '15 lbf·in']])
        ->and($response->json('lines.0.status'))->toBeIn(['covered', 'makeshift', 'hole', 'faulty'])
        ->and(array_column($response->json('bad'), 'row'))->toBe([2, 3])
        ->and($response->json('bad.1.problems.0'))->toBe(['column' => 0, 'value' => 'some', 'expected' => 'a whole number from 1 to 1000000'])
        ->and($response->json('missing.0.text'))->toBe('blorp')
        ->and($response->json('missing.0.rows'))->toBe([2])
        ->and($shop->refresh()->getAttribute('version'))->toBe($version);
});

it('refuses a mapping that cannot be', function (array $columns, string $path): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/scopes/tower-7/sheet', ['rows' => [['a']], 'columns' => $columns])->assertUnprocessable()->assertJsonPath('problems.0.path', $path);
})->with([
    'two that say the same' => [[['index' => 0, 'says' => 'wire'], ['index' => 2, 'says' => 'wire']], 'columns/2'],
    'one that says nothing known' => [[['index' => 0, 'says' => 'price']], 'columns.0.says'],
]);

it('remembers what a shop means by the names of its columns', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $this->putJson('/api/v1/columns', ['columns' => [['name' => 'Stk. (pcs)', 'says' => 'quantity'], ['name' => 'Wire', 'says' => null]]])->assertNoContent();
    $table = fileOf("Stk.;Wire;Terminal\n4;hookup-12;ring-yellow-m6\n");
    expect($this->post('/api/v1/sheets', ['table' => $table])->json('columns'))->toBe([['index' => 0, 'says' => 'quantity'], ['index' => 2, 'says' => 'terminal']]);
    $this->insteadActingAs($this->emptyShop()->refresh());
    expect($this->post('/api/v1/sheets', ['table' => $table])->json('columns'))->toBe([['index' => 1, 'says' => 'wire'], ['index' => 2, 'says' => 'terminal']]);
});
