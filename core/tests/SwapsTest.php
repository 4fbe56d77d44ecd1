<?php

declare(strict_types=1);

/* What other tools would save, when a machine has paid for itself, and how many of a tool several people need: worked by hand. */

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Labour\BreakEven;
use Gondrik\Core\Labour\Effort;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\Measured;
use Gondrik\Core\Labour\Pace;
use Gondrik\Core\Labour\Rates;
use Gondrik\Core\Labour\Sharing;
use Gondrik\Core\Labour\Swap;
use Gondrik\Core\Labour\Swaps;
use Gondrik\Core\Output\LabourWriter;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/**
 * A kit with a notch stripper and a hand pump for crimps; on the shelf beside it what could be had.
 *
 * @param list<array<string, mixed>> $log
 * @param list<string>               $packed
 */
function swapShop(array $log = [], array $packed = ['notch', 'pump-hand'], int $quantity = 10): Workbook
{
    $strips = static fn(string $id, string $method, array $more = []): array => ['id' => $id, 'name' => $id, 'kind' => 'stripper', ...$more, 'capabilities' => [['op' => 'strip', 'method' => $method, 'insulation' => ['pvc'], ...$method === 'notch' ? ['positions' => [['label' => '14', 'stranded' => '14 AWG']]] : ['size' => '24-10 AWG'], ...$more['capabilities'][0] ?? []]]];
    $crimps = static fn(string $id, string $control, array $more = [], string $size = '16-6 AWG'): array => ['id' => $id, 'name' => $id, 'kind' => 'crimper', ...$more, 'capabilities' => [['op' => 'crimp', 'profile' => 'oval', 'control' => $control, 'nests' => [['label' => 'all', 'size' => $size]]]]];

    return (new WorkbookCodec())->read(json_encode([
        'gondrik' => 1,
        'wires' => [['id' => 'wire', 'name' => 'Wire', 'size' => '14 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
        'terminals' => [['id' => 'ring', 'name' => 'Ring', 'class' => 'bare', 'size' => '16-6 AWG']],
        'tools' => [
            $strips('notch', 'notch'),
            $crimps('pump-hand', 'hydraulic'),
            $strips('jaws', 'self-adjusting', ['price' => 9000]),
            $strips('knife', 'knife', ['price' => 500]),
            $crimps('ratchet', 'full-cycle', ['price' => 12000]),
            $crimps('ratchet-small', 'full-cycle', ['price' => 100], '22-16 AWG'),
            $crimps('press', 'full-cycle', ['price' => 90000, 'requires' => ['motor'], 'energy' => 'hand']),
            ['id' => 'motor', 'name' => 'motor', 'kind' => 'other', 'energy' => 'mains', 'price' => 30000, 'capabilities' => []],
            $crimps('pump-battery', 'hydraulic', ['energy' => 'battery']),
            $crimps('lost', 'full-cycle', ['requires' => ['press']]),
            ['id' => 'both', 'name' => 'both', 'kind' => 'crimper', 'price' => 700000, 'energy' => 'mains', 'capabilities' => [...$strips('s', 'self-adjusting', ['capabilities' => [['gang' => 2]]])['capabilities'], ...$crimps('c', 'hydraulic')['capabilities']]],
        ],
        'kits' => [['id' => 'kit', 'name' => 'Kit', 'tools' => array_map(static fn(string $tool): array => ['tool' => $tool], $packed)]],
        'scopes' => [['id' => 'scope', 'name' => 'Scope', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => $quantity, 'drop' => [['op' => 'cut', 'remark' => 'cut already']]]]]],
        'people' => [['id' => 'ada', 'name' => 'Ada'], ['id' => 'bo', 'name' => 'Bo']],
        'log' => array_map(static fn(array $entry, int $at): array => ['id' => 'e' . $at, 'what' => 'timed', ...$entry], $log, array_keys($log)),
    ], JSON_THROW_ON_ERROR));
}

/** @param list<string>|null $may ids of the tools that may be had; null for all of the shop */
function swapsOf(Workbook $shop, ?Rates $rates = null, ?array $may = null): Swaps
{
    $report = Coverage::of($shop->onPaper($shop->kits[0]), $shop->scopes[0], $shop->rulesFor($shop->scopes[0]));

    return new Swaps($report, $rates ?? Rates::ofTable(Pace::Practised), array_values(array_filter($shop->tools, static fn(object $tool): bool => $may === null || in_array($tool->id, $may, true))));
}

/**
 * @param list<Swap> $swaps
 *
 * @return array<string, array{int|float, int, int|null}> seconds, squeezes and price by tool
 */
function savings(array $swaps): array
{
    return array_combine(array_map(static fn(Swap $one): string => $one->tool->id, $swaps), array_map(static fn(Swap $one): array => [$one->seconds(), $one->squeezes(), $one->price()], $swaps));
}

it('tells what takes less time, most first', function (): void {
    // Ten crimps: a pump by hand 45 s and 8 squeezes each, a ratchet 10 s and 1; ten strips: a notch 6 s, self-adjusting jaws 4 s.
    $faster = swapsOf(swapShop())->faster();
    expect(savings($faster))->toBe([
        'ratchet' => [350, 70, 12000],
        // With a motor no hand squeezes.
        'press' => [350, 80, 120000],
        // It requires the press, and that the motor; it has no price itself.
        'lost' => [350, 70, null],
        'jaws' => [20, 0, 9000],
        // It pumps no faster.
        'both' => [20, 10, 700000],
    ]);
    [$ratchet, $press, $lost, $jaws] = $faster;
    expect($jaws->operations)->toBe([Operation::Strip])->and($jaws->instead)->toBe(['notch'])->and($jaws->pieces)->toBe(10)->and($jaws->before)->toEqual(new Effort(60, 10))
        ->and(array_column($press->with, 'id'))->toBe(['motor'])
        ->and(array_column($lost->with, 'id'))->toBe(['press', 'motor'])
        ->and($ratchet->isInKit)->toBeFalse()->and($ratchet->with)->toBe([]);
});

it('tells what spares the hand, though it takes as long', function (): void {
    // A knife asks for no squeeze; on so thin a wire it is a makeshift, and no better for that.
    $lighter = swapsOf(swapShop())->lighter();
    // At one termination it takes over two steps.
    expect([$lighter[0]->pieces, $lighter[0]->operations])->toBe([10, [Operation::Strip, Operation::Crimp]])
        ->and(savings($lighter))->toBe([
            'both' => [20, 90, 700000],
            'press' => [350, 80, 120000],
            'pump-battery' => [0, 80, null],
            'ratchet' => [350, 70, 12000],
            'lost' => [350, 70, null],
        ]);
});

it('tells it by name, without what things cost and whose hands they were where that is not for everybody', function (): void {
    $shop = swapShop([['on' => '2027-01-05', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 90, 'person' => 'ada', 'by' => 'bo']], ['both', 'notch']);
    $report = Coverage::of($shop->onPaper($shop->kits[0]), $shop->scopes[0], $shop->rulesFor($shop->scopes[0]));
    $measured = Measured::of($shop->register->log);
    $rates = Rates::ofShop(Pace::Practised, $measured, null);
    $told = static fn(bool $withCosts, bool $withPeople): array => (new LabourWriter())->told($report, Labour::of($report, $rates), $measured, swapsOf($shop, $rates), null, $withCosts, $withPeople, new Sharing(3, 1.0));
    $all = $told(true, true);
    expect(array_column($all['tools'], 'gang', 'tool'))->toBe(['both' => ['wires' => 2, 'byHand' => false]])
        ->and(array_column($all['tools'], 'needed', 'tool'))->toBe(['both' => 1])
        ->and(array_column($all['faster'], 'price', 'tool'))->toMatchArray(['ratchet' => 12000])
        ->and(array_filter(array_column($told(false, true)['faster'], 'price', 'tool')))->toBe([]);
    $kit = swapShop([['on' => '2027-01-05', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 90, 'person' => 'ada', 'by' => 'bo']]);
    $of = Coverage::of($kit->onPaper($kit->kits[0]), $kit->scopes[0], $kit->rulesFor($kit->scopes[0]));
    $own = static fn(bool $withPeople): array => (new LabourWriter())->told($of, Labour::of($of, $rates), Measured::of($kit->register->log), swapsOf($kit, $rates), null, false, $withPeople, null)['rates'][0]['own'][0];
    expect([$own(true)['person'], $own(true)['by'], $own(true)['each']])->toBe(['Ada', 'Bo', 9.0])
        ->and([$own(false)['person'], $own(false)['by'], $own(false)['each']])->toBe([null, null, 9.0]);
});

it('does not offer what needs a thing that cannot be had, or would do it worse', function (): void {
    expect(array_keys(savings(swapsOf(swapShop(), may: ['press', 'ratchet-small', 'jaws'])->faster())))->toBe(['jaws']);
});

it('tells of the kit itself what had better be reached for first: it costs nothing', function (): void {
    $swap = swapsOf(swapShop(packed: ['notch', 'jaws', 'pump-hand']), may: [])->faster()[0];
    expect([$swap->tool->id, $swap->isInKit, $swap->price(), $swap->seconds()])->toBe(['jaws', true, 0, 20]);
});

it('goes by what the shop has measured: the hand decides, then the mean of all hands, then the table', function (?string $person, float $seconds): void {
    $shop = swapShop([
        ['on' => '2027-01-05', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 90, 'person' => 'ada'],
        ['on' => '2027-01-04', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 500, 'person' => 'ada'],
        ['on' => '2027-01-06', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 20, 'seconds' => 60],
        ['on' => '2027-01-06', 'tool' => 'jaws', 'op' => 'strip', 'pieces' => 10, 'seconds' => 1, 'person' => 'ada'],
    ]);
    $measured = Measured::of($shop->register->log);
    $report = Coverage::of($shop->onPaper($shop->kits[0]), $shop->scopes[0], $shop->rulesFor($shop->scopes[0]));
    $labour = Labour::of($report, Rates::ofShop(Pace::Practised, $measured, $person));
    // Nobody has measured the pump: ten times 45 s.
    expect($labour->tools['notch'])->toEqual(new Effort($seconds, 10))->and($labour->tools['pump-hand'])->toEqual(new Effort(450, 80));
})->with([
    'Ada herself: 9 s each, her latest' => ['ada', 90.0],
    'Bo has not measured: the mean of 9 s and 3 s' => ['bo', 60.0],
    'nobody in particular' => [null, 60.0],
]);

it('asks the log up to a day, and less what was voided', function (): void {
    $shop = swapShop([
        ['on' => '2027-01-04', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 50.5, 'person' => 'ada'],
        ['on' => '2027-01-05', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 90, 'person' => 'ada'],
        ['on' => '2027-01-06', 'what' => 'void', 'entry' => 'e1'],
        ['on' => '2027-01-07', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 70, 'person' => 'bo'],
    ]);
    $notch = $shop->tools[0];
    $on = static fn(string $day): ?float => Measured::of($shop->register->log, Day::read($day))->each($notch, $notch->capabilities[0], null);
    expect([$on('2027-01-03'), $on('2027-01-04'), $on('2027-01-06'), $on('2027-01-07')])->toBe([null, 5.05, 5.05, 6.025])
        ->and(array_map(static fn(object $one): string => $one->id, Measured::of($shop->register->log)->by($notch, Operation::Strip)))->toBe(['e0', 'e3'])
        ->and(Measured::of($shop->register->log)->by($notch, Operation::Crimp))->toBe([]);
});

it('takes of a tool that nobody has timed what others take that work in the same way, by hand or with a drive', function (string $tool, ?float $each): void {
    $shop = swapShop([
        ['on' => '2027-01-05', 'tool' => 'pump-hand', 'op' => 'crimp', 'pieces' => 10, 'seconds' => 300],
        ['on' => '2027-01-05', 'tool' => 'ratchet', 'op' => 'crimp', 'pieces' => 10, 'seconds' => 120],
        ['on' => '2027-01-06', 'tool' => 'ratchet-small', 'op' => 'crimp', 'pieces' => 10, 'seconds' => 80, 'person' => 'ada'],
    ]);
    $of = array_column($shop->tools, null, 'id')[$tool];
    expect(Measured::of($shop->register->log)->each($of, $of->capabilities[0], 'ada'))->toBe($each);
})->with([
    'itself' => ['ratchet', 12.0],
    'her own' => ['ratchet-small', 8.0],
    'one of the same method: the mean of the two' => ['lost', 10.0],
    'with a drive: none was timed' => ['pump-battery', null],
    'another operation' => ['notch', null],
]);

it('refuses a time that cannot be', function (array $entry, string $path): void {
    try {
        swapShop([['on' => '2027-01-05', 'tool' => 'notch', 'op' => 'strip', 'pieces' => 10, 'seconds' => 60, ...$entry]]);
        $told = [];
    } catch (InvalidWorkbook $refused) {
        $told = array_column($refused->problems, 'path');
    }
    expect($told)->toBe([$path]);
})->with([
    'something else than the tool does' => [['op' => 'crimp'], 'log/0/op'],
    'no pieces' => [['pieces' => 0], 'log/0/pieces'],
    'no time' => [['seconds' => 0], 'log/0/seconds'],
    'a day and more' => [['seconds' => 86401], 'log/0/seconds'],
    'a tool that there is not' => [['tool' => 'gone'], 'log/0/tool'],
    'somebody who is not there' => [['person' => 'gone'], 'log/0/person'],
]);

it('tells from how many pieces on something pays', function (array $row): void {
    $piece = $row['by the piece'] === '' ? null : (float) $row['by the piece'];
    $of = new BreakEven((int) $row['pieces'], (float) $row['before'], (float) $row['after'], (int) $row['price'], (int) $row['wage'], $piece);
    $number = static fn(string $text): ?int => $text === 'never' || $text === '' ? null : (int) $text;
    expect($of->from())->toBe($number($row['from']))
        ->and($of->fromAgainstPiece())->toBe($number($row['from against the piece']))
        ->and($of->isPieceCheaper())->toBe(['' => null, 'yes' => true, 'no' => false][$row['piece is cheaper']])
        ->and(round($of->asItIs(), 4))->toBe((float) $row['each'])
        ->and(round($of->withIt(), 4))->toBe((float) $row['each with it']);
    $months = $row['days'] === '' ? null : $of->months((int) $row['days']);
    expect($months === null ? '' : (string) round($months, 3))->toBe($row['months']);
    // At the number before, the two come to the same or it is dearer; at the number itself it is not.
    $from = $of->from();
    if ($from !== null) {
        $saves = static fn(int $made): float => $made * ($of->asItIs() - $of->withIt());
        expect($saves($from))->toBeGreaterThan($of->price)->and($saves($from - 1))->toBeLessThanOrEqual($of->price + 1e-6);
    }
})->with(CaseTable::of('break-even', 'case'));

it('refuses to reckon with nothing', function (): void {
    expect(static fn(): BreakEven => new BreakEven(0, 1, 1, 1, 1))->toThrow(InvalidArgumentException::class)
        ->and(static fn(): Sharing => new Sharing(0, 1.0))->toThrow(InvalidArgumentException::class)
        ->and(static fn(): Sharing => new Sharing(1, 0.0))->toThrow(InvalidArgumentException::class);
});

it('tells how many of a tool several people need', function (int|float $seconds, int $people, float $hours, int $tools): void {
    expect((new Sharing($people, $hours))->of($seconds))->toBe($tools);
})->with([
    'one in hand for a quarter of an hour each, twelve people in three hours' => [900, 12, 3.0, 1],
    'a minute more' => [960, 12, 3.0, 2],
    'just as long as there is time' => [900, 12, 1.5, 2],
    'never more than one each' => [36000, 4, 1.0, 4],
    'nobody needs what is not used' => [0, 12, 3.0, 0],
    'a fraction of a second, measured' => [0.1 * 3, 12000, 1.0, 1],
]);
