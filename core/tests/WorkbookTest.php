<?php

declare(strict_types=1);

use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tests\Support\Mangled;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectPlan;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\SchemaCheck;
use Gondrik\Core\Workbook\WorkbookCodec;

/** @return list<string> "path: expected" of every problem */
function problemsOf(string $json): array
{
    try {
        (new WorkbookCodec())->read($json);

        return [];
    } catch (InvalidWorkbook $invalid) {
        return array_map(static fn(Problem $problem): string => $problem->path . ': ' . $problem->expected, $invalid->problems);
    }
}

function demoText(): string
{
    return (string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/tarnholt-ropeway.json');
}

it('writes what it read: the same document', function (): void {
    $codec = new WorkbookCodec();
    expect($codec->write($codec->read(demoText())))->toBe(demoText());
});

it('reads, writes and reads again to the same', function (int $seed): void {
    $codec = new WorkbookCodec();
    $workbook = $codec->read((string) json_encode(GeneratedWorkbook::of($seed)));
    $written = $codec->write($workbook);
    expect($codec->read($written))->toEqual($workbook)
        ->and($codec->write($codec->read($written)))->toBe($written)
        ->and($codec->readStored($codec->toData($workbook)))->toEqual($workbook);
})->with(range(1, 20));

it('keeps a size as it was written', function (): void {
    $json = '{"gondrik":1,"wires":[{"id":"a","name":"a","size":"2,5 mm²","construction":"fine","insulation":"pvc"}]}';
    expect((new WorkbookCodec())->write((new WorkbookCodec())->read($json)))->toContain('"size": "2,5 mm²"');
});

it('tells every problem of a document at once, with path, value and what would be right', function (): void {
    $document = json_decode(demoText());
    $document->wires[0]->size = '12';
    $document->wires[1]->construction = 'braided';
    $document->wires[2]->insulationOd = 0.1;
    $document->wires[3]->id = $document->wires[4]->id;
    $document->wires[5]->colour = 'green';
    unset($document->terminals[0]->name);
    $document->terminals[1]->size = '1,500 mm2';
    $document->tools[0]->capabilities[0]->single = '30-6 mm';
    $document->tools[1]->price = -5;
    $document->tools[2]->requires = ['nobody'];
    $document->kits[0]->tools[0]->tool = 'nothing';
    $document->scopes[0]->lines[0]->wire = 'no-wire';
    $document->scopes[0]->lines[1]->quantity = 0;
    $document->scopes[0]->lines[2]->id = $document->scopes[0]->lines[3]->id;
    $document->scopes[0]->lines[4]->drop = [(object) ['op' => 'crimp', 'remark' => 'no']];
    $problems = implode("\n", problemsOf((string) json_encode($document)));

    expect($problems)->toContain('wires/0/size: Is "12" a gauge or an area?')
        ->toContain('wires/1/construction: must be one of solid, stranded, fine')
        ->toContain('wires/2/insulationOd: more than the bare conductor')
        ->toContain('wires/4/id: each id stands once among the wires')
        ->toContain('wires/5/colour: colour is not a key here')
        ->toContain('terminals/0/name: name is missing')
        ->toContain('terminals/1/size: Is the comma')
        ->toContain('tools/0/capabilities/0/single: Is "6 mm" the outside diameter')
        ->toContain('tools/1/price: must be at least 0')
        ->toContain('tools/2/requires/0: no tool of the workbook has this id')
        ->toContain('kits/0/tools/0/tool: no tool of the workbook has this id')
        ->toContain('scopes/0/lines/0/wire: no wire of the workbook has this id')
        ->toContain('scopes/0/lines/1/quantity: must be at least 1')
        ->toContain('scopes/0/lines/3/id: each id stands once among the lines')
        ->toContain('scopes/0/lines/4/drop/0/op: the step that ends the wire cannot be dropped')
        // The wire that lost its id is missing on two lines more.
        ->toContain('scopes/0/lines/8/wireB: no wire of the workbook has this id')
        ->and(explode("\n", $problems))->toHaveCount(19);
});

it('refuses what makes no sense', function (string $list, string $thing, string $problem): void {
    expect(problemsOf('{"gondrik":1,"' . $list . '":[' . $thing . ']}'))->toBe([$problem]);
})->with([
    'strands of a solid wire' => ['wires', '{"id":"a","name":"a","size":"12 AWG","construction":"solid","insulation":"pvc","strands":7}', 'wires/0/strands: 1 or nothing for a solid conductor'],
    'a flat sheath with a diameter' => ['wires', '{"id":"a","name":"a","size":"12 AWG","construction":"solid","insulation":"pvc","sheath":{"material":"pvc","shape":"flat","od":9}}', 'wires/0/sheath/od: a flat sheath has width and height, no od'],
    'a seal that is no seal' => ['terminals', '{"id":"a","name":"a","class":"lug","size":"12 AWG","seal":{"min":1}}', 'terminals/0/seal: only a sealed-open-barrel terminal has a wire seal'],
    'limits the wrong way round' => ['terminals', '{"id":"a","name":"a","class":"lug","size":"12 AWG","insulationOd":{"min":5,"max":2}}', 'terminals/0/insulationOd/min: not more than max, 2'],
    'a notch stripper without notches' => ['tools', '{"id":"a","name":"a","kind":"stripper","capabilities":[{"op":"strip","method":"notch","insulation":["pvc"],"size":"12 AWG"}]}', 'tools/0/capabilities/0/positions: the method notch needs positions'],
    'a nest for nothing' => ['tools', '{"id":"a","name":"a","kind":"crimper","capabilities":[{"op":"crimp","profile":"oval","control":"free","nests":[{"label":"x"}]}]}', 'tools/0/capabilities/0/nests/0: give the code of the terminals it takes, or their size'],
    'half a cold' => ['tools', '{"id":"a","name":"a","kind":"other","capabilities":[{"op":"strip-sheath","shapes":["round"],"materials":["pvc"],"size":"1 mm2","cold":5}]}', 'tools/0/capabilities/0/coldBelow: cold and coldBelow go together'],
    'a tool that needs itself' => ['tools', '{"id":"a","name":"a","kind":"other","capabilities":[],"requires":["a"]}', 'tools/0/requires: other tools; a tool does not require itself'],
    'an operation that is none' => ['tools', '{"id":"a","name":"a","kind":"other","capabilities":[{"op":"weld"}]}', 'tools/0/capabilities/0/op: must be one of cut, strip-sheath, strip, crimp, solder, sleeve, shear-screw, torque, pull-test, extract'],
    'a member of another operation' => ['tools', '{"id":"a","name":"a","kind":"other","capabilities":[{"op":"cut","single":"12 AWG","heat":"gun"}]}', 'tools/0/capabilities/0/heat: heat is not a key here'],
]);

it('refuses what is no workbook', function (string $text, string $problem): void {
    expect(problemsOf($text)[0])->toContain($problem);
})->with([
    ['', 'must be a JSON document'],
    ['{"gondrik":1,', 'must be a JSON document'],
    ['[]', 'must be a JSON object'],
    ['{}', 'gondrik: gondrik is missing'],
    ['{"gondrik":2}', 'gondrik: must be 1'],
    ['{"gondrik":1,"wires":{}}', 'wires: must be a list'],
    ['{"gondrik":1,"wires":[5]}', 'wires/0: must be an object'],
]);

it('reads a document with a byte order mark', function (): void {
    expect((new WorkbookCodec())->read("\u{FEFF}" . '{"gondrik":1}')->wires)->toBe([]);
});

it('names the same keys in the schema and in the value objects', function (): void {
    $schema = json_decode((string) file_get_contents(dirname(__DIR__) . '/data/workbook.schema.json'), true);
    $pairs = [
        'wire' => Gondrik\Core\Wire\Wire::class, 'sheath' => Gondrik\Core\Wire\Sheath::class, 'terminal' => Gondrik\Core\Terminal\Terminal::class,
        'stripLength' => Gondrik\Core\Terminal\StripLength::class, 'barrel' => Gondrik\Core\Terminal\Barrel::class, 'tool' => Gondrik\Core\Tool\Tool::class,
        'position' => Gondrik\Core\Tool\Position::class, 'nest' => Gondrik\Core\Tool\Nest::class, 'kit' => Gondrik\Core\Tool\Kit::class,
        'kitEntry' => Gondrik\Core\Tool\KitEntry::class, 'hand' => Gondrik\Core\Tool\Hand::class, 'line' => Gondrik\Core\Scope\Line::class, 'handStep' => Gondrik\Core\Scope\HandStep::class,
        'scope' => Gondrik\Core\Scope\Scope::class, 'houseRules' => Gondrik\Core\Rules\RuleChoice::class, 'limits' => Gondrik\Core\Size\Limits::class,
        'cut' => Gondrik\Core\Tool\Cut::class, 'strip' => Gondrik\Core\Tool\Strip::class, 'strip-sheath' => Gondrik\Core\Tool\StripSheath::class,
        'crimp' => Gondrik\Core\Tool\Crimp::class, 'sleeve' => Gondrik\Core\Tool\ShrinkSleeve::class, 'solder' => Gondrik\Core\Tool\Solder::class,
        'torque' => Gondrik\Core\Tool\Torque::class, 'pull-test' => Gondrik\Core\Tool\PullTest::class, 'extract' => Gondrik\Core\Tool\Extract::class,
        'shear-screw' => Gondrik\Core\Tool\ShearScrew::class,
        'due' => Gondrik\Core\Tool\Due::class, 'person' => Gondrik\Core\Asset\Person::class, 'asset' => Gondrik\Core\Asset\Asset::class, 'borrower' => Gondrik\Core\Log\Borrower::class,
    ];
    foreach (Gondrik\Core\Log\What::cases() as $what) {
        $pairs[basename($schema['$defs']['entry']['allOf'][array_search($what, Gondrik\Core\Log\What::cases(), true)]['then']['$ref'])] = $what->entry();
    }
    foreach ($pairs as $name => $class) {
        $fields = ObjectPlan::of($class)->keys();
        $keys = array_map(static fn($field): string => $field->name, $fields);
        $required = array_values(array_map(static fn($field): string => $field->name, array_filter($fields, static fn($field): bool => !$field->hasDefault)));
        $definition = $schema['$defs'][$name];
        $inSchema = array_values(array_diff(array_keys($definition['properties']), is_subclass_of($class, Gondrik\Core\Value\Variants::class) ? [$class::kindKey()] : []));
        sort($keys);
        sort($inSchema);
        expect($inSchema)->toBe($keys, $name)
            ->and(array_values(array_diff($definition['required'], is_subclass_of($class, Gondrik\Core\Value\Variants::class) ? [$class::kindKey()] : [])))->toBe($required, $name);
    }
});

it('lists the same values in the schema and in the enums', function (string $definition, string $enum): void {
    $schema = json_decode((string) file_get_contents(dirname(__DIR__) . '/data/workbook.schema.json'), true);
    expect($schema['$defs'][$definition]['enum'])->toBe(array_column($enum::cases(), 'value'));
})->with([
    ['material', Gondrik\Core\Wire\Material::class], ['construction', Gondrik\Core\Wire\Construction::class], ['conductor', Gondrik\Core\Wire\Conductor::class],
    ['sheathShape', Gondrik\Core\Wire\SheathShape::class], ['class', Gondrik\Core\Terminal\TerminalClass::class], ['place', Gondrik\Core\Terminal\Place::class],
    ['kind', Gondrik\Core\Tool\ToolKind::class], ['operation', Gondrik\Core\Tool\Operation::class], ['energy', Gondrik\Core\Tool\Energy::class],
    ['skill', Gondrik\Core\Tool\Skill::class], ['stripMethod', Gondrik\Core\Tool\StripMethod::class], ['sheathMethod', Gondrik\Core\Tool\SheathMethod::class],
    ['profile', Gondrik\Core\Tool\Profile::class], ['control', Gondrik\Core\Tool\Control::class], ['heat', Gondrik\Core\Tool\Heat::class],
    ['preparation', Gondrik\Core\Scope\Preparation::class], ['access', Gondrik\Core\Scope\Access::class], ['clamp', Gondrik\Core\Scope\Clamp::class],
    ['preset', Gondrik\Core\Rules\Preset::class], ['stance', Gondrik\Core\Rules\Stance::class], ['pullStandard', Gondrik\Core\Rules\PullStandard::class], ['redBand', Gondrik\Core\Rules\RedBand::class],
    ['dueKind', Gondrik\Core\Tool\DueKind::class], ['terms', Gondrik\Core\Asset\Terms::class], ['condition', Gondrik\Core\Asset\Condition::class], ['what', Gondrik\Core\Log\What::class],
    ['result', Gondrik\Core\Log\Result::class], ['failureMode', Gondrik\Core\Log\FailureMode::class], ['level', Gondrik\Core\Log\Level::class],
    ['pullTesting', Gondrik\Core\Rules\PullTesting::class], ['samplePlan', Gondrik\Core\Rules\SamplePlan::class], ['sleeveKind', Gondrik\Core\Terminal\Sleeve::class],
]);

it('tells what cannot be read and never throws anything else, whatever is out of shape', function (int $seed): void {
    $mangled = new Mangled(new Random\Randomizer(new Random\Engine\Mt19937($seed)));
    $codec = new WorkbookCodec();
    $read = $refused = 0;
    for ($n = 0; $n < 300; $n++) {
        $document = $mangled->document(GeneratedWorkbook::of($seed + $n % 7, 3, 2));
        $text = $mangled->text(GeneratedWorkbook::of($seed + $n % 7, 3, 2));
        foreach ([static fn() => $codec->readStored($document), static fn() => $codec->read($text)] as $reading) {
            try {
                $codec->write($reading());
                $read++;
            } catch (InvalidWorkbook $invalid) {
                $refused++;
                foreach ($invalid->problems as $problem) {
                    expect($problem->expected)->not->toBe('')->and(json_encode($problem, JSON_INVALID_UTF8_SUBSTITUTE))->toBeString()
                        ->and(preg_match('~\p{Cc}~u', (string) $problem))->toBe(0);
                }
            }
        }
    }
    expect($read)->toBeGreaterThan(20)->and($refused)->toBeGreaterThan(200);
})->with(range(701, 710));

it('lets no control character in, wherever text comes in', function (string $path, string $key, string $text, ?string $problem): void {
    $document = json_decode(demoText());
    $part = $document;
    foreach ($path === '' ? [] : explode('/', $path) as $step) {
        $part = is_array($part) ? $part[(int) $step] : $part->{$step};
    }
    $part->{$key} = $text;
    $problems = problemsOf((string) json_encode($document));
    $problem === null ? expect($problems)->toBe([]) : expect(implode("\n", $problems))->toContain($problem);
})->with([
    'a NUL in a name' => ['wires/0', 'name', "a\0b", 'wires/0/name: must have no control characters'],
    'a bell in the title' => ['', 'title', "Val\x07ley", 'title: must have no control characters'],
    'a line break in a name' => ['tools/0', 'name', "two\nlines", 'tools/0/name: must have no control characters, nor tabs or line breaks'],
    'a delete in a note' => ['scopes/0/lines/0', 'note', "a\x7fb", 'scopes/0/lines/0/note: must have no control characters other than tabs and line breaks'],
    'a C1 control in a note' => ['kits/0', 'note', "a\u{85}b", 'kits/0/note'],
    'a size with a tab' => ['wires/0', 'size', "12\tAWG", 'wires/0/size: must have no control characters'],
    'a key with an escape' => ['wires/0', "x\x1b[2J", 'y', 'must have no control characters'],
    'a name that turns what stands around it' => ['wires/0', 'name', "Wire \u{202e}gnir", 'wires/0/name: must have nothing that turns the direction of text'],
    'an isolate in a note' => ['kits/0', 'note', "a\u{2066}b", 'kits/0/note: must have nothing that turns the direction of text'],
    'a name of blanks' => ['kits/0', 'name', " \u{a0} ", 'kits/0/name: must have something that can be read'],
    'a name of nothing that shows' => ['scopes/0', 'name', "\u{200b}\u{2060}", 'scopes/0/name: must have something that can be read'],
    'a name from right to left' => ['kits/0', 'name', "ערכה \u{200f}א", null],
    'a note of two lines' => ['kits/0', 'note', "first\n\tsecond", null],
    'accents, signs and scripts' => ['kits/0', 'name', 'Werkstatt “Ümlaut” – ½ 工具 🧰', null],
]);

it('reads what has 10 MB and nothing larger', function (): void {
    $document = ['gondrik' => 1, 'kits' => [['id' => 'k', 'name' => 'k', 'tools' => []]]];
    $text = (string) json_encode($document);
    $full = str_pad($text, WorkbookCodec::LARGEST);
    expect((new WorkbookCodec())->read($full)->kits)->toHaveCount(1)
        ->and(problemsOf($full . ' '))->toBe([': must have at most 10 MB']);
});

it('writes on one line what would be too large to be read again otherwise', function (): void {
    $codec = new WorkbookCodec();
    $line = ['wire' => 'w', 'terminal' => 't'];
    $document = [
        'gondrik' => 1,
        'wires' => [['id' => 'w', 'name' => 'w', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
        'terminals' => [['id' => 't', 'name' => 't', 'class' => 'insulated', 'size' => '12-10 AWG']],
        'scopes' => [['id' => 's', 'name' => 's', 'lines' => array_map(static fn(int $n): array => ['id' => 'l' . $n, ...$line, 'quantity' => 7, 'ambient' => 5.5, 'note' => str_repeat('n', 350)], range(1, 22_000))]],
    ];
    $workbook = $codec->readStored(json_decode((string) json_encode($document)));
    $text = $codec->write($workbook);
    expect(strlen($text))->toBeLessThan(WorkbookCodec::LARGEST)->and(substr_count($text, "\n"))->toBe(1)
        ->and($codec->write($codec->read($text)))->toBe($text);
});

it('reads a hundred thousand lines in 9.9 MB with 256 MB of memory', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    $scope = ['id' => 's', 'name' => 's', 'lines' => []];
    $lines = [];
    foreach (range(1, 100_000) as $n) {
        $lines[] = sprintf('{"id":"line-%05d","wire":"w","terminal":"t","quantity":%d,"place":"corrosive","ambient":%.1f}', $n, $n % 7 + 1, $n % 40 / 2 + 0.5);
    }
    $text = '{"gondrik":1,"wires":[{"id":"w","name":"w","size":"12 AWG","construction":"stranded","insulation":"pvc"}],"terminals":[{"id":"t","name":"t","class":"insulated","size":"12-10 AWG"}],'
        . str_replace('"lines":[]', '"lines":[' . implode(',', $lines) . ']', '"scopes":[' . json_encode($scope) . ']}');
    file_put_contents($file, str_pad($text, (int) (9.9 * 1024 * 1024)));
    $code = 'require "vendor/autoload.php"; echo count((new Gondrik\Core\Workbook\WorkbookCodec())->read(file_get_contents($argv[1]))->scopes[0]->lines);';
    exec(sprintf('cd %s && php -d memory_limit=256M -r %s %s 2>&1', escapeshellarg(dirname(__DIR__, 2)), escapeshellarg($code), escapeshellarg($file)), $said);
    unlink($file);
    expect($said)->toBe(['100000']);
});

it('says of what is too long that it is, and nothing of its form', function (): void {
    $wire = ['id' => 'w', 'name' => 'w', 'construction' => 'stranded', 'insulation' => 'pvc'];
    $wire['size'] = 'awg' . str_repeat(' ', 60_000) . 'x';
    expect(problemsOf((string) json_encode(['gondrik' => 1, 'wires' => [$wire]])))->toBe(['wires/0/size: must have at most 64 characters']);
});

it('tells more than 500 problems without losing its way', function (): void {
    $wire = ['id' => 5, 'name' => [], 'size' => '12'];
    expect(count(problemsOf((string) json_encode(['gondrik' => 1, 'wires' => array_fill(0, 700, $wire)]))))->toBeGreaterThan(400);
});

it('ends to look where nobody reads on', function (): void {
    $wrong = static fn(int $wires): int => count((new SchemaCheck())->problems((object) ['gondrik' => 1, 'wires' => array_fill(0, $wires, new stdClass())]));
    expect($wrong(20_000))->toBe($wrong(500))->toBe(2_500);
    // Half of them are refused before their operation is known, the others after: there is no second list of as many.
    $capabilities = [...array_fill(0, 600, (object) ['op' => 'none']), ...array_fill(0, 600, (object) ['op' => 'cut'])];
    $tool = (object) ['id' => 't', 'name' => 'T', 'kind' => 'cutter', 'capabilities' => $capabilities];
    expect((new SchemaCheck())->problems((object) ['gondrik' => 1, 'tools' => [$tool]]))->toHaveCount(500);
});

it('finds the place of what a capability lacks, whatever stands around it', function (): void {
    $tools = [
        (object) ['id' => 'a', 'name' => 'A', 'kind' => 'cutter', 'capabilities' => [5, (object) ['op' => 7], (object) ['op' => 'cut', 'single' => '1 mm²'], (object) ['op' => 'pull-test', 'capacity' => -1]]],
        7,
        (object) ['id' => 'b', 'name' => 'B', 'kind' => 'cutter', 'capabilities' => [(object) ['op' => 'cut', 'single' => '1 mm²', 'nests' => []], (object) ['op' => 'pull-test']]],
    ];
    $problems = (new SchemaCheck())->problems((object) ['gondrik' => 1, 'tools' => $tools]);
    expect(array_map(static fn(Problem $problem): string => $problem->path . ': ' . $problem->expected, $problems))->toBe([
        'tools/0/capabilities/0: must be an object, not integer',
        'tools/0/capabilities/1/op: must be one of cut, strip-sheath, strip, crimp, solder, sleeve, shear-screw, torque, pull-test, extract',
        'tools/1: must be an object, not integer',
        'tools/2/capabilities/0/nests: nests is not a key here',
        'tools/0/capabilities/3/capacity: must be more than 0',
        'tools/2/capabilities/1/capacity: capacity is missing',
    ]);
});

it('reads a line whose groups say nothing as the one that all such lines share', function (): void {
    $workbook = (new WorkbookCodec())->read('{"gondrik":1,"scopes":[{"id":"s","name":"s","lines":[{"id":"a","torque":1},{"id":"b","torque":1,"wet":false},{"id":"c","torque":1,"wet":true}]}]}');
    [$a, $b, $c] = $workbook->scopes[0]->lines;
    expect($a->work())->toBe($b->work())->not->toBe($c->work());
});

it('names as many unknown keys as anybody reads', function (): void {
    $document = (object) ['gondrik' => 1, ...array_fill_keys(array_map(static fn(int $n): string => 'k' . $n, range(1, 2_000)), 1)];
    expect((new SchemaCheck())->problems($document))->toHaveCount(500);
});
