<?php

declare(strict_types=1);

/*
 * What a kit can do without, against what that means: Cover is asked of the kit with and without, on all work there is.
 */

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Planning\Addition;
use Gondrik\Core\Planning\Lending;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\ShopWork;
use Gondrik\Core\Planning\Terms;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\Handling;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

function demoWorkbook(): Workbook
{
    static $demo = null;

    return $demo ??= (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/tarnholt-ropeway.json'));
}

/** @return list<PlannedScope> */
function allWork(Workbook $workbook): array
{
    return array_map(static fn(Scope $scope): PlannedScope => new PlannedScope($scope, $workbook->rulesFor($scope)), $workbook->scopes);
}

/**
 * @param list<PlannedScope> $work
 *
 * @return list<string> the steps that a kit does
 */
function stepsDone(Kit $kit, array $work): array
{
    $done = [];
    foreach ($work as $of) {
        foreach (Coverage::onPaper($kit, $of->scope, $of->rules)->lines as $line) {
            foreach (array_filter($line->steps, static fn(StepCover $step): bool => $step->chosen !== null) as $at => $step) {
                $done[] = $of->scope->id . '/' . $line->line->id . '/' . $at;
            }
        }
    }

    return $done;
}

it('lets go what leaves no hole on any work, and nothing else', function (string $id): void {
    $workbook = demoWorkbook();
    $work = allWork($workbook);
    $kit = $workbook->kit($id) ?? throw new LogicException('no such kit');
    // Another kit is asked first: what is known of its tools must not be taken for these.
    $shop = new ShopWork($work);
    array_map(static fn(Kit $other): array => (new Lending(KitAsItStands::onPaper($other), $shop))->ways(), $workbook->kits);
    $lending = new Lending(KitAsItStands::onPaper($kit), $shop);
    $before = stepsDone($kit, $work);
    $tools = array_map(static fn(KitEntry $entry): Tool => $entry->tool, $kit->tools);
    foreach ($tools as $at => $tool) {
        foreach ([[$tool], [$tool, $tools[($at + 1) % count($tools)]], [$tool, $tools[($at + 4) % count($tools)]]] as $gone) {
            $left = $kit->without(...array_map(static fn(Tool $one): string => $one->id, $gone));
            expect($lending->canDoWithout(array_map(static fn(Tool $one): Way => Way::moving($one, $id), $gone)))
                ->toBe(array_diff($before, stepsDone($left, $work)) === [], $id . ' without ' . implode(' and ', array_map(static fn(Tool $one): string => $one->id, $gone)));
        }
    }
})->with(['pylon-backpack', 'panel-bench', 'cabin-bench', 'apprentice-box']);

it('lends either of two that do the same, not both, and of one that is there twice one', function (): void {
    $workbook = (new WorkbookCodec())->read((string) json_encode([
        'gondrik' => 1,
        'wires' => [['id' => 'w', 'name' => 'w', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
        'terminals' => [['id' => 't', 'name' => 't', 'class' => 'insulated', 'size' => '12-10 AWG']],
        'tools' => array_map(static fn(string $id): array => ['id' => $id, 'name' => $id, 'kind' => 'cutter', 'capabilities' => [['op' => 'cut', 'single' => '20-10 AWG']]], ['one', 'other', 'twice']),
        'kits' => [
            ['id' => 'both', 'name' => 'both', 'tools' => [['tool' => 'one'], ['tool' => 'other']]],
            ['id' => 'twice', 'name' => 'twice', 'tools' => [['tool' => 'twice', 'count' => 2]]],
        ],
        'scopes' => [['id' => 's', 'name' => 's', 'lines' => [['id' => 'l', 'wire' => 'w', 'terminal' => 't']]]],
    ]));
    $lends = static function (string $kit, string ...$tools) use ($workbook): bool {
        $of = $workbook->kit($kit) ?? throw new LogicException('no such kit');

        return (new Lending(KitAsItStands::onPaper($of), new ShopWork(allWork($workbook))))->canDoWithout(array_map(static fn(string $id): Way => Way::moving($of->tool($id) ?? throw new LogicException('no such tool'), $kit), array_values($tools)));
    };
    expect([$lends('both', 'one'), $lends('both', 'other'), $lends('both', 'one', 'other'), $lends('twice', 'twice')])->toBe([true, true, false, true]);
});

/** @return Workbook with cutters as they are given, each in the kit of its name beside what it requires, and lines that are to be cut for */
function cutters(array $tools, array $kits, array $lines = [[]]): Workbook
{
    return (new WorkbookCodec())->read((string) json_encode([
        'gondrik' => 1,
        'wires' => [['id' => 'w', 'name' => 'w', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
        'terminals' => [['id' => 't', 'name' => 't', 'class' => 'insulated', 'size' => '12-10 AWG']],
        'tools' => array_map(static fn(string $id, array $more): array => ['id' => $id, 'name' => $id, 'kind' => 'cutter', 'capabilities' => [['op' => 'cut', 'single' => '20-10 AWG']], ...$more], array_keys($tools), $tools),
        'kits' => array_map(static fn(string $id, array $has): array => ['id' => $id, 'name' => $id, 'tools' => array_map(static fn(string $tool): array => ['tool' => $tool], $has)], array_keys($kits), $kits),
        'scopes' => [['id' => 's', 'name' => 's', 'lines' => array_map(static fn(int $at, array $line): array => ['id' => 'l' . $at, 'wire' => 'w', 'terminal' => 't', ...$line], array_keys($lines), $lines)]],
    ]));
}

function lendingOf(Workbook $workbook, string $kit): Lending
{
    return new Lending(KitAsItStands::onPaper($workbook->kit($kit) ?? throw new LogicException('no such kit')), new ShopWork(allWork($workbook)));
}

it('does not lend what only another of its tools rests on', function (): void {
    $workbook = cutters(['frame' => ['capabilities' => []], 'blade' => ['requires' => ['frame']]], ['press' => ['frame', 'blade']]);
    $lending = lendingOf($workbook, 'press');
    expect(array_map(static fn(Way $way): bool => $lending->canDoWithout([$way]), $lending->ways()))->toBe([false, false]);
});

it('holds back what stays at its bench for work that can be brought there, though the same work elsewhere never needs it', function (array $lines, bool $lends): void {
    $lending = lendingOf(cutters(['bench' => ['inPlaceOnly' => true]], ['van' => ['bench']], $lines), 'van');
    expect($lending->canDoWithout($lending->ways()))->toBe($lends);
})->with([
    'work that is where it is' => [[[]], true],
    'the same, and some that can be brought' => [[[], ['movable' => true]], false],
    'whichever stands first' => [[['movable' => true], []], false],
]);

it('moves what another kit has to spare, and leaves it what it needs', function (): void {
    $workbook = cutters(['needed' => [], 'spare' => [], 'other' => []], ['poor' => ['needed'], 'rich' => ['spare', 'other']]);
    $lendings = [lendingOf($workbook, 'poor'), lendingOf($workbook, 'rich')];
    $question = new PlanQuestion(KitAsItStands::none(), allWork($workbook), array_merge(...array_map(static fn(Lending $lending): array => $lending->ways(), $lendings)), lendings: $lendings);
    $moved = array_map(static fn(Addition $one): array => [$one->way->tool->id, $one->way->from], (new Planner($question))->plan()->add);
    expect($moved)->toBe([['spare', 'rich']]);
});

it('takes a tool whose force and span are just those of the hand', function (?float $force, ?float $span, bool $isTaken): void {
    $tool = new Tool('t', 'T', ToolKind::Crimper, [], handling: new Handling(handSpan: $span, gripForce: $force));
    expect((new Terms(hand: new Hand(gripForce: 150.0, handSpan: 90.0)))->admits($tool))->toBe($isTaken);
})->with([
    'just so' => [150.0, 90.0, true], 'states none' => [null, null, true], 'stiffer' => [150.1, 90.0, false], 'wider' => [150.0, 90.1, false],
    'the last digit of a computation' => [150.00000000001, 90.00000000001, true],
]);
