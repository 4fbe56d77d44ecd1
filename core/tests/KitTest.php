<?php

declare(strict_types=1);

use Gondrik\Core\Coverage\Choice;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Scope\Surroundings;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Needs;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\Wire;

/** @param list<string> $requires */
function cutter(string $id, array $requires = [], Energy $energy = Energy::Hand, string $size = '22-10 AWG', bool $inPlaceOnly = false): Tool
{
    return new Tool($id, $id, ToolKind::Cutter, [new Cut(SizeRange::parse($size))], needs: new Needs($energy, $requires, $inPlaceOnly));
}

function cutLine(bool $noMains = false, bool $movable = false): Line
{
    $wire = new Wire('w', 'w', Size::parse('14 AWG'), Construction::Stranded, Material::Pvc);

    return new Line('l', $wire, new Terminal('t', 't', TerminalClass::Insulated, SizeRange::parse('16-14 AWG')), surroundings: new Surroundings(noMains: $noMains, movable: $movable));
}

function cutWith(Kit $kit, Tool $tool, Line $line): Fit
{
    $operations = new Operations(new HouseRules());
    $work = $operations->of(Operation::Cut)->work($line, $line->ends[0], Conditions::of($line->surroundings, KitAsItStands::onPaper($kit)));

    return (new Choice(KitAsItStands::onPaper($kit), new HouseRules(), $operations))->match(new TakingPart($tool), Operation::Cut, $work)->fit();
}

it('counts a tool only with what it requires, all the way down', function (array $tools, Fit $expected, bool $noMains = false, bool $movable = false, bool $travels = true): void {
    $kit = new Kit('k', 'k', array_map(static fn(Tool $tool): KitEntry => new KitEntry($tool), $tools), travels: $travels);
    expect(cutWith($kit, $tools[0], cutLine($noMains, $movable)))->toBe($expected);
})->with([
    'nothing required' => [[cutter('a')], Fit::Proper],
    'required and there' => [[cutter('a', ['b']), cutter('b')], Fit::Proper],
    'required and not there' => [[cutter('a', ['b'])], Fit::Unsuitable],
    'required by what is required, and not there' => [[cutter('a', ['b']), cutter('b', ['c'])], Fit::Unsuitable],
    'two that need each other' => [[cutter('a', ['b']), cutter('b', ['a'])], Fit::Proper],
    'three in a ring' => [[cutter('a', ['b']), cutter('b', ['c']), cutter('c', ['a'])], Fit::Proper],
    'what is required needs mains' => [[cutter('a', ['b']), cutter('b', [], Energy::Mains)], Fit::Proper],
    'what is required needs mains, and there is none' => [[cutter('a', ['b']), cutter('b', [], Energy::Mains)], Fit::Unsuitable, true],
    'what is required must stay where it is, and the kit travels' => [[cutter('a', ['b']), cutter('b', inPlaceOnly: true)], Fit::Unsuitable],
    'what is required must stay where it is, and the work is brought' => [[cutter('a', ['b']), cutter('b', inPlaceOnly: true)], Fit::Proper, false, true],
    'what is required must stay where it is, at a bench' => [[cutter('a', ['b']), cutter('b', inPlaceOnly: true)], Fit::Proper, false, false, false],
    'a battery needs no mains' => [[cutter('a', [], Energy::Battery)], Fit::Proper, true],
]);

it('takes the best of a tool that can do the same in two ways', function (): void {
    $two = new Tool('two', 'two', ToolKind::Cutter, [new Cut(SizeRange::parse('22-10 AWG'), grade: Fit::Makeshift), new Cut(SizeRange::parse('22-10 AWG'))]);
    $kit = new Kit('k', 'k', [new KitEntry($two)]);
    expect(cutWith($kit, $two, cutLine()))->toBe(Fit::Proper);
});

it('counts two of a tool as a backup', function (int $count, bool $unbacked): void {
    $kit = new Kit('k', 'k', [new KitEntry(cutter('a'), $count)]);
    $report = Coverage::onPaper($kit, new Scope('s', 's', [cutLine()]), new HouseRules(backupFor: [Operation::Cut]));
    expect($report->lines[0]->steps[0]->unbacked)->toBe($unbacked);
})->with([[1, true], [2, false]]);

it('has nothing to say of an empty scope', function (): void {
    $report = Coverage::onPaper(new Kit('k', 'k', []), new Scope('s', 's', []), new HouseRules());
    expect($report->headline->share())->toBeNull()->and($report->isWhole())->toBeTrue()->and($report->holes)->toBe([]);
});

it('names no nearest where no tool has the operation, and the first among equals where two miss alike', function (): void {
    $line = cutLine();
    $scope = new Scope('s', 's', [$line]);
    $none = Coverage::onPaper(new Kit('k', 'k', []), $scope, new HouseRules());
    expect($none->holes[0]->nearest)->toBeNull()->and($none->lines[0]->status)->toBe(Status::Hole);

    $near = static fn(Tool ...$tools): ?string => Coverage::onPaper((new Kit('k', 'k', []))->with(...$tools), $scope, new HouseRules())->holes[0]->nearest?->tool->id;
    expect($near(cutter('far', size: '30-24 AWG'), cutter('near', size: '22-16 AWG')))->toBe('near')
        ->and($near(cutter('one', size: '22-16 AWG'), cutter('same', size: '22-16 AWG')))->toBe('one')
        ->and($near(cutter('two reasons', ['nothing'], size: '22-16 AWG'), cutter('further', size: '30-24 AWG')))->toBe('further');
});

it('refuses a tool that stands twice in a kit', function (): void {
    expect(fn() => new Kit('k', 'k', [new KitEntry(cutter('a')), new KitEntry(cutter('a'))]))->toThrow(Gondrik\Core\Value\Invalid::class, 'each tool once');
});

it('computes a chain and a ring of a thousand tools that require each other in no time', function (): void {
    $ring = array_map(static fn(int $n): Tool => cutter('t' . $n, ['t' . ($n + 1) % 1000, 't' . ($n + 7) % 1000]), range(0, 999));
    $chain = array_map(static fn(int $n): Tool => cutter('c' . $n, ['c' . ($n + 1)]), range(0, 999));
    $kit = new Kit('k', 'k', array_map(static fn(Tool $tool): KitEntry => new KitEntry($tool), [...$ring, ...$chain]));
    expect(cutWith($kit, $ring[0], cutLine()))->toBe(Fit::Proper)
        // The last of the chain requires one that is not there, and so nothing of it counts.
        ->and(cutWith($kit, $chain[0], cutLine()))->toBe(Fit::Unsuitable);
});

it('has one more or one less of a tool, and none more than once', function (): void {
    $tool = static fn(string $id): Tool => new Tool($id, $id, ToolKind::Cutter, []);
    $counts = static fn(Kit $kit): array => array_map(static fn(KitEntry $entry): string => $entry->tool->id . ' ' . $entry->count, $kit->tools);
    $kit = new Kit('k', 'K', [new KitEntry($tool('a')), new KitEntry($tool('b'), 2)], false);
    expect($counts($kit->oneMore($tool('a'))))->toBe(['a 2', 'b 2'])
        ->and($counts($kit->oneMore($tool('c'))))->toBe(['a 1', 'b 2', 'c 1'])
        ->and($counts($kit->oneLess('b')))->toBe(['a 1', 'b 1'])
        ->and($counts($kit->oneLess('a')))->toBe(['b 2'])
        ->and($counts($kit->oneLess('x')))->toBe(['a 1', 'b 2'])
        ->and($kit->oneLess('a')->travels)->toBeFalse();
});
