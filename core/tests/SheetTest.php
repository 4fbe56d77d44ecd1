<?php

declare(strict_types=1);

use Gondrik\Core\Cells\ColumnNames;
use Gondrik\Core\Cells\MappedColumn;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Cells\UnreadCell;
use Gondrik\Core\Entry\Alias;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Listing\ListWriter;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Sheet\CellProblem;
use Gondrik\Core\Sheet\CellReader;
use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Sheet\LineGroup;
use Gondrik\Core\Sheet\RowReading;
use Gondrik\Core\Sheet\SheetReader;
use Gondrik\Core\Sheet\WorkHeadings;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookCodec;

function sheetReader(Alias ...$aliases): SheetReader
{
    return new SheetReader(Catalogue::forEntries()->wires, Catalogue::forEntries()->terminals, array_values($aliases));
}

/** @return list<RowReading> of a table written with bars, its first row the names */
function rowsOf(string $table, ?SheetReader $reader = null): array
{
    [$names, $rows] = tableOf($table);

    return ($reader ?? sheetReader())->read(Mapping::recognised(new WorkHeadings(), $names), $rows);
}

/** @return array{list<string>, list<list<string>>} */
function tableOf(string $table): array
{
    $rows = array_map(static fn(string $row): array => array_map(trim(...), explode('|', $row)), explode("\n", trim($table)));

    return [array_shift($rows), $rows];
}

function told(Line $line): string
{
    $said = array_diff_key(get_object_vars((new ObjectCodec())->write($line)), ['id' => null]);

    return implode(' ', array_map(static fn(string $key, mixed $value): string => $key . '=' . (is_bool($value) ? (int) $value : $value), array_keys($said), $said));
}

it('knows a column by its name', function (array $case): void {
    expect(WorkHeadings::column($case['name'])?->value)->toBe($case['column'] === '' ? null : $case['column'])
        ->and(ColumnNames::unit($case['name']))->toBe($case['unit'] === '' ? null : $case['unit']);
})->with(CaseTable::of('column-names', 'name'));

it('reads a cell', function (array $case): void {
    $cells = new CellReader(new EntryReader(Catalogue::forEntries()->wires, Catalogue::forEntries()->terminals));
    $read = fn(): array => $cells->read(Column::from($case['column']), $case['cell'], $case['unit'] === '' ? null : $case['unit']);
    if ($case['expected'] !== '') {
        expect($read)->toThrow(static function (UnreadCell $error) use ($case): void {
            expect($error->expected)->toBe($case['expected'])->and($error->text)->toBe($case['cell']);
        });

        return;
    }
    $said = $read();
    expect(implode(' ', array_map(static fn(string $key, mixed $value): string => $key . '=' . $value, array_keys($said), $said)))->toBe($case['reads']);
})->with(CaseTable::of('cells', 'column', 'unit', 'cell'));

it('knows only columns that there are', function (): void {
    foreach (Gondrik\Core\Reference\Table::rows('column-names') as $row) {
        expect(Column::tryFrom($row['column']))->not->toBeNull($row['name'])->and(ColumnNames::plain($row['name']))->toBe($row['name']);
    }
});

it('lets the wire of a row decide between two terminals, and asks what millimetres are', function (): void {
    $readings = rowsOf(<<<'TABLE'
        Size (mm) | Wire    | Terminal
                  | H07V-K 6 | lug 6
                  | g6      | lug 6
        4         | vehicle | ring yellow M6
        TABLE);
    expect($readings[0]->lines[0]->terminal?->id)->toBe('lug-6')
        ->and($readings[1]->lines[0]->terminal?->id)->toBe('lug-6g')
        ->and($readings[2]->problems[0]->expected)->toBe('one of the two: 4 mm² vehicle or ⌀ 4 mm vehicle')
        ->and($readings[2]->problems[0]->candidates)->toBe(['v4od', 'v4']);
});

it('reads a list of lines row by row', function (): void {
    $readings = rowsOf(<<<'TABLE'
        Qty | Gauge (AWG) | Construction | Insulation | Terminal       | Torque (lbf·in) | Wet | Remarks
        40  | 12          | stranded     | PVC        | ring yellow M6 | 15              | yes | bow
            |             |              |            |                |                 |     |
        3   | 2/0         |              |            | lug M10        |                 |     |
        TABLE);
    expect(array_map(static fn(RowReading $reading): int => $reading->row, $readings))->toBe([0, 2])
        ->and(told($readings[0]->lines[0]))->toBe('wire=w12 terminal=ring quantity=40 wet=1 torque=15 lbf·in note=bow')
        ->and(told($readings[1]->lines[0]))->toBe('wire=bat-2-0 terminal=lug-2-0 quantity=3');
});

it('leaves a bad row where it is, with every cell that is wrong, and reads the others', function (): void {
    $readings = rowsOf(<<<'TABLE'
        Qty  | Wire                | Terminal       | Stud | Place
        40   | 12 AWG stranded PVC | ring yellow M6 | M6   |
        some | 12 AWG stranded PVC | yellow ring    | M6   | roof
        3    | blorp               | ring yellow M6 |      |
        TABLE);
    $problems = static fn(RowReading $reading): array => array_map(static fn(CellProblem $problem): string => $problem->column . ': ' . $problem->value . ' – ' . $problem->expected, $reading->problems);
    expect($readings[0]->isBad())->toBeFalse()
        ->and($readings[1]->lines)->toBe([])
        ->and($problems($readings[1]))->toBe([
            '0: some – a whole number from 1 to 1000000',
            '2: yellow ring – one terminal: several are meant by it',
            '4: roof – one of: plain, corrosive, vibration, hot',
        ])
        ->and($readings[1]->problems[1]->about)->toBe('terminal')
        ->and(count($readings[1]->problems[1]->candidates))->toBeGreaterThan(1)
        ->and($problems($readings[2]))->toBe(['1: blorp – a wire that the shop has']);
});

it('tells what only the whole line shows, in its row', function (): void {
    $readings = rowsOf(<<<'TABLE'
        Wire                | Terminal       | Second wire | Thread
        12 AWG stranded PVC | ring yellow M6 | w22         |
        12 AWG stranded PVC | ring yellow M6 |             | 99-99
                            |                |             | 6-32
                            |                |             |
        12 AWG stranded PVC |                |             |
        TABLE);
    expect($readings[0]->problems[0]->column)->toBe(2)
        ->and($readings[0]->problems[0]->expected)->toContain('two ends')
        ->and($readings[1]->problems[0]->column)->toBe(3)
        ->and(told($readings[2]->lines[0]))->toBe('shear=6-32')
        ->and($readings[3]->problems[0]->column)->toBe(1)
        ->and($readings)->toHaveCount(4);
});

it('makes of a wire list the lines of both ends, equal ones together with their counts', function (): void {
    $table = <<<'TABLE'
        Wire no. | From  | To    | Gauge [AWG] | Color | Terminal from    | Terminal to
        W1       | X1:1  | M1    | 12          | RD    | ring yellow M6   | ring yellow M6
        W2       | X1:2  | M2    | 12          | BK    | ring yellow M6   | w-nothing
        W3       | X1:3  | M3    | 12          | BK    | ring yellow M8   |
        W4       | X1:4  | M4    | 12          | BU    |                  |
        W5       | X1:5  | M5    | 12          |       | RING YELLOW M6   | ring yellow M8
        TABLE;
    [$names, $rows] = tableOf(str_replace('| 12          |', '| 12 str pvc  |', $table));
    $mapping = Mapping::recognised(new WorkHeadings(), $names);
    $readings = sheetReader()->read($mapping, $rows);
    expect(SheetReader::isWireList($mapping))->toBeTrue()
        ->and(array_map(static fn(LineGroup $group): string => told($group->line) . ' of ' . implode(',', $group->rows), SheetReader::grouped($mapping, $readings)))->toBe([
            'wire=w12 terminal=ring quantity=3 of 0,0,4',
            'wire=w12 terminal=ring-m8 quantity=2 of 2,4',
        ])
        ->and($readings[1]->problems[0]->column)->toBe(6)
        ->and($readings[3]->problems[0]->expected)->toBe('a terminal at one of its ends');
});

it('takes a colour only to decide', function (): void {
    $wire = static fn(string $name, string $id): object => (new ObjectCodec())->read(Gondrik\Core\Wire\Wire::class, (object) ['id' => $id, 'name' => $name, 'size' => '1 mm2', 'construction' => 'fine', 'insulation' => 'pvc'], '');
    $reader = new SheetReader([$wire('Panel wire black', 'black'), $wire('Panel wire blue', 'blue')], Catalogue::forEntries()->terminals);
    $readings = rowsOf(<<<'TABLE'
        Wire       | Colour | Terminal
        panel wire | blue   | ring yellow M6
        panel wire | pink   | ring yellow M6
        TABLE, $reader);
    expect(told($readings[0]->lines[0]))->toBe('wire=blue terminal=ring')
        ->and($readings[1]->problems[0]->candidates)->toBe(['black', 'blue']);
});

it('knows what the shop calls its things', function (): void {
    $readings = rowsOf("Wire | Terminal\nthe fat grey | MR-6", sheetReader(new Alias('wire', 'The fat  grey', 'w12'), new Alias('terminal', 'mr-6', 'ring')));
    expect(told($readings[0]->lines[0]))->toBe('wire=w12 terminal=ring');
});

it('finds the names of the columns below what stands over a table', function (): void {
    expect(Mapping::headOf(new WorkHeadings(), [['Parts list', ''], ['', ''], ['Qty', 'Wire', 'Terminal'], ['1', 'w12', 'ring']]))->toBe(2)
        ->and(Mapping::headOf(new WorkHeadings(), [['40', '12 AWG', 'ring']]))->toBeNull();
});

it('keeps to what the shop has said of a name', function (): void {
    $mapping = Mapping::recognised(new WorkHeadings(['stk' => Column::Quantity, 'wire' => null]), ['Stk.', 'Wire', 'Terminal']);
    expect(array_map(static fn(MappedColumn $mapped): string => $mapped->index . '=' . $mapped->says, $mapping->columns))->toBe(['0=quantity', '2=terminal']);
});

it('refuses two columns that say the same', function (): void {
    expect(static fn(): Mapping => Mapping::of(new WorkHeadings(), [new MappedColumn(3, 'wire'), new MappedColumn(0, 'wire')]))->toThrow(Invalid::class, 'column 1 does');
});

it('reads five hundred rows, a hundred of them wrong, with no row lost', function (): void {
    $rows = [];
    for ($row = 0; $row < 500; $row++) {
        $rows[] = [$row % 5 === 0 ? 'none' : (string) ($row + 1), '12 AWG stranded PVC', 'ring yellow M6', str_repeat('n', $row % 7 === 0 ? 3000 : 3)];
    }
    $mapping = Mapping::recognised(new WorkHeadings(), ['Qty', 'Wire', 'Terminal', 'Note']);
    $readings = sheetReader()->read($mapping, $rows);
    $good = array_filter($readings, static fn(RowReading $reading): bool => !$reading->isBad());
    expect($readings)->toHaveCount(500)
        ->and(count($good))->toBe(count(array_filter(range(0, 499), static fn(int $row): bool => $row % 5 !== 0 && $row % 7 !== 0)))
        ->and(SheetReader::grouped($mapping, $readings))->toHaveCount(count($good));
});

it('reads the table that a scope is written as, line by line, but for their ids', function (int $seed): void {
    $workbook = (new WorkbookCodec())->read(json_encode(GeneratedWorkbook::of($seed), JSON_THROW_ON_ERROR));
    $table = (new ListWriter(Line::class))->table($workbook->scopes[0]->lines);
    $mapping = Mapping::recognised(new WorkHeadings(), $table[0]);
    $readings = (new SheetReader($workbook->wires, $workbook->terminals))->read($mapping, array_slice($table, 1));
    $said = static fn(Line $line): array => array_diff_key(json_decode(json_encode((new ObjectCodec())->write($line)), true), ['id' => 0]);
    expect(array_map(static fn(RowReading $reading): mixed => $reading->isBad() ? $reading->problems : $said($reading->lines[0]), $readings))->toEqual(array_map($said, $workbook->scopes[0]->lines));
})->with([41, 42, 43, 44]);
