<?php

declare(strict_types=1);

/* Seconds and squeezes, by common practice (data/work-times.csv), reckoned by hand from the rows of that table. */

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Labour\Effort;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\LabourRemark;
use Gondrik\Core\Labour\Pace;
use Gondrik\Core\Labour\Rates;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\SheathMethod;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

function labourOf(Workbook $shop, Pace $pace = Pace::Practised): Labour
{
    return Labour::of(Coverage::of($shop->onPaper($shop->kits[0]), $shop->scopes[0], $shop->rulesFor($shop->scopes[0])), Rates::ofTable($pace));
}

/**
 * A shop with a stripper, a crimper and a pump.
 *
 * @param array<string, mixed> $stripper
 * @param array<string, mixed> $crimper
 * @param array<string, mixed> $line
 * @param array<string, mixed> $scope
 */
function labourShop(array $stripper = [], array $crimper = [], array $line = [], array $scope = [], string $pump = 'hand'): Workbook
{
    return (new WorkbookCodec())->read(json_encode([
        'gondrik' => 1,
        'wires' => [['id' => 'wire', 'name' => 'Wire', 'size' => '14 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
        'terminals' => [['id' => 'ring', 'name' => 'Ring', 'class' => 'bare', 'size' => '16-6 AWG', 'wiresPerBarrel' => 3]],
        'tools' => [
            ['id' => 'strip', 'name' => 'Stripper', 'kind' => 'stripper', ...$stripper, 'capabilities' => [['op' => 'strip', 'method' => 'self-adjusting', 'insulation' => ['pvc'], 'size' => '24-10 AWG', ...$stripper['capabilities'] ?? []]]],
            ['id' => 'crimp', 'name' => 'Crimper', 'kind' => 'crimper', ...$crimper, 'capabilities' => [['op' => 'crimp', 'profile' => 'oval', 'control' => 'hydraulic', 'nests' => [['label' => 'all', 'size' => '16-6 AWG']]]]],
            ['id' => 'pump', 'name' => 'Pump', 'kind' => 'other', 'energy' => $pump, 'capabilities' => []],
        ],
        'kits' => [['id' => 'kit', 'name' => 'Kit', 'tools' => [['tool' => 'strip'], ['tool' => 'crimp'], ['tool' => 'pump']]]],
        'scopes' => [['id' => 'scope', 'name' => 'Scope', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'drop' => [['op' => 'cut', 'remark' => 'cut already']], ...$line]], ...$scope]],
    ], JSON_THROW_ON_ERROR));
}

it('adds up seconds and squeezes of what Cover takes', function (array $row): void {
    $labour = labourOf(Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], $row['tools'], $row['rules']), Pace::from($row['pace']));
    expect($labour->all)->toEqual(new Effort((int) $row['seconds'], (int) $row['squeezes']))
        ->and($labour->lines)->toEqual(['line' => $labour->all])
        ->and(array_sum(array_map(static fn(Effort $of): int|float => $of->seconds, $labour->tools)))->toBe($labour->all->seconds);
})->with(CaseTable::of('labour', 'case'));

it('closes a gang stripper over several wires at once, two of them at the most by hand', function (int $gang, string $energy, int $wires, int $seconds, int $squeezes): void {
    $labour = labourOf(labourShop(['energy' => $energy, 'capabilities' => ['gang' => $gang]], [], ['wiresInBarrel' => $wires]));
    expect($labour->tools['strip'] ?? new Effort())->toEqual(new Effort($seconds, $squeezes));
})->with([
    'one by one' => [1, 'hand', 3, 12, 3],
    'two at once, three wires' => [2, 'hand', 3, 8, 2],
    'two at once, two wires' => [2, 'hand', 2, 4, 1],
    'six at once by hand are two' => [6, 'hand', 3, 8, 2],
    'six at once with a drive are six' => [6, 'mains', 3, 4, 0],
    'four at once from a battery, three wires' => [4, 'battery', 3, 4, 0],
    'four at once by gas: no hand, and no drive that squeezes' => [4, 'gas', 3, 4, 1],
]);

it('pumps by hand unless a drive does it, its own or that of what it requires', function (array $crimper, string $pump, int $squeezes): void {
    expect(labourOf(labourShop([], $crimper, [], [], $pump))->tools['crimp'])->toEqual(new Effort(45, $squeezes));
})->with([
    'by hand' => [[], 'hand', 8],
    'from the mains' => [['energy' => 'mains'], 'hand', 0],
    'from a battery' => [['energy' => 'battery'], 'hand', 0],
    'a pump beside it that it does not need' => [[], 'mains', 8],
    'a pump that it requires, from the mains' => [['requires' => ['pump']], 'mains', 0],
    'a pump that it requires, from a battery' => [['requires' => ['pump']], 'battery', 0],
    'a pump that it requires, by foot' => [['requires' => ['pump']], 'hand', 8],
]);

it('goes round a sheath once, however much comes off, where it is not pulled in sections', function (string $method, int $seconds): void {
    $document = json_decode((new WorkbookCodec())->write(Catalogue::workbook('lszh-3x1.5', 'ferrule-1.5', '', 'sheath-cold')));
    $document->tools[0]->capabilities[0]->method = $method;
    expect(labourOf((new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR)))->all)->toEqual(new Effort($seconds, 0));
})->with([
    'pulled, three times 40 mm' => ['pull', 60],
    'scored, once' => ['score', 45],
]);

it('says so where one hand squeezes more than three hundred times a day', function (int $quantity, ?int $days, ?float $perDay, array $remarks): void {
    // A strip and eight strokes: nine squeezes each.
    $labour = labourOf(labourShop([], [], ['quantity' => $quantity], $days === null ? [] : ['days' => $days]));
    expect($labour->squeezesPerDay())->toBe($perDay)->and($labour->remarks())->toBe($remarks)
        ->and($labour->secondsPerDay())->toBe($days === null ? null : 49 * $quantity / $days + 0.0);
})->with([
    'nobody says in how many days' => [1000, null, null, []],
    'just three hundred' => [100, 3, 300.0, []],
    'a squeeze more' => [101, 3, 303.0, [LabourRemark::ManySqueezes]],
]);

it('says so where nobody knows how long a method takes', function (): void {
    $labour = labourOf(labourShop(['capabilities' => ['method' => 'set-depth', 'size' => '24-1 AWG', 'small' => true]]));
    expect($labour->remarks())->toBe([LabourRemark::Untimed])->and($labour->tools)->toHaveKeys(['crimp'])->not->toHaveKey('strip');
});

it('has a time for every operation and method, but for the one that says so', function (): void {
    $rows = array_map(static fn(array $row): string => trim($row['op'] . ' ' . $row['method']), Table::rows('work-times'));
    $methods = [
        Operation::Strip->value => array_column(StripMethod::cases(), 'value'),
        Operation::StripSheath->value => array_column(SheathMethod::cases(), 'value'),
        Operation::Crimp->value => array_column(Control::cases(), 'value'),
        Operation::Sleeve->value => array_column(Heat::cases(), 'value'),
    ];
    $wanted = [];
    foreach (Operation::cases() as $operation) {
        foreach ($methods[$operation->value] ?? [''] as $method) {
            $wanted[] = trim($operation->value . ' ' . $method);
        }
    }
    expect(array_values(array_diff($wanted, $rows)))->toBe(['strip set-depth'])->and(array_diff($rows, $wanted))->toBe([]);
});
