<?php

declare(strict_types=1);

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Match\Segment;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\Ruler;
use Gondrik\Core\Ruler\RulerBar;
use Gondrik\Core\Ruler\RulerDrop;
use Gondrik\Core\Ruler\RulerLane;
use Gondrik\Core\Ruler\RulerMiss;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

function rulerOf(Workbook $workbook): Ruler
{
    return Ruler::of(Coverage::onPaper($workbook->kits[0], $workbook->scopes[0], $workbook->rulesFor($workbook->scopes[0])));
}

function laneOf(Ruler $ruler, string $name): RulerLane
{
    foreach ($ruler->lanes as $lane) {
        if ($lane->name === $name) {
            return $lane;
        }
    }
    throw new LogicException('no lane ' . $name);
}

it('has a lane for each operation and class in use, in the order of work', function (string $wire, string $terminal, string $line, array $lanes): void {
    $ruler = rulerOf(Catalogue::workbook($wire, $terminal, $line, ''));
    expect(array_map(static fn(RulerLane $lane): string => $lane->name, $ruler->lanes))->toBe($lanes);
})->with([
    'a crimp' => ['16-stranded', 'ring-blue', '', ['cut', 'strip', 'insulated']],
    'a sheathed cable under a screw' => ['lszh-3x1.5', 'ferrule-1.5', 'torque=0.8', ['cut', 'strip-sheath', 'strip', 'ferrule', 'finish']],
    'solder' => ['22-stranded', 'cup', '', ['cut', 'strip', 'finish']],
    'a screw alone has no size' => ['', '', 'torque=2', []],
]);

it('draws a tool over the sizes it reaches', function (string $wire, string $terminal, string $tool, string $lane, float $from, float $to, string $fit): void {
    $bars = laneOf(rulerOf(Catalogue::workbook($wire, $terminal, '', $tool)), $lane)->bars;
    expect($bars)->toHaveCount(1)
        ->and($bars[0]->from())->toEqualWithDelta($from, 0.01 * $from)
        ->and($bars[0]->to())->toEqualWithDelta($to, 0.01 * $to)
        ->and($bars[0]->reach->stretches[0]->fit->value)->toBe($fit);
})->with([
    'a cutter, single and multi' => ['16-stranded', 'ring-blue', 'cut-cable', 'cut', 0.823, 107.2, 'proper'],
    'both markings of a stripper' => ['16-stranded', 'ring-blue', 'self-adjusting', 'strip', 0.2, 6.0, 'proper'],
    'a knife that is makeshift below 21 mm2' => ['2-0-fine', 'lug-2-0', 'knife', 'strip', 8.37, 120.0, 'makeshift'],
    'a makeshift grade' => ['16-stranded', 'ring-blue', 'cut-scissors', 'cut', 0.326, 5.26, 'makeshift'],
    'a makeshift profile' => ['16-stranded', 'bare-butt', 'oval-bare', 'bare', 1.309, 2.081, 'makeshift'],
    'a sheath tool by diameter stands where the cables are' => ['pvc-3x1.5', 'ferrule-1.5', 'sheath-ring', 'strip-sheath', 1.5, 1.5, 'proper'],
    'a nest known by its code stands where the terminals are' => ['22-stranded', 'contact-20', 'four-indent', 'solid-contact', 0.326, 0.519, 'proper'],
]);

it('tells where a bar reaches a size and its tool does not do it', function (string $wire, string $terminal, string $line, string $tools, string $lane, array $misses): void {
    $bars = laneOf(rulerOf(Catalogue::workbook($wire, $terminal, $line, $tools)), $lane)->bars;
    $told = [];
    foreach ($bars as $bar) {
        foreach ($bar->misses as $miss) {
            $told[] = $bar->tool->id . ': ' . $miss->reason->code->value;
            expect($bar->reach->covers($miss->area))->toBeTrue()->and($miss->isWhole())->toBeTrue();
        }
    }
    expect($told)->toBe($misses);
})->with([
    'a tool that does it' => ['16-stranded', 'ring-blue', '', 'cut-diagonal', 'cut', []],
    'a tool that does not reach the size at all' => ['2-0-fine', 'lug-2-0', '', 'cut-diagonal', 'cut', []],
    'a material it is not made for' => ['22-etfe-fine', 'contact-20', '', 'self-adjusting', 'strip', ['self-adjusting: insulation.unsupported']],
    'a sheath too cold to be pulled' => ['lszh-3x1.5', 'ferrule-1.5', 'ambient=2', 'sheath-never-cold', 'strip-sheath', ['sheath-never-cold: sheath.cold']],
    'a frame without its blade' => ['16-stranded', 'ring-blue', '', 'cut-frame', 'cut', ['cut-frame: requires.missing']],
]);

it('counts the lines of a size that a tool does not do', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => [(object) ['tool' => 'cut-diagonal'], (object) ['tool' => 'self-adjusting'], (object) ['tool' => 'oval']]]];
    $line = static fn(string $id, string $access): stdClass => (object) ['id' => $id, 'wire' => '16-stranded', 'terminal' => 'ring-blue', 'access' => $access, 'midSpan' => $id === 'b'];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => [$line('a', 'open'), $line('b', 'open'), $line('c', 'tight')]]];
    $miss = laneOf(rulerOf((new WorkbookCodec())->read((string) json_encode($document))), 'strip')->bars[0]->misses[0];
    expect($miss->lines)->toBe(['b'])->and($miss->of)->toBe(3)->and($miss->isWhole())->toBeFalse();
});

it('shows a tool by itself with what is printed on it', function (string $tool, array $lanes): void {
    $catalogue = Catalogue::workbook('16-stranded', 'ring-blue', '', $tool);
    $told = [];
    foreach (ToolRuler::of($catalogue->kits[0]->tools[0]->tool) as $lane) {
        foreach ($lane->bars as $bar) {
            $told[] = $lane->name . ' ' . round($bar->from(), 2) . '-' . round($bar->to(), 2) . str_repeat('|', count($bar->reach->segments));
        }
    }
    expect($told)->toBe($lanes);
})->with([
    'a cutter' => ['cut-cable', ['cut 0.82-107.22']],
    'a crimper with its nests' => ['oval', ['crimp 0.33-5.26|||']],
    'a nest that has a code alone is no place' => ['oval-coded-only', []],
    'a sheath stripper by diameter alone' => ['sheath-ring', []],
    'a sheath stripper by size' => ['sheath-size', ['strip-sheath 2.5-4']],
    'a heat gun has no size' => ['gun', []],
]);

it('leaves out what has nothing to do with the lane', function (string $wire, string $terminal, string $tool, string $lane): void {
    expect(laneOf(rulerOf(Catalogue::workbook($wire, $terminal, '', $tool)), $lane)->bars)->toBe([]);
})->with([
    'a profile for another class' => ['16-stranded', 'ring-blue', 'roll', 'insulated'],
    'pliers' => ['16-stranded', 'ring-blue', 'pliers', 'insulated'],
    'a tool narrowed to another class' => ['16-stranded', 'ring-blue', 'oval-heat-shrink-only', 'insulated'],
    'a sheath tool too small for any cable' => ['lszh-3x1.5', 'ferrule-1.5', 'sheath-ring', 'strip-sheath'],
]);

it('shows nests with their colour and what is proven', function (): void {
    $bars = laneOf(rulerOf(Catalogue::workbook('22-stranded', 'open-24-22', '', 'roll-proven')), 'open-barrel')->bars;
    $colours = laneOf(rulerOf(Catalogue::workbook('16-stranded', 'ring-blue', '', 'oval')), 'insulated')->bars[0]->reach->segments;
    expect($bars[0]->reach->segments[0]->proven?->to)->toEqualWithDelta(0.326, 0.001)
        ->and(array_map(static fn(Segment $segment): ?string => $segment->code, $colours))->toBe(['red', 'blue', 'yellow']);
});

it('folds lines of one size into one drop and keeps the worst mark', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'kit', 'tools' => [(object) ['tool' => 'cut-diagonal'], (object) ['tool' => 'strip-awg-only'], (object) ['tool' => 'oval']]]];
    $line = static fn(string $id, string $wire, string $terminal, array $more = []): stdClass => (object) ['id' => $id, 'wire' => $wire, 'terminal' => $terminal, ...$more];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => [
        $line('a', '14-stranded', 'butt-blue', ['quantity' => 5]),
        $line('b', '14-stranded', 'bare-butt', ['quantity' => 2]),
        $line('c', '14-solid', 'ring-blue'),
        $line('d', '16-stranded', 'butt-blue', ['wireB' => '14-stranded', 'quantity' => 7]),
    ]]];
    $drops = rulerOf((new WorkbookCodec())->read((string) json_encode($document)))->drops;
    expect(array_map(static fn(RulerDrop $drop): array => [$drop->size->written, $drop->lines, $drop->quantity, $drop->status], $drops))->toBe([
        ['16 AWG', ['d'], 7, Status::Covered],
        ['14 AWG', ['a', 'b', 'c', 'd'], 15, Status::Faulty],
    ])
        ->and($drops[1]->marks['insulated'])->toBe(Status::Covered)
        ->and($drops[1]->marks['bare'])->toBe(Status::Makeshift)
        ->and($drops[1]->inOtherFamily())->toBe('2.08 mm2');
});

it('keeps every drop and bar in order on any workbook', function (int $seed): void {
    $ruler = rulerOf((new WorkbookCodec())->readStored(GeneratedWorkbook::of($seed, 60, 30)));
    $areas = array_map(static fn(RulerDrop $drop): float => $drop->size->area, $ruler->drops);
    $sorted = $areas;
    sort($sorted);
    $bars = array_merge(...array_map(static fn(RulerLane $lane): array => $lane->bars, $ruler->lanes));
    expect($areas)->toBe($sorted)->and(array_unique($areas))->toHaveCount(count($areas));
    foreach ($bars as $bar) {
        expect($bar)->toBeInstanceOf(RulerBar::class)->and($bar->from())->toBeGreaterThan(0.0)->and($bar->to())->toBeGreaterThanOrEqual($bar->from());
    }
    $names = array_map(static fn(RulerLane $lane): string => $lane->name, $ruler->lanes);
    // An open ring has a cross on every bar that passes it: nothing looks like cover where there is none.
    foreach ($ruler->lanes as $lane) {
        foreach ($ruler->drops as $drop) {
            foreach (($drop->marks[$lane->name] ?? null) === Status::Hole ? $lane->bars : [] as $bar) {
                $crossed = array_filter($bar->misses, static fn(RulerMiss $miss): bool => abs($miss->area - $drop->size->area) < 1e-6);
                expect($crossed)->toHaveCount($bar->reach->covers($drop->size->area) ? 1 : 0);
            }
        }
    }
    foreach ($ruler->drops as $drop) {
        expect(array_diff(array_keys($drop->marks), $names))->toBe([]);
    }
})->with([1, 2, 3, 4]);

it('draws what is away behind what is there: what it would reach, and nothing of what it does', function (): void {
    $workbook = Catalogue::workbook('16-stranded', 'ring-blue', '', 'oval');
    $report = Coverage::onPaper(null, $workbook->scopes[0], $workbook->rulesFor($workbook->scopes[0]));
    $lane = laneOf(Ruler::of($report, [$workbook->kits[0]->tools[0]->tool]), 'insulated');
    expect(array_map(static fn(RulerBar $bar): array => [$bar->tool->id, $bar->isAway, $bar->misses], $lane->bars))->toBe([['oval', true, []]])
        ->and([$lane->bars[0]->from(), $lane->bars[0]->to()])->toBe([laneOf(rulerOf($workbook), 'insulated')->bars[0]->from(), laneOf(rulerOf($workbook), 'insulated')->bars[0]->to()])
        ->and((new RulerWriter())->lanes([$lane])[0]['bars'][0]['isAway'])->toBeTrue()
        ->and((new RulerWriter())->lanes([laneOf(rulerOf($workbook), 'insulated')])[0]['bars'][0])->not->toHaveKey('isAway');
});
