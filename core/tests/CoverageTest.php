<?php

declare(strict_types=1);

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Headline;
use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

function reportOf(Workbook $workbook): Report
{
    return Coverage::onPaper($workbook->kits[0], $workbook->scopes[0], $workbook->rulesFor($workbook->scopes[0]));
}

function demoReport(string $kit, string $scope): Report
{
    $workbook = (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/tarnholt-ropeway.json'));
    $scope = $workbook->scope($scope);
    $kit = $workbook->kit($kit);
    assert($scope !== null && $kit !== null);

    return Coverage::onPaper($kit, $scope, $workbook->rulesFor($scope));
}

it('takes a line for as good as its worst step', function (string $tools, Status $expected): void {
    $report = reportOf(Catalogue::workbook('16-stranded', 'ring-blue', '', $tools));
    expect($report->lines[0]->status)->toBe($expected);
})->with([
    'all proper' => ['cut-diagonal self-adjusting oval', Status::Covered],
    'one makeshift' => ['cut-diagonal self-adjusting oval-free', Status::Makeshift],
    'a proper one beside the makeshift' => ['cut-diagonal self-adjusting oval-free oval', Status::Covered],
    'no crimper' => ['cut-diagonal self-adjusting', Status::Hole],
    'nothing' => ['', Status::Hole],
]);

it('caps the step that holds the wire when a check is makeshift', function (): void {
    $report = reportOf(Catalogue::workbook('1.5-fine', 'clamp', 'torque=0.8', 'cut-diagonal self-adjusting torque-2.5'));
    $status = [];
    foreach ($report->lines[0]->steps as $step) {
        $status[$step->step->operation->value] = $step->status;
    }
    expect($status)->toBe(['cut' => Status::Covered, 'strip' => Status::Covered, 'torque' => Status::Makeshift])
        ->and($report->lines[0]->status)->toBe(Status::Makeshift);
});

it('shows no steps and no hole for a faulty line', function (): void {
    $report = reportOf(Catalogue::workbook('14-solid', 'ring-blue', 'quantity=7', ''));
    expect($report->lines[0]->status)->toBe(Status::Faulty)
        ->and($report->lines[0]->steps)->toBe([])
        ->and($report->holes)->toBe([])
        ->and($report->headline->faulty)->toBe(7)
        ->and($report->isWhole())->toBeFalse();
});

it('counts terminations by quantity and cuts the share off', function (): void {
    $report = demoReport('pylon-backpack', 'tower-7');
    expect($report->headline->terminations)->toBe(172)
        ->and($report->headline->hole)->toBe(76)
        ->and($report->headline->covered + $report->headline->makeshift + $report->headline->hole + $report->headline->faulty)->toBe(172)
        ->and($report->headline->share())->toBe(0.37);
});

it('says the share cut off, never rounded up', function (int $covered, int $hole, float $share): void {
    expect((new Headline($covered, 0, $hole, 0, false, []))->share())->toBe($share);
})->with(['one of two hundred is missing' => [199, 1, 0.99], 'two thirds' => [2, 1, 0.66], 'almost nothing' => [1, 999, 0.0], 'all' => [7, 0, 1.0], 'half' => [1, 1, 0.5]]);

it('counts makeshift where the house does', function (string $rules, float $share): void {
    $report = reportOf(Catalogue::workbook('16-stranded', 'ring-blue', '', 'cut-diagonal self-adjusting oval-free', $rules));
    expect($report->headline->share())->toBe($share);
})->with([['', 0.0], ['makeshiftCounts=yes', 1.0]]);

it('says what every kit should carry and this one does not', function (): void {
    $missing = reportOf(Catalogue::workbook('16-stranded', 'ring-blue', '', 'oval', 'carry=two-pole-tester+first-aid'))->headline->carryMissing;
    expect(array_column($missing, 'value'))->toBe(['two-pole-tester', 'first-aid']);
});

it('asks for a backup where the house wants one', function (string $tools, bool $unbacked): void {
    $report = reportOf(Catalogue::workbook('16-stranded', 'ring-blue', '', 'cut-diagonal self-adjusting ' . $tools, 'backupFor=crimp'));
    expect($report->lines[0]->steps[2]->unbacked)->toBe($unbacked)
        ->and($report->lines[0]->steps[1]->unbacked)->toBeFalse();
})->with([
    'one crimper' => ['oval', true],
    'two crimpers' => ['oval dimple', false],
    'a makeshift is no backup of a proper one' => ['oval oval-free', true],
    'an unsuitable one is none' => ['oval oval-red-only', true],
]);

it('finds the two holes of the pylon backpack and none at the panel bench', function (): void {
    $holes = demoReport('pylon-backpack', 'tower-7')->holes;
    expect(array_map(static fn(Hole $hole): array => [$hole->operation->value, array_map(static fn(Line $line): string => $line->id, $hole->lines), $hole->quantity(), $hole->nearest?->tool->id], $holes))->toBe([
        ['strip-sheath', ['heat-15', 'heat-25', 'feeder-4'], 70, 'ring-sheath'],
        ['crimp', ['winch-50', 'winch-2-0'], 6, 'hex-lug'],
    ]);
    $bench = demoReport('panel-bench', 'station-panel');
    $unbacked = array_merge(...array_map(static fn($line): array => array_filter($line->steps, static fn($step): bool => $step->unbacked), $bench->lines));
    expect($bench->isWhole())->toBeTrue()->and($bench->holes)->toBe([])->and($unbacked)->not->toBe([]);
});

it('describes the least tool that would close a hole', function (string $wire, string $terminal, string $line, string $tools, string $rules, array $sentences): void {
    $report = reportOf(Catalogue::workbook($wire, $terminal, $line, $tools, $rules));
    expect(array_map(static fn(Hole $hole): string => (new Sentence())->wanted($hole->wanted), $report->holes))->toBe($sentences);
})->with([
    'a roll die' => ['22-stranded', 'open-24-22', '', 'cut-diagonal strip-awg-only', '', ['A full-cycle crimper with a roll die for open barrels, 24-22 AWG.']],
    'a coloured nest' => ['16-stranded', 'ring-blue', '', 'cut-diagonal strip-awg-only oval-red-only', '', ['A full-cycle crimper with an oval or dimple die for insulated terminals, 16 AWG, nest “blue”.']],
    'any control where the house does not ask' => ['2-0-fine', 'lug-2-0', '', 'cut-cable knife', '', ['A crimper with a hexagon, indent or three-point die for lugs, 2/0 AWG.']],
    'a clamp that asks for a shape' => ['1.5-fine', 'ferrule-1.5', 'clamp=round', 'cut-diagonal strip-awg-only', '', ['A full-cycle crimper with a hexagon die for ferrules, 1.5 mm2.']],
    'a clamp that is not stated counts as rectangular' => ['1.5-fine', 'ferrule-1.5', '', 'cut-diagonal strip-awg-only', '', ['A full-cycle crimper with a square or trapezoid die for ferrules, 1.5 mm2.']],
    'a seal' => ['0.5-fine', 'sealed-20', '', 'cut-diagonal strip-awg-only', '', ['A full-cycle crimper with a roll die for sealed open barrels, 22-20 AWG / 0.35-0.5 mm2, sealing on 2.1 mm insulation.']],
    'thin walls' => ['22-thin-wall', 'contact-20', '', 'cut-diagonal four-indent', '', ['A stripper with ground dies, 22 AWG, for ETFE, up to 1.1 mm over the insulation.']],
    'a knife, compact' => ['4-stranded', 'lug-2-0', 'access=tight wet=no', 'cut-cable', '', []],
    'a sheath in the cold' => ['lszh-3x1.5', 'ferrule-1.5', 'ambient=3', 'cut-diagonal square strip-awg-only', '', ['A sheath stripper for round LSZH cable, 9.2 mm across, cores of 1.5 mm2, taking 20 mm or more at a time at 3 °C.']],
    'multi-core' => ['lszh-3x1.5', 'ferrule-1.5', '', 'sheath-cold square strip-awg-only', '', ['A cutter for multi-core cable with cores of 1.5 mm2, 9.2 mm across.']],
    'heat without mains' => ['16-stranded', 'butt-seal', 'noMains=yes', 'cut-diagonal strip-awg-only oval', '', ['A hot air gun or a torch for sleeves over wires up to 2.5 mm across, without mains.']],
    'heat where no flame is accepted' => ['16-stranded', 'butt-seal', '', 'cut-diagonal strip-awg-only oval', 'openFlame=no', ['A hot air gun for sleeves over wires up to 2.5 mm across.']],
    'pull force rounded up' => ['16-stranded', 'ring-blue', '', 'cut-diagonal strip-awg-only oval', 'pullTest=every', ['A pull tester that reaches 134 N.']],
]);

it('groups what one tool could cover and parts what it could not', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $line = static fn(string $id, string $wire, string $terminal, array $more = []): stdClass => (object) ['id' => $id, 'wire' => $wire, 'terminal' => $terminal, ...$more];
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => []]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => [
        $line('red', '22-stranded', 'ring-red'),
        $line('blue', '16-stranded', 'ring-blue'),
        $line('code', '22-stranded', 'contact-20'),
        $line('lug', '2-0-fine', 'lug-2-0'),
        $line('mid', '16-stranded', 'ring-blue', ['midSpan' => true]),
        $line('thin', '22-thin-wall', 'contact-20'),
    ]]];
    $report = reportOf((new WorkbookCodec())->read((string) json_encode($document)));
    expect(array_map(static fn(Hole $hole): string => $hole->operation->value . ': ' . implode(' ', array_map(static fn(Line $line): string => $line->id, $hole->lines)), $report->holes))->toBe([
        'cut: red blue code lug thin',
        'strip: red blue code',
        'strip: lug',
        'strip: mid',
        'strip: thin',
        'crimp: red blue mid',
        'crimp: code thin',
        'crimp: lug',
    ]);
});

it('ranks the tools that were not chosen', function (): void {
    $workbook = Catalogue::workbook('16-stranded', 'ring-blue', '', 'cut-diagonal strip-awg-only pliers oval-red-only oval-free oval');
    $report = reportOf($workbook);
    $others = (new Others(KitAsItStands::onPaper($workbook->kits[0]), Catalogue::houseRules($workbook)))->of($report->lines[0]->steps[2]);
    expect(array_map(static fn($match): string => $match->tool->id, $others))->toBe(['oval-free', 'oval-red-only', 'pliers']);
});

it('has no hole left with tools built from what is wanted', function (int $seed): void {
    $workbook = (new WorkbookCodec())->read((string) json_encode(GeneratedWorkbook::of($seed, lines: 40, tools: 12)));
    $report = reportOf($workbook);
    $wanted = array_map(static fn(Hole $hole, int $n): object => $hole->wanted->tool('wanted-' . $n), $report->holes, array_keys($report->holes));
    $after = Coverage::onPaper($workbook->kits[0]->with(...$wanted), $workbook->scopes[0], $workbook->rulesFor($workbook->scopes[0]));
    $left = array_map(static fn(Hole $hole): string => $hole->operation->value . ' ' . $hole->lines[0]->id, $after->holes);

    expect($report->holes)->not->toBe([])->and($left)->toBe([]);
})->with(range(1, 60));

it('asks a crimper whose nest is two trade equivalents away from the wire', function (): void {
    // 1 mm2 is 18 AWG to the terminal, and 18 AWG is 0.75 mm2 to the nest: a third off in all, and still a match.
    $report = reportOf(Catalogue::workbook('1-fine', 'bare-18', '', 'crimp-0.75'));
    $crimp = $report->lines[0]->steps[2];
    expect($crimp->chosen?->tool->id)->toBe('crimp-0.75')->and($crimp->status)->toBe(Status::Covered);
});

it('leaves out only tools that would be unsuitable', function (int $seed): void {
    $workbook = (new WorkbookCodec())->read((string) json_encode(GeneratedWorkbook::of($seed, lines: 40, tools: 40)));
    $rules = $workbook->rulesFor($workbook->scopes[0]);
    $others = new Others(KitAsItStands::onPaper($workbook->kits[0]), $rules);
    $compared = 0;
    foreach (reportOf($workbook)->lines as $line) {
        foreach ($line->steps as $step) {
            $all = [...$step->chosen === null ? [] : [$step->chosen], ...$others->of($step)];
            if ($all === []) {
                continue;
            }
            $best = $all[0];
            foreach ($all as $match) {
                $best = $match->verdict->compare($best->verdict) < 0 ? $match : $best;
            }
            expect($step->chosen === null ? 'unsuitable' : $step->chosen->fit()->value)->toBe($best->fit()->value)
                ->and($step->chosen === null || $step->chosen->verdict->compare($best->verdict) === 0)->toBeTrue();
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(5);
})->with(range(201, 225));

it('answers alike whatever the order of the lines', function (int $seed): void {
    $workbook = (new WorkbookCodec())->read((string) json_encode(GeneratedWorkbook::of($seed)));
    $scope = $workbook->scopes[0];
    $rules = $workbook->rulesFor($scope);
    $status = static function (Gondrik\Core\Scope\Scope $scope) use ($workbook, $rules): array {
        $byLine = [];
        foreach (Coverage::onPaper($workbook->kits[0], $scope, $rules)->lines as $line) {
            $byLine[$line->line->id] = array_map(static fn($step): array => [$step->status, $step->chosen?->tool->id, $step->chosen?->position()], $line->steps);
        }
        ksort($byLine);

        return $byLine;
    };
    expect($status(new Gondrik\Core\Scope\Scope('s', 's', array_reverse($scope->lines))))->toBe($status($scope));
})->with([101, 102, 103]);

it('writes wanted sizes that can be read back', function (int $seed): void {
    foreach (reportOf((new WorkbookCodec())->read((string) json_encode(GeneratedWorkbook::of($seed, lines: 40, tools: 6))))->holes as $hole) {
        foreach ([...$hole->wanted->members['sizes'] ?? [], ...array_filter([$hole->wanted->numbers['single'] ?? null, $hole->wanted->numbers['knife'] ?? null])] as $size) {
            expect(SizeRange::parse($size)->written)->toBe($size);
        }
    }
})->with(range(601, 610));

it('parts holes by what one can buy', function (string $op, array $lines, array $rules, array $expected): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => []]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'houseRules' => (object) $rules, 'lines' => array_map(
        static fn(array $line, int $n): stdClass => (object) ['id' => 'l' . $n, ...$line],
        $lines,
        array_keys($lines),
    )]];
    $holes = array_filter(reportOf((new WorkbookCodec())->read((string) json_encode($document)))->holes, static fn(Hole $hole): bool => $hole->operation->value === $op);
    expect(array_map(static fn(Hole $hole): string => implode(' ', array_map(static fn(Line $line): string => $line->id, $hole->lines)), array_values($holes)))->toBe($expected);
})->with([
    'a stripper to 6 mm2 (10 AWG), to 21 mm2, from 21 mm2' => ['strip', [
        ['wire' => '10-stranded', 'terminal' => 'ring-yellow'], ['wire' => '16-stranded', 'terminal' => 'ring-blue'],
        ['wire' => '16mm-stranded', 'terminal' => 'lug-16'], ['wire' => '2-0-fine', 'terminal' => 'lug-2-0'],
    ], [], ['l0 l1', 'l2', 'l3']],
    'torque to 3 N·m or without a figure, to 25, above' => ['torque', [['torque' => 3], ['torque' => 3.1], ['torque' => 25], ['torque' => 26], ['wire' => '2.5-solid', 'terminal' => 'clamp']], [], ['l0 l4', 'l1 l2', 'l3']],
    'red, blue and yellow count as one code, others do not' => ['crimp', [
        ['wire' => '22-stranded', 'terminal' => 'ring-red'], ['wire' => '16-stranded', 'terminal' => 'ring-blue'], ['wire' => '16-stranded', 'terminal' => 'ring-16-14-no-code'],
    ], [], ['l0 l1', 'l2']],
    'ferrules to 10 mm2 and above' => ['crimp', [['wire' => '1.5-fine', 'terminal' => 'ferrule-1.5'], ['wire' => '10mm-stranded', 'terminal' => 'ferrule-10'], ['wire' => '16mm-stranded', 'terminal' => 'ferrule-16']], [], ['l0 l1', 'l2']],
    'extractors by their code' => ['extract', [['wire' => '22-stranded', 'terminal' => 'contact-20', 'housing' => true], ['wire' => '22-thin-wall', 'terminal' => 'contact-20', 'housing' => true]], [], ['l0 l1']],
    'screws of two threads in one tool' => ['shear-screw', [['shear' => '6-32'], ['shear' => '8-32']], [], ['l0 l1']],
]);

it('wants a puller even where no standard has a figure', function (): void {
    $report = reportOf(Catalogue::workbook('26-stranded', 'ribbon-26', '', 'cut-diagonal parallel-26', 'pullTest=every'));
    $pull = array_values(array_filter($report->holes, static fn(Hole $hole): bool => $hole->operation->value === 'pull-test'));
    expect($pull)->toHaveCount(1)->and((new Sentence())->wanted($pull[0]->wanted))->toBe('A pull tester.');
});

it('carries what the house, a sampled pull test and the scope ask', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => []]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => [], 'carry' => ['light', 'two-pole-tester'], 'houseRules' => (object) ['pullTest' => 'sample']]];
    $report = reportOf((new WorkbookCodec())->read((string) json_encode($document)));
    expect(array_column($report->headline->carryMissing, 'value'))->toBe(['two-pole-tester', 'eye-protection', 'puller', 'light']);
});

it('takes no other tester for a two-pole one', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->tools[] = (object) ['id' => 'hint', 'name' => 'hint', 'kind' => 'proximity-tester', 'capabilities' => []];
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => [(object) ['tool' => 'hint']]]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => []]];
    expect(array_column(reportOf((new WorkbookCodec())->read((string) json_encode($document)))->headline->carryMissing, 'value'))->toContain('two-pole-tester');
});

it('caps the end of a splice whose wire a check names', function (): void {
    $report = reportOf(Catalogue::workbook('16-stranded', 'butt-blue', 'wireB=16-unlisted', 'cut-diagonal self-adjusting oval'));
    $crimps = array_values(array_filter($report->lines[0]->steps, static fn($cover): bool => $cover->step->operation->value === 'crimp'));
    expect(array_map(static fn($cover): array => [$cover->step->wire()?->id, $cover->status], $crimps))->toBe([['16-stranded', Status::Covered], ['16-unlisted', Status::Makeshift]])
        ->and($report->lines[0]->checks[0]->wire)->toBe('16-unlisted');
});

it('caps both ends where a check names no wire, and a line without a holding step', function (string $wire, string $terminal, string $line, array $status): void {
    $report = reportOf(Catalogue::workbook($wire, $terminal, $line, 'cut-diagonal self-adjusting oval'));
    expect($report->lines[0]->status)->toBe(Status::Makeshift)
        ->and(array_map(static fn($cover): Status => $cover->status, $report->lines[0]->steps))->toBe($status);
})->with([
    'tape over a splice' => ['16-stranded', 'butt-blue', 'wireB=14-stranded sleeve=tape', [Status::Covered, Status::Covered, Status::Covered, Status::Covered, Status::Makeshift, Status::Makeshift]],
    'fine strands in a push-in' => ['1.5-fine', 'lever', '', [Status::Covered, Status::Covered]],
]);

it('keeps lines apart that differ in a figure alone', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => [(object) ['tool' => 'cut-diagonal'], (object) ['tool' => 'self-adjusting'], (object) ['tool' => 'iron'], (object) ['tool' => 'torque-2.5'], (object) ['tool' => 'shear-small']]]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => array_map(static fn(array $line, int $n): stdClass => (object) ['id' => 'l' . $n, ...$line], $lines = [
        ['wire' => '16-stranded', 'terminal' => 'cup', 'temperature' => 350], ['wire' => '16-stranded', 'terminal' => 'cup', 'temperature' => 450], ['wire' => '16-stranded', 'terminal' => 'cup'],
        ['torque' => 1], ['torque' => 5], ['shear' => '6-32'], ['shear' => '10-24'],
    ], array_keys($lines))]];
    expect(array_map(static fn($line): Status => $line->status, reportOf((new WorkbookCodec())->read((string) json_encode($document)))->lines))
        ->toBe([Status::Covered, Status::Hole, Status::Covered, Status::Covered, Status::Hole, Status::Covered, Status::Hole]);
});

it('caps the solder of a soldered line', function (): void {
    $report = reportOf(Catalogue::workbook('16-unlisted', 'cup', '', 'cut-diagonal self-adjusting iron'));
    expect(array_map(static fn($cover): array => [$cover->step->operation->value, $cover->status], $report->lines[0]->steps))
        ->toBe([['cut', Status::Covered], ['strip', Status::Covered], ['solder', Status::Makeshift]]);
});

it('asks of a wanted tool what any of the lines asks, and tells the coldest', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => []]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => [
        (object) ['id' => 'warm', 'wire' => 'lszh-3x1.5', 'terminal' => 'ferrule-1.5', 'ambient' => 9],
        (object) ['id' => 'cold', 'wire' => 'lszh-3x1.5', 'terminal' => 'ferrule-1.5', 'ambient' => 2, 'noMains' => true, 'access' => 'one-handed'],
        (object) ['id' => 'tight', 'wire' => 'lszh-3x1.5', 'terminal' => 'ferrule-1.5', 'ambient' => 8, 'access' => 'tight', 'movable' => true],
    ]]];
    $sheath = reportOf((new WorkbookCodec())->read((string) json_encode($document)))->holes[1];
    expect((new Sentence())->wanted($sheath->wanted))->toBe('A sheath stripper for round LSZH cable, 9.2 mm across, cores of 1.5 mm2, taking 20 mm or more at a time at 2 °C, compact, for one hand, without mains.')
        ->and($sheath->wanted->asked->travels)->toBeTrue();
});

it('answers alike for equal works and keeps unequal ones apart', function (array $one, array $other, bool $alike): void {
    $key = static fn(array $row): string => Catalogue::work(Catalogue::workbook($row[1], $row[2], $row[3], ''), $row[0])?->key() ?? throw new LogicException('no such step');
    expect($key($one) === $key($other))->toBe($alike);
})->with([
    'the same wire into two terminals is cut alike' => [['cut', '16-stranded', 'ring-blue', ''], ['cut', '16-stranded', 'bare-butt', ''], true],
    'a sheath is taken off at another temperature' => [['strip-sheath', 'pvc-3x1.5', 'ferrule-1.5', 'ambient=3'], ['strip-sheath', 'pvc-3x1.5', 'ferrule-1.5', 'ambient=20'], false],
    'without mains' => [['cut', '16-stranded', 'ring-blue', 'noMains=yes'], ['cut', '16-stranded', 'ring-blue', ''], false],
    'brought to the tool' => [['cut', '16-stranded', 'ring-blue', 'movable=yes'], ['cut', '16-stranded', 'ring-blue', ''], false],
    'in a tight place' => [['cut', '16-stranded', 'ring-blue', 'access=tight'], ['cut', '16-stranded', 'ring-blue', 'access=one-handed'], false],
    'two wires in a barrel' => [['crimp', '1.5-fine', 'closed-end', 'wiresInBarrel=3'], ['crimp', '1.5-fine', 'closed-end', ''], false],
    'a wet crimp' => [['crimp', '16-stranded', 'butt-seal', 'wet=yes'], ['crimp', '16-stranded', 'butt-seal', ''], false],
    'a quantity is no matter' => [['crimp', '16-stranded', 'ring-blue', 'quantity=3'], ['crimp', '16-stranded', 'ring-blue', 'quantity=9'], true],
]);
