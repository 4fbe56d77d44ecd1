<?php

declare(strict_types=1);

/*
 * Plans against rows that a practitioner can check on a sheet of paper, and against every set of tools looked at one by one.
 */

use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Planning\OpenStep;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\StepRef;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tests\Support\PlanByHand;
use Gondrik\Core\Tests\Support\PlanShop;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Deadline;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Random\Randomizer;

/** @return array<string, mixed> */
function planned(PlanQuestion $question): array
{
    $planner = new Planner($question);

    return (new PlanWriter())->plan($planner->plan(), $planner->curve());
}

/** As the table of cases writes it: what comes in, ">", what goes out, and the cost. */
function writtenNext(?array $next): string
{
    $words = static fn(string $key): string => implode(' ', array_filter(array_column($next['instead'], $key)));

    return $next === null ? '' : $words('in') . '>' . $words('out') . ' ' . $next['cost'];
}

it('plans', function (array $case): void {
    $plan = planned(PlanShop::question($case));
    expect([
        'cost' => (string) $plan['cost'],
        'add' => implode(' ', array_column($plan['add'], 'tool')),
        'covered' => (string) $plan['coveredAfter'],
        'makeshift' => (string) $plan['makeshiftAfter'],
        'open' => implode(' ', array_map(static fn(array $open): string => $open['line'] . ':' . $open['op'], $plan['open'])),
        'curve' => implode(' ', array_map(static fn(array $point): string => $point['cost'] . ':' . $point['covered'], $plan['curve'])),
    ])->toBe(array_intersect_key($case, array_flip(['cost', 'add', 'covered', 'makeshift', 'open', 'curve'])));
    // What is in and what is out stand in no order here.
    $sorted = static fn(string $next): array => array_map(static fn(string $side): array => collect_words($side), explode('>', $next));
    expect($sorted(writtenNext($plan['next'])))->toBe($sorted($case['next']));
})->with(CaseTable::of('plans', 'case'));

/** @return list<string> in order */
function collect_words(string $text): array
{
    $words = preg_split('~ +~', trim($text)) ?: [];
    sort($words);

    return $words;
}

it('comes to what looking at every set of tools comes to', function (int $seed, string $shop): void {
    $question = PlanShop::madeUp($seed, $shop === 'demo' ? static fn(): Workbook => demoShop() : generatedShop(...), 7);
    $plan = planned($question);
    $hand = new PlanByHand($question);
    [$best, $next] = [...$hand->ranked(), null];
    expect(['cost' => $plan['cost'], 'add' => array_column($plan['add'], 'tool'), 'won' => $plan['coveredAfter'], 'makeshift' => $plan['makeshiftAfter'], 'mass' => $plan['mass']])->toBe($best)
        ->and(array_map(static fn(array $point): array => $point + ['add' => []], $plan['curve']))->toBe($hand->curve())
        ->and($plan['next']['cost'] ?? null)->toBe($next['cost'] ?? null);
    if ($next !== null) {
        expect(array_values(array_filter(array_column($plan['next']['instead'], 'in'))))->toEqualCanonicalizing(array_values(array_diff($next['add'], $best['add'])))
            ->and(array_values(array_filter(array_column($plan['next']['instead'], 'out'))))->toEqualCanonicalizing(array_values(array_diff($best['add'], $next['add'])));
    }
    expect($plan['status'])->toBe('optimal')->and($plan['bound'])->toBe($question->isLimited() ? $plan['coveredAfter'] : $plan['cost']);
})->with(range(1, 24))->with(['demo', 'made up']);

it('comes to what looking at every set comes to where steps want a backup', function (int $seed): void {
    $question = PlanShop::madeUp($seed, static fn(): Workbook => demoShop(), 4, [Operation::Crimp, Operation::Strip]);
    $plan = planned($question);
    $hand = new PlanByHand($question);
    expect(['cost' => $plan['cost'], 'add' => array_column($plan['add'], 'tool'), 'won' => $plan['coveredAfter'], 'makeshift' => $plan['makeshiftAfter'], 'mass' => $plan['mass']])->toBe($hand->ranked()[0])
        ->and(array_map(static fn(array $point): array => $point + ['add' => []], $plan['curve']))->toBe($hand->curve());
})->with(range(51, 62));

it('comes to what looking at every set comes to of a kit on a day, with seldom things in it and others that may count again', function (int $seed, string $shop): void {
    $question = PlanShop::madeUp($seed, $shop === 'demo' ? static fn(): Workbook => demoShop() : generatedShop(...), 6, onDay: true);
    $plan = planned($question);
    $hand = new PlanByHand($question);
    // What is called back costs nothing: of points of one cost by hand only the last is kept.
    $curve = array_values(array_column(array_map(static fn(array $point): array => $point + ['add' => []], $plan['curve']), null, 'cost'));
    expect(['cost' => $plan['cost'], 'add' => array_column($plan['add'], 'tool'), 'won' => $plan['coveredAfter'], 'makeshift' => $plan['makeshiftAfter'], 'mass' => $plan['mass']])->toBe($hand->ranked()[0])
        ->and($curve)->toBe($hand->curve())
        ->and($plan['next']['cost'] ?? null)->toBe($hand->ranked()[1]['cost'] ?? null);
})->with(range(101, 124))->with(['demo', 'made up']);

function generatedShop(Randomizer $random): Workbook
{
    return (new WorkbookCodec())->readStored(GeneratedWorkbook::of($random->getInt(1, 100_000), 12, 24));
}

function demoShop(): Workbook
{
    static $shop = null;

    return $shop ??= (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/tarnholt-ropeway.json'));
}

it('says of each tool what taking it out says', function (int $seed): void {
    $question = PlanShop::madeUp($seed, static fn(): Workbook => demoShop(), 4);
    $plan = (new Planner($question))->plan();
    expect((new PlanWriter())->plan($plan, [])['roles'])->toBe((new PlanByHand($question))->roles($plan->kit->of));
})->with(range(31, 38));

it('finds pairs of which either can be done without, but not both', function (): void {
    $question = PlanShop::question(['kit' => 'basic', 'scopes' => 'rings', 'options' => 'with=strip-all']);
    $plan = (new Planner($question))->plan();
    $pairs = array_map(static fn($pair): array => [$pair->one->id, $pair->other->id, $pair->lines, $pair->quantity], $plan->pairs);
    expect($pairs)->toBe([['strip-thin', 'strip-all', ['r18'], 40], ['oval-red', 'oval-both-light', ['r18'], 40]]);
});

it('names the steps that each addition closes, and what it requires too', function (): void {
    $plan = planned(PlanShop::question(['kit' => 'frame', 'scopes' => 'lugs cold', 'options' => '']));
    expect(array_column($plan['add'], 'closes', 'tool'))->toBe([
        'dies-6' => [['line' => 'lugs/l6', 'step' => 2]],
        'ferrule-tool' => [['line' => 'cold/c1', 'step' => 3], ['line' => 'cold/f1', 'step' => 2]],
    ]);
});

it('refuses limits that are broken before anything is planned', function (string $options, string $field, string $expected): void {
    expect(static fn(): PlanQuestion => PlanShop::question(['kit' => 'basic', 'scopes' => 'rings', 'options' => $options]))
        ->toThrow(static function (Invalid $error) use ($field, $expected): void {
            expect($error->field)->toBe($field)->and($error->expected)->toContain($expected);
        });
})->with([
    'a kit that is too heavy' => ['mass=799', 'mass', 'at least 800 g'],
    'too heavy with what is bought in any case' => ['mass=900 with=strip-all', 'mass', 'at least 1000 g'],
    'dearer than the budget' => ['budget=4499 with=strip-all', 'budget', 'at least 4500'],
]);

it('gives the best it has when time is up, with a bound', function (): void {
    $question = PlanShop::question(['kit' => '', 'scopes' => 'rings lugs cold', 'options' => 'budget=14000']);
    $whole = planned($question);
    $cut = (new PlanWriter())->plan((new Planner($question, Deadline::in(0.0)))->plan(), []);
    expect($cut['status'])->toBe($cut['bound'] > $cut['coveredAfter'] ? 'feasible' : 'optimal')
        ->and($cut['coveredAfter'])->toBeLessThanOrEqual($whole['coveredAfter'])
        ->and($cut['bound'])->toBeGreaterThanOrEqual($whole['coveredAfter'])
        ->and($cut['cost'])->toBeLessThanOrEqual(14000);
});

it('leaves out money that makes no termination count, and tells what it would close', function (string $kit, string $scopes): void {
    $asked = PlanShop::question(['kit' => $kit, 'scopes' => $scopes, 'options' => '']);
    $all = (new Planner($asked))->plan();
    $plan = (new Planner($asked->forTerminations()))->plan();
    $steps = static fn(array $open): array => array_map(static fn(OpenStep $step): string => $step->line->id . '/' . $step->step, $open);
    $closed = array_values(array_diff($steps($plan->open), $steps($all->open)));
    expect($plan->coveredAfter)->toBe($all->coveredAfter)
        ->and($plan->cost)->toBeLessThanOrEqual($all->cost)
        ->and($all->beyond)->toBeNull()
        ->and($plan->cost + ($plan->beyond->cost ?? 0))->toBe($all->cost)
        ->and(array_map(static fn(StepRef $step): string => $step->line->id . '/' . $step->step, $plan->beyond->steps ?? []))->toBe($closed);
})->with(static function (): Generator {
    foreach (PlanShop::workbook()->kits as $kit) {
        foreach (PlanShop::workbook()->scopes as $scope) {
            yield $kit->id . ' ' . $scope->id => [$kit->id, $scope->id];
        }
    }
});

it('plans the demo tower for what counts: the stripper of one makeshift line, 39.00, is offered and not taken', function (): void {
    $shop = (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/tarnholt-ropeway.json'));
    $kit = $shop->kit('pylon-backpack');
    $tower = $shop->scope('tower-7');
    $ways = array_map(static fn(Tool $tool): ?Way => $kit->tool($tool->id) === null ? Way::buying($tool) : null, $shop->tools);
    $plan = (new Planner(new PlanQuestion(KitAsItStands::onPaper($kit), [new PlannedScope($tower, $shop->rulesFor($tower))], array_values(array_filter($ways)), onlyTerminations: true)))->plan();
    expect($plan->cost)->toBe(103_400)
        ->and($plan->coveredAfter)->toBe(140)
        ->and($plan->beyond?->cost)->toBe(3_900)
        ->and(array_map(static fn(StepRef $step): string => $step->line->id, $plan->beyond->steps ?? []))->toBe(['sensor']);
});
