<?php

declare(strict_types=1);

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Cells\MappedColumn;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Cells\UnreadCell;
use Gondrik\Core\Listing\Cell;
use Gondrik\Core\Listing\CellKind;
use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\Listing\Listed;
use Gondrik\Core\Listing\ListReader;
use Gondrik\Core\Listing\ListWriter;
use Gondrik\Core\Listing\RowProblem;
use Gondrik\Core\Listing\SpreadsheetText;
use Gondrik\Core\Listing\ThingHeadings;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

const LISTS = ['wire' => Wire::class, 'terminal' => Terminal::class, 'tool' => Tool::class, 'kit' => Kit::class, 'person' => Person::class, 'asset' => Asset::class, 'line' => Line::class];

/** @param list<list<string>> $table */
function throughCsv(array $table, string $separator): array
{
    $file = fopen('php://memory', 'w+b');
    foreach ($table as $cells) {
        fputcsv($file, $cells, $separator, '"', '');
    }
    rewind($file);
    $rows = [];
    while (($cells = fgetcsv($file, null, $separator, '"', '')) !== false) {
        $rows[] = $cells;
    }

    return $rows;
}

/** @return list<Listed> */
function readAs(string $of, array $names, array $rows, Workbook $shop = new Workbook()): array
{
    return (new ListReader($shop))->read(LISTS[$of], Mapping::recognised(new ThingHeadings(LISTS[$of]), $names), $rows, static fn(string $name): string => strtolower(str_replace(' ', '-', $name)));
}

function plain(?object $thing): mixed
{
    return $thing === null ? null : json_decode(json_encode((new ObjectCodec())->write($thing)), true);
}

/** @return list<string> "row column: value – expected" */
function wrongIn(Listed $listed): array
{
    return array_map(static fn(RowProblem $problem): string => $problem->row . ' ' . ($problem->column ?? '-') . ': ' . $problem->value . ' – ' . $problem->expected, $listed->problems);
}

it('writes every list of generated workbooks as a table that reads back the same', function (int $seed): void {
    $workbook = (new WorkbookCodec())->read(json_encode(GeneratedWorkbook::of($seed), JSON_THROW_ON_ERROR));
    $lists = [Wire::class => $workbook->wires, Terminal::class => $workbook->terminals, Tool::class => $workbook->tools, Kit::class => $workbook->kits, Person::class => $workbook->register->people, Asset::class => $workbook->register->assets, Line::class => $workbook->scopes[0]->lines];
    foreach ($lists as $class => $things) {
        $table = throughCsv((new ListWriter($class, $seed % 2 === 0 ? DecimalSign::Comma : DecimalSign::Point))->table($things), [',', ';', "\t"][$seed % 3]);
        $mapping = Mapping::recognised(new ThingHeadings($class), $table[0]);
        expect(array_column($mapping->columns, 'says'))->toBe($table[0], 'each name is known as itself');
        $read = (new ListReader($workbook))->read($class, $mapping, array_slice($table, 1, preserve_keys: true), static fn(string $name): string => $name);
        expect(array_map(static fn(Listed $one): mixed => plain($one->thing) ?? wrongIn($one), $read))->toBe(array_map(plain(...), $things), $class);
    }
})->with(range(801, 830));

it('writes figures with the sign that spreadsheets of the shop take, so that none is taken for thousands or for a day', function (string $figure, string $comma): void {
    $weight = (new ThingHeadings(Line::class))->columns['torque'];
    expect(DecimalSign::Comma->written($figure))->toBe($comma)
        ->and(DecimalSign::Point->written($figure))->toBe($figure)
        ->and(Cell::read($weight, $comma))->toBe((float) $figure);
})->with([['2.5', '2,5'], ['12', '12'], ['0.125', '0,125'], ['1.125', '1,1250'], ['10.125', '10,1250'], ['1.1255', '1,1255'], ['-1.125', '-1,1250'], ['1.125e-7', '1,1250e-7'], ['1250.0', '1250,0']]);

it('knows what people call their columns', function (array $case): void {
    $columns = Mapping::recognised(new ThingHeadings(LISTS[$case['of']]), [$case['name']])->columns;
    expect([$columns[0]->says ?? '', $columns[0]->unit ?? ''])->toBe([$case['column'], $case['unit']]);
})->with(CaseTable::of('list-names', 'of', 'name'));

it('names only columns that there are', function (): void {
    foreach (Gondrik\Core\Reference\Table::rows('list-names') as $row) {
        expect((new ThingHeadings(LISTS[$row['of']]))->columns)->toHaveKey($row['column'], message: $row['of'] . ' ' . $row['name']);
    }
});

it('reads a cell', function (array $case): void {
    $column = (new ThingHeadings(LISTS[$case['of']]))->columns[$case['column']];
    $unit = $case['unit'] === '' ? null : $case['unit'];
    if (str_starts_with($case['value'], '!')) {
        expect(static fn(): mixed => Cell::read($column, $case['text'], $unit))->toThrow(UnreadCell::class, substr($case['value'], 1));

        return;
    }
    expect(json_decode(json_encode(Cell::read($column, $case['text'], $unit)), true))->toEqual(json_decode($case['value'], true, flags: JSON_THROW_ON_ERROR));
})->with(CaseTable::of('list-cells', 'of', 'column', 'unit', 'text'));

it('keeps text from being taken for a formula, and reads it back', function (string $text): void {
    $cell = Cell::write(CellKind::Text, $text);
    expect($cell)->not->toStartWith('=')->not->toStartWith('@')->not->toStartWith('+')
        ->and(Cell::read((new ThingHeadings(Tool::class))->columns['note'], $cell))->toBe($text);
})->with(['=1+1', '@SUM(A1)', '+49 1', '-', "'quoted'", '', '  ', "two\nlines", 'plain']);

it('writes the names of all columns where there is nothing to write yet', function (): void {
    expect((new ListWriter(Wire::class))->table([]))->toHaveCount(1)
        ->and((new ListWriter(Wire::class))->table([])[0])->toContain('id', 'name', 'size', 'sheath.od', 'listed')
        ->and((new ListWriter(Tool::class))->table([])[0])->toContain('capability', 'capability.op', 'nest.code', 'position.hole');
});

it('reads a catalogue that somebody else has written', function (): void {
    $read = readAs('wire', ['Part no', 'Description', 'Gauge (AWG)', 'Stranding', 'Insulation', 'OD (in)', 'Supplier'], [
        ['W-12', '12 AWG building wire', '12', 'Stranded', 'PVC', '0.130', 'x'],
        ['', 'Red lead', '18', 'fine', 'Silicone', '', 'y'],
        ['', '', '', '', '', '', ''],
    ]);
    expect(array_map(static fn(Listed $one): mixed => plain($one->thing), $read))->toEqual([
        ['id' => 'W-12', 'name' => '12 AWG building wire', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc', 'insulationOd' => 3.302],
        ['id' => 'red-lead', 'name' => 'Red lead', 'size' => '18 AWG', 'construction' => 'fine', 'insulation' => 'silicone'],
    ]);
});

it('reads a tool from rows: each nest or notch one, the tool said once or in every row', function (array $rows): void {
    $names = ['Tool', 'Type', 'Operation', 'Profile', 'Ratchet', 'Nest', 'Colour', 'Nest range'];
    [$tool] = $read = readAs('tool', $names, $rows);
    expect($read)->toHaveCount(1)->and(wrongIn($tool))->toBe([])->and(plain($tool->thing))->toBe([
        'id' => 'my-crimper', 'name' => 'My crimper', 'kind' => 'crimper',
        'capabilities' => [['op' => 'crimp', 'profile' => 'oval', 'control' => 'full-cycle', 'nests' => [
            ['label' => 'R', 'code' => 'red', 'size' => '22-16 AWG'], ['label' => 'B', 'code' => 'blue', 'size' => '16-14 AWG'],
        ]]],
    ]);
})->with([
    'said once' => [[['My crimper', 'crimper', 'crimp', 'oval', 'full-cycle', 'R', 'red', '22-16 AWG'], ['', '', '', '', '', 'B', 'blue', '16-14 AWG']]],
    'said in every row' => [[['My crimper', 'crimper', 'crimp', 'oval', 'full-cycle', 'R', 'red', '22-16 AWG'], ['My crimper', 'crimper', 'crimp', 'oval', 'full-cycle', 'B', 'blue', '16-14 AWG']]],
]);

it('tells what is wrong at its row and column, and leaves the rest alone', function (): void {
    $read = readAs('tool', ['id', 'name', 'kind', 'capability.op', 'capability.method', 'capability.insulation', 'position.label', 'position.solid'], [
        4 => ['a', 'A', 'stripper', 'strip', 'notch', 'pvc', '12', '12 AWG'],
        5 => ['a', '', 'cutter', '', '', '', '10', '10 mm'],
        6 => ['b', 'B', 'stripper', 'strip', 'notch', 'pvc', '14', '14 AWG'],
        7 => ['c', 'C', 'stripper', 'strip', 'notch', 'felt', '14', '14 AWG'],
        8 => ['d', 'D', 'gadget', '', '', '', '', ''],
    ]);
    expect(array_map(wrongIn(...), $read))->toBe([
        ['5 2: cutter – the same as in row 5, for it is one thing'],
        [],
        ['7 5: felt – one of: pvc, pe, xlpe, lszh, rubber, silicone, etfe, ptfe, fep, pur, tpe, polyimide'],
        ['8 2: gadget – one of: ' . implode(', ', array_column(Gondrik\Core\Tool\ToolKind::cases(), 'value'))],
    ]);
});

it('tells what the codec refuses at the cell that says it', function (): void {
    $read = readAs('wire', ['id', 'name', 'size', 'construction', 'insulation', 'insulationOd', 'strands'], [
        ['a', 'A', '12 AWG', 'solid', 'pvc', '1', ''],
        ['b', 'B', '12', 'solid', 'pvc', '3.9', ''],
        ['c', 'C', '12 AWG', 'solid', '', '3.9', ''],
        ['d', 'D', '12 AWG', 'solid', 'pvc', '3.9', ''],
        ['d', 'D2', '12 AWG', 'solid', 'pvc', '3.9', ''],
    ]);
    expect(array_map(static fn(Listed $one): string => wrongIn($one)[0] ?? 'good', $read))->toBe([
        '0 5: 1 – more than the bare conductor of 12 AWG, 2.05 mm',
        '1 2: 12 – Is "12" a gauge or an area? Write 12 AWG or 12 mm2.',
        '2 -:  – insulation is missing',
        'good',
        '4 0: d – each id stands once among the wires',
    ]);
});

it('knows the tools that kits and other tools name', function (): void {
    $frame = new Tool('frame', 'Frame', Gondrik\Core\Tool\ToolKind::Press, []);
    $shop = new Workbook(tools: [$frame]);
    [$kit, $other] = readAs('kit', ['id', 'name', 'tool', 'count'], [['k', 'K', 'frame', '2'], ['l', 'L', 'gone', '']], $shop);
    expect(plain($kit->thing))->toBe(['id' => 'k', 'name' => 'K', 'tools' => [['tool' => 'frame', 'count' => 2]]])
        ->and(wrongIn($other))->toBe(['1 2: gone – no tool of the shop has this id']);
    [$die, $wrench] = readAs('tool', ['id', 'name', 'kind', 'requires'], [['die', 'Die', 'die', 'frame; wrench'], ['wrench', 'Wrench', 'wrench', '']], $shop);
    expect(wrongIn($die))->toBe([])->and($die->thing)->toBeInstanceOf(Tool::class)->and($wrench->thing)->toBeInstanceOf(Tool::class);
});

it('refuses a mapping with a column that is none, or twice', function (array $says, string $expected): void {
    expect(static fn(): Mapping => Mapping::of(new ThingHeadings(Wire::class), array_map(static fn(int $index, string $one): MappedColumn => new MappedColumn($index, $one), array_keys($says), $says)))->toThrow(Invalid::class, $expected);
})->with([[['id', 'colour'], 'one of: id, name, size'], [['name', 'name'], 'column 1 does']]);

it('finds the head of a table below what stands above it', function (): void {
    expect(Mapping::headOf(new ThingHeadings(Wire::class), [['Stock list'], ['', ''], ['Part', 'Gauge', 'Insulation'], ['a', '12', 'pvc']]))->toBe(2)
        ->and(Mapping::headOf(new ThingHeadings(Wire::class), [['one', 'two'], ['three', 'four']]))->toBeNull();
});

it('tells whatever stands in a cell at that cell, and never breaks on it', function (string $of, int $seed): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $workbook = (new WorkbookCodec())->read(json_encode(GeneratedWorkbook::of($seed, 12, 8), JSON_THROW_ON_ERROR));
    $things = ['wire' => $workbook->wires, 'terminal' => $workbook->terminals, 'tool' => $workbook->tools, 'kit' => $workbook->kits, 'person' => shopOfThings()->register->people, 'asset' => shopOfThings()->register->assets, 'line' => $workbook->scopes[0]->lines][$of];
    [$names] = $table = (new ListWriter(LISTS[$of]))->table($things);
    $rows = array_slice($table, 1);
    $odd = ['', '?', '-1', '1e400', '9999999999999999999', '12', '12 mm', '=1', "'", 'none', '[', '["a",1]', '; ;', "a\nb: c", 'ja', "\u{202e}x", str_repeat('x', 3000), '1,000', 'crimp', 'red', '0'];
    foreach (range(1, 40) as $round) {
        $mangled = $rows;
        $row = $random->getInt(0, count($rows) - 1);
        $column = $random->getInt(0, count($names) - 1);
        $mangled[$row][$column] = $odd[$random->getInt(0, count($odd) - 1)];
        foreach ((new ListReader($workbook))->read(LISTS[$of], Mapping::recognised(new ThingHeadings(LISTS[$of]), $names), $mangled, static fn(string $name): string => 'new') as $one) {
            foreach ($one->problems as $problem) {
                expect($problem->row)->toBeLessThan(count($rows))->and($problem->column ?? 0)->toBeLessThan(count($names))->and($problem->expected)->not->toBe('');
            }
            expect($one->thing === null)->toBe($one->problems !== []);
        }
    }
})->with(array_keys(LISTS))->with([71, 72]);

it('adds up what two rows of one tool say, wherever they stand', function (): void {
    $names = ['id', 'name', 'kind', 'capability', 'capability.op', 'capability.single', 'capability.method', 'capability.insulation', 'position.label', 'position.solid'];
    $read = readAs('tool', $names, [
        ['pliers', 'Pliers', 'pliers', '1', 'cut', '22-10 AWG', '', '', '', ''],
        ['snips', 'Snips', 'cutter', '1', 'cut', '30-10 AWG', '', '', '', ''],
        ['pliers', '', '', '2', 'strip', '', 'notch', 'pvc; pe', '10', '10 AWG'],
        ['pliers', '', '', '2', '', '', '', '', '12', '12 AWG'],
    ]);
    expect(array_map(static fn(Listed $one): array => $one->rows, $read))->toBe([[0, 2, 3], [1]])
        ->and(plain($read[0]->thing)['capabilities'])->toBe([
            ['op' => 'cut', 'single' => '22-10 AWG'],
            ['op' => 'strip', 'method' => 'notch', 'insulation' => ['pvc', 'pe'], 'positions' => [['label' => '10', 'solid' => '10 AWG'], ['label' => '12', 'solid' => '12 AWG']]],
        ]);
});

it('reads a kit from a row for each of its tools', function (): void {
    $tools = array_map(static fn(string $id): Tool => new Tool($id, $id, Gondrik\Core\Tool\ToolKind::Other, []), ['a', 'b']);
    $read = readAs('kit', ['Kit name', 'Part number', 'Qty', 'Mobile'], [['Van 1', 'a', '2', 'yes'], ['', 'b', '', ''], ['Van 2', 'a', '', 'no']], new Workbook(tools: $tools));
    expect(array_map(static fn(Listed $one): mixed => plain($one->thing), $read))->toBe([
        ['id' => 'van-1', 'name' => 'Van 1', 'tools' => [['tool' => 'a', 'count' => 2], ['tool' => 'b']]],
        ['id' => 'van-2', 'name' => 'Van 2', 'tools' => [['tool' => 'a']], 'travels' => false],
    ]);
});

it('marks what a spreadsheet would run, and nothing else', function (string $text, string $guarded): void {
    expect(SpreadsheetText::guarded($text))->toBe($guarded)
        ->and(SpreadsheetText::guarded($guarded))->toBe($guarded);
})->with([
    'a formula' => ['=1+1', "'=1+1"],
    'a sum' => ['+cmd|x', "'+cmd|x"],
    'a difference' => ['-2+3+cmd|x', "'-2+3+cmd|x"],
    'an old function' => ['@SUM(A1)', "'@SUM(A1)"],
    'behind a tab' => ["\t=1", "'\t=1"],
    'behind a new line' => ["\n=1", "'\n=1"],
    'full width' => ['＝1', "'＝1"],
    'full width at' => ['＠SUM', "'＠SUM"],
    'a number below nought' => ['-40', '-40'],
    'a plain name' => ['Diagonal cutter', 'Diagonal cutter'],
    'a sign further on' => ['4-6 mm²', '4-6 mm²'],
    'nothing' => ['', ''],
]);

/** A shop of two models, a kit, somebody, and things whose dues are those of their model, their own, and none. */
function shopOfThings(): Workbook
{
    return (new WorkbookCodec())->read(json_encode([
        'gondrik' => 1,
        'tools' => array_map(static fn(string $id, string $name): array => ['id' => $id, 'name' => $name, 'kind' => 'torque', 'capabilities' => []], ['small', 'large', 'twin'], ['Torque driver', 'Torque wrench', 'torque wrench']),
        'kits' => [['id' => 'van', 'name' => 'The van', 'tools' => []]],
        'people' => [['id' => 'ada', 'name' => 'Ada', 'hand' => ['gripForce' => 180], 'until' => '2027-06-30'], ['id' => 'bo', 'name' => 'Bo', 'note' => '=left']],
        'assets' => [
            ['id' => '007', 'tool' => 'small', 'home' => 'van', 'serial' => '0012', 'bought' => '2026-01-05', 'price' => 14550, 'cycles' => 12, 'terms' => 'hired'],
            ['id' => 'T-2', 'tool' => 'large', 'dues' => [['kind' => 'calibration', 'days' => 365, 'price' => 4500], ['kind' => 'oil', 'cycles' => 500]], 'note' => 'to; be marked'],
            ['id' => 'T-3', 'tool' => 'large', 'dues' => []],
        ],
    ], JSON_THROW_ON_ERROR));
}

it('writes people and things as tables that read back the same', function (): void {
    $shop = shopOfThings();
    foreach (['person' => $shop->register->people, 'asset' => $shop->register->assets] as $of => $things) {
        $table = throughCsv((new ListWriter(LISTS[$of]))->table($things), ';');
        $read = readAs($of, $table[0], array_slice($table, 1, preserve_keys: true), $shop);
        expect(array_map(static fn(Listed $one): mixed => plain($one->thing) ?? wrongIn($one), $read))->toBe(array_map(plain(...), $things), $of);
    }
    $told = (new ListWriter(Asset::class))->table($shop->register->assets);
    expect($told[0])->toContain('id', 'tool', 'home', 'due.kind', 'due.days')
        ->and(array_column($told, array_search('due.kind', $told[0], true)))->toBe(['due.kind', '', 'calibration', 'oil', 'none']);
});

it('reads things as a shop has them: by the names of model and kit, in the words of its own columns', function (): void {
    $read = readAs('asset', ['Inventory no.', 'Model', 'Location', 'Purchase date', 'Price (EUR)'], [1 => ['T-9', 'Torque Driver', 'the van', '2026-11-02', '145.50']], shopOfThings());
    expect(plain($read[0]->thing))->toBe(['id' => 'T-9', 'tool' => 'small', 'home' => 'van', 'bought' => '2026-11-02', 'price' => 14550]);
});

it('says of a row of things what is wrong with it, and where', function (array $names, array $row, array $wrong): void {
    expect(array_merge(...array_map(wrongIn(...), readAs('asset', $names, [3 => $row], shopOfThings()))))->toBe($wrong);
})->with([
    'a name that two models have' => [['id', 'tool'], ['T-9', 'Torque wrench'], ['3 1: Torque wrench – one tool of the shop: 2 are called so, say its id']],
    'a model that there is not' => [['id', 'tool'], ['T-9', 'Torque key'], ['3 1: Torque key – a tool of the shop, by its name or its id']],
    'a kit that there is not' => [['id', 'tool', 'home'], ['T-9', 'small', 'boat'], ['3 2: boat – a kit of the shop, by its name or its id']],
    'no day of the calendar' => [['id', 'tool', 'bought'], ['T-9', 'small', '5.1.2026'], ['3 2: 5.1.2026 – must be a day as year, month and day: 2027-03-14']],
    'a kind of due that there is not' => [['id', 'tool', 'due.kind'], ['T-9', 'small', 'polish'], ['3 2: polish – one of: calibration, verification, inspection, oil, blade, die, battery']],
    'no tag' => [['tool'], ['small'], ['3 -:  – id is missing']],
]);

it('takes no word for nothing where something must be', function (): void {
    $read = readAs('kit', ['id', 'name', 'tool'], [1 => ['van', 'Van', 'none']], shopOfThings());
    expect(wrongIn($read[0]))->toBe(['1 2: none – no tool of the shop has this id']);
});
