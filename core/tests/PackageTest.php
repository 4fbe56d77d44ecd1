<?php

declare(strict_types=1);

use Gondrik\Core\Package\LogTable;
use Gondrik\Core\Package\PackageReader;
use Gondrik\Core\Package\PackageWriter;
use Gondrik\Core\Tests\Support\GeneratedThings;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookCodec;

/* The whole shop as a Tabular Data Package and back: https://specs.frictionlessdata.io/tabular-data-package/ (from memory). */

/** @return string the workbook, written once more by the codec */
function throughPackage(string $workbook): string
{
    $codec = new WorkbookCodec();
    $read = (new PackageReader())->workbook((new PackageWriter())->files(json_decode($workbook)));

    return $codec->write($codec->read(json_encode($read, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
}

it('carries generated workbooks there and back, whole', function (int $seed): void {
    $codec = new WorkbookCodec();
    foreach ([GeneratedWorkbook::of($seed), GeneratedThings::of($seed)] as $document) {
        $text = $codec->write($codec->read(json_encode($document, JSON_THROW_ON_ERROR)));
        expect(throughPackage($text))->toBe($text);
    }
})->with(range(901, 915));

it('describes each table: its file, its columns and what they are', function (): void {
    $files = (new PackageWriter())->files(json_decode('{"gondrik": 1, "title": "Shop", "houseRules": {"pullTest": "no"},
        "wires": [{"id": "w", "name": "=1+1", "od": 2}, {"id": "v", "name": "\"q\", and\nmore", "od": 2.5, "wet": true}],
        "kits": [{"id": "k", "hand": {"gripForce": 180}, "tools": [{"tool": "t"}]}],
        "log": [{"on": "2027-03-04", "to": null}, {"on": "2027-03-05", "to": "k"}],
        "scopes": [{"id": "s", "lines": [{"id": "l1"}]}, {"id": "e", "lines": []}]}'));
    $package = json_decode($files['datapackage.json'], true);
    $fields = array_map(static fn(array $resource): array => array_column($resource['schema']['fields'], 'type', 'name'), array_column($package['resources'], null, 'name'));
    expect(array_keys($files))->toBe(['datapackage.json', 'wires.csv', 'kits.csv', 'log.csv', 'scopes.csv', 'lines.csv'])
        ->and([$package['profile'], $package['title'], $package['houseRules']])->toBe(['tabular-data-package', 'Shop', ['pullTest' => 'no']])
        ->and($fields)->toBe([
            'wires' => ['id' => 'string', 'name' => 'string', 'od' => 'number', 'wet' => 'boolean'],
            'kits' => ['id' => 'string', 'hand.gripForce' => 'integer', 'tools' => 'array'],
            'log' => ['on' => 'date', 'to' => 'any'],
            'scopes' => ['id' => 'string'],
            'lines' => ['scope' => 'string', 'id' => 'string'],
        ])
        // What a spreadsheet would reckon with is marked as text; what is of two kinds is JSON.
        ->and($files['wires.csv'])->toBe("id,name,od,wet\r\nw,'=1+1,2,\r\nv,\"\"\"q\"\", and\nmore\",2.5,true\r\n")
        ->and($files['log.csv'])->toBe("on,to\r\n2027-03-04,null\r\n2027-03-05,\"\"\"k\"\"\"\r\n")
        ->and($files['kits.csv'])->toBe("id,hand.gripForce,tools\r\nk,180,\"[{\"\"tool\"\":\"\"t\"\"}]\"\r\n");
});

it('says of each cell that is not what its column says where it stands', function (array $files, array $told): void {
    try {
        (new PackageReader())->workbook($files);
        expect($told)->toBe([]);
    } catch (InvalidWorkbook $error) {
        expect(array_map(static fn(Problem $problem): array => [$problem->path, $problem->value, $problem->expected], $error->problems))->toBe($told);
    }
})->with(static function (): array {
    $package = static fn(array $fields, string $name = 'kits'): string => json_encode(['resources' => [['name' => $name, 'path' => $name . '.csv', 'schema' => ['fields' => array_map(static fn(string $field, string $type): array => ['name' => $field, 'type' => $type], array_keys($fields), $fields)]]]]);

    return [
        'no description' => [['kits.csv' => "id\nk\n"], [['datapackage.json', null, 'must describe the tables of the package: an object with its resources']]],
        'a file that is missing' => [['datapackage.json' => $package([])], [['datapackage.json/resources/0/path', 'kits.csv', 'must be a file of the package']]],
        'no number' => [['datapackage.json' => $package(['id' => 'string', 'mass' => 'integer']), 'kits.csv' => "id,mass\r\na,3\r\nb,heavy\r\n"], [['kits.csv/3/mass', 'heavy', 'must be a whole number']]],
        'half of one' => [['datapackage.json' => $package(['mass' => 'integer']), 'kits.csv' => "mass\n2.5\n"], [['kits.csv/2/mass', '2.5', 'must be a whole number']]],
        'neither' => [['datapackage.json' => $package(['wet' => 'boolean']), 'kits.csv' => "wet\nTRUE\nperhaps\n"], [['kits.csv/3/wet', 'perhaps', 'must be true or false']]],
        'no list' => [['datapackage.json' => $package(['tools' => 'array']), 'kits.csv' => "tools\n[1\n{}\n"], [['kits.csv/2/tools', '[1', 'must be a list as JSON has it'], ['kits.csv/3/tools', '{}', 'must be a list as JSON has it']]],
        'text without its marks' => [['datapackage.json' => $package(['to' => 'any']), 'kits.csv' => "to\nvan\n\"\"\"van\"\"\"\n"], [['kits.csv/2/to', 'van', 'must be a value as JSON has it, text in quotation marks']]],
        'a line of no scope' => [['datapackage.json' => $package(['scope' => 'string'], 'lines'), 'lines.csv' => "scope,id\ns,l1\n"], [['lines.csv/2/scope', 's', 'must be the id of a scope of the package']]],
        'a cell below no name' => [['datapackage.json' => $package(['id' => 'string']), 'kits.csv' => "id\nk,more\n"], [['kits.csv/2/2', 'more', 'must stand below the name of a column']]],
        'a column twice' => [['datapackage.json' => $package(['id' => 'string']), 'kits.csv' => "id,id\nk,l\n"], [['kits.csv/1', 'id', 'must be the name of one column only']]],
        'a value, and a part of it' => [['datapackage.json' => $package(['to' => 'string', 'to.person' => 'string']), 'kits.csv' => "to,to.person\nvan,\nvan,ada\n"], [['kits.csv/3/to', 'van', 'must be empty where to.person is said']]],
        'a table twice' => [['datapackage.json' => '{"resources": [{"name": "kits", "path": "kits.csv"}, {"name": "kits", "path": "kits.csv"}]}', 'kits.csv' => "id\n"], [['datapackage.json/resources/1/name', 'kits', 'must be the name of one table only']]],
        'a table that nothing describes' => [['datapackage.json' => $package([]), 'kits.csv' => "id\n", 'more.csv' => "id\nx\n"], [['more.csv', null, 'must be described in datapackage.json, or not be in the package']]],
        'no resources' => [['datapackage.json' => '{"resources": ["kits"]}'], [['datapackage.json/resources/0/path', '', 'must be a file of the package']]],
        'an empty line, and a mark of an office program' => [['datapackage.json' => $package(['id' => 'string']), 'kits.csv' => "\u{feff}id\r\nk\r\n\r\n"], []],
    ];
});

it('carries text as it is: what is empty, what is blank, and what begins as a mark or a formula does', function (string $text): void {
    $workbook = (object) ['gondrik' => 1, 'wires' => [(object) ['id' => 'w', 'name' => $text], (object) ['id' => 'v', 'name' => 'plain']]];
    expect((new PackageReader())->workbook((new PackageWriter())->files($workbook)))->toEqual($workbook);
})->with(['', ' ', "'", "'quoted", '=1', "\tx", '-5', '007', 'null', '"', "a\r\nb", '2027-03-04']);

it('passes over what is empty', function (): void {
    $package = '{"resources": [{"name": "kits", "path": "kits.csv", "schema": {"fields": [{"name": "id", "type": "string"}]}}]}';
    expect((new PackageReader())->workbook(['datapackage.json' => $package, 'kits.csv' => "\u{feff}id\r\nk\r\n\r\nl\r\n"]))->toEqual((object) ['kits' => [(object) ['id' => 'k'], (object) ['id' => 'l']]]);
});

it('carries the log there and back as a table by itself', function (int $seed): void {
    $codec = new WorkbookCodec();
    $log = json_decode($codec->write($codec->read(json_encode(GeneratedThings::of($seed), JSON_THROW_ON_ERROR))))->log;
    $read = LogTable::entries(LogTable::csv($log));
    // In which order an entry says what it says is no matter, nor whether it says that the shelf is no kit.
    $sorted = static function (stdClass $entry): array {
        $members = array_filter(get_object_vars($entry), static fn(mixed $value): bool => $value !== null);
        ksort($members);

        return $members;
    };
    expect(array_keys($read))->toBe(range(2, count($log) + 1))
        ->and(json_encode(array_map($sorted, array_values($read))))->toBe(json_encode(array_map($sorted, $log)));
})->with(range(931, 945));

it('reads of a log what stands in it, and where', function (): void {
    $read = LogTable::entries("what,asset,to.person,to,forces\r\nout,a,ada,,\r\n\r\npull,b,,,\"[50.5,51]\"\r\nmoved,c,,(shelf),\r\nmoved,d,,shelf,\r\n");
    expect(json_encode($read))->toBe('{"2":{"what":"out","asset":"a","to":{"person":"ada"}},"4":{"what":"pull","asset":"b","forces":[50.5,51]},"5":{"what":"moved","asset":"c","to":null},"6":{"what":"moved","asset":"d","to":"shelf"}}');
});
