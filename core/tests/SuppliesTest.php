<?php

declare(strict_types=1);

use Gondrik\Core\Output\OrderTable;
use Gondrik\Core\Output\SuppliesWriter;
use Gondrik\Core\Planning\Awaited;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Supplies\FirstOrder;
use Gondrik\Core\Supplies\Supply;
use Gondrik\Core\Supplies\TubeOver;
use Gondrik\Core\Supplies\TubeSizes;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\SupplyShop;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Wording\ItemName;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/* What is on the shelf, what the work asks for, and what to buy. */

/**
 * @param array<string, mixed> $with keys of the workbook in place of these
 *
 * @return array<string, mixed>
 */
function supplyDocument(array $with = []): array
{
    return [
        'gondrik' => 1,
        'wires' => [['id' => 'wire', 'name' => 'Wire', 'size' => '14 AWG', 'construction' => 'stranded', 'insulation' => 'pvc', 'insulationOd' => 3.0]],
        'terminals' => [
            ['id' => 'ring', 'name' => 'Ring', 'class' => 'insulated', 'size' => '16-14 AWG'],
            ['id' => 'bare', 'name' => 'Bare ring', 'class' => 'bare', 'size' => '16-14 AWG', 'sleeve' => 'plain', 'barrel' => ['od' => 3.4, 'length' => 6.0]],
            ['id' => 'tiny', 'name' => 'Tiny ring', 'class' => 'insulated', 'size' => '26-24 AWG'],
        ],
        'scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => 30]]]],
        'stock' => [['id' => 'rings', 'item' => ['terminal' => 'ring'], 'packs' => [['name' => '100', 'pieces' => 100, 'price' => 900]]]],
        ...$with,
    ];
}

function supplyShop(array $with = []): Workbook
{
    return (new WorkbookCodec())->read(json_encode(supplyDocument($with), JSON_THROW_ON_ERROR));
}

/** @return array<string, Supply> by what it is */
function suppliesOf(Workbook $shop, string $on = '2027-03-10'): array
{
    $by = [];
    foreach ($shop->supplies($shop->scopes, Day::read($on))->items as $item) {
        $by[$item->item->key()] = $item;
    }

    return $by;
}

it('asks for what has no pack yet in the amounts in which it is usually bought', function (string $terminal, int $short, int $amount): void {
    $made = $terminal === '' ? [] : (array) json_decode($terminal, true);
    $item = match (true) {
        isset($made['sleeve']) => new StockItem(sleeve: (string) $made['sleeve']),
        isset($made['name']) => new StockItem(name: (string) $made['name']),
        default => StockItem::ofTerminal((new WorkbookCodec())->read(json_encode(['gondrik' => 1, 'terminals' => [['id' => 't', 'name' => 'T', 'size' => '16-14 AWG', ...$made]]], JSON_THROW_ON_ERROR))->terminals[0]),
    };
    expect(FirstOrder::of($item, $short))->toBe($amount);
})->with([
    'rings by the hundred' => ['{"class": "insulated", "shape": "ring"}', 16, 100],
    'just a hundred' => ['{"class": "insulated", "shape": "ring"}', 100, 100],
    'a butt more than a hundred' => ['{"class": "insulated", "shape": "butt", "ends": 2}', 101, 200],
    'forks few' => ['{"class": "insulated", "shape": "fork"}', 16, 25],
    'ferrules by the hundred' => ['{"class": "ferrule"}', 1, 100],
    'contacts, too' => ['{"class": "open-barrel", "shape": "contact"}', 1, 100],
    'lugs one by one' => ['{"class": "lug", "shape": "ring"}', 3, 3],
    'all else by fifty' => ['{"class": "insulated", "shape": "bullet"}', 51, 100],
    'tube by the metre' => ['{"sleeve": "1/4 in"}', 1001, 2000],
    'what has a name as it is' => ['{"name": "Solder"}', 7, 7],
]);

it('buys the cheapest packs and boxes that bring what is short', function (array $row): void {
    $shop = SupplyShop::of($row['packs'], $row['boxes'], $row['short']);
    $purchase = $shop->purchase();
    expect([$shop->told($purchase), $purchase->outlay->cents, $purchase->left])->toBe([$row['buys'], (int) $row['comes to'], (int) $row['left']])
        ->and($purchase->isProven())->toBeTrue();
})->with(CaseTable::of('buying', 'case'));

it('knows how much there is and when it runs out', function (array $row): void {
    $log = [];
    foreach (array_filter(array_map(trim(...), explode(';', $row['log']))) as $at => $text) {
        [$on, $what, $of] = explode(' ', $text);
        $log[] = ['id' => (string) ($at + 1), 'on' => $on, 'what' => $what, ...$what === 'void' ? ['entry' => $of] : ['stock' => 'rings', 'pieces' => (int) $of]];
    }
    $shop = supplyShop(['stock' => [['id' => 'rings', 'item' => ['terminal' => 'ring'], 'perWeek' => (float) $row['per week'], 'leadDays' => (int) $row['lead days']]], 'log' => $log]);
    $rings = suppliesOf($shop, $row['on'])['terminal/ring'];
    expect([
        'have' => (string) $rings->have,
        'reorder point' => (string) $rings->reorderPoint,
        'reorder' => $rings->reorder ? 'yes' : '',
        'runs out' => (string) $rings->runsOut?->plain(),
        'counted' => (string) $rings->countedOn?->plain(),
    ])->toBe(array_intersect_key($row, array_flip(['have', 'reorder point', 'reorder', 'runs out', 'counted'])));
})->with(CaseTable::of('on-hand', 'case'));

it('tells by how much more was taken than was told to be there', function (): void {
    $shop = supplyShop(['log' => [['id' => '1', 'on' => '2027-03-01', 'what' => 'counted', 'stock' => 'rings', 'pieces' => 10], ['id' => '2', 'on' => '2027-03-02', 'what' => 'used', 'stock' => 'rings', 'pieces' => 15]]]);
    expect([suppliesOf($shop)['terminal/ring']->book, suppliesOf($shop)['terminal/ring']->have])->toBe([-5, 0]);
});

it('takes what is spoilt along, and reckons as decimals are written', function (float $scrap, int $quantity, int $need): void {
    $shop = supplyShop(['houseRules' => ['scrap' => $scrap], 'scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring', 'quantity' => $quantity]]]]]);
    expect(suppliesOf($shop)['terminal/ring']->need)->toBe($need);
})->with([
    '30 × 1.1 is 33 and not 34' => [0.1, 30, 33],
    'one more is begun' => [0.1, 31, 35],
    'two in a hundred of fifty' => [0.02, 50, 51],
    'two in a hundred of one is a second one' => [0.02, 1, 2],
    'nothing is spoilt' => [0.0, 50, 50],
    'half in a hundred of four hundred' => [0.005, 400, 402],
    'a hundred-thousandth of a hundred thousand' => [0.00001, 100000, 100001],
]);

it('rounds up line by line, asks the scope for its rules, and leaves what is faulty', function (): void {
    $line = ['wire' => 'wire', 'terminal' => 'ring', 'quantity' => 1];
    $shop = supplyShop(['scopes' => [
        ['id' => 'a', 'name' => 'A', 'lines' => [['id' => 'l1', ...$line], ['id' => 'l2', ...$line]]],
        ['id' => 'b', 'name' => 'B', 'houseRules' => ['scrap' => 0], 'lines' => [['id' => 'l1', ...$line], ['id' => 'l2', 'wire' => 'wire', 'terminal' => 'tiny', 'quantity' => 9]]],
    ]]);
    expect(suppliesOf($shop)['terminal/ring']->need)->toBe(5)
        ->and(suppliesOf($shop))->not->toHaveKey('terminal/tiny')
        ->and($shop->supplies([$shop->scopes[1]], Day::read('2027-03-10'))->items[0]->need)->toBe(1);
});

it('cuts a tube for each line that gets one, and tells where none is known', function (): void {
    $lines = [
        // 6 mm of barrel and 6 mm of insulation, shrunk by a tenth: 12 / 0.9 = 13.3, so 14 mm of tube. 3.4 × 1.1 = 3.74: the size of 4.8 mm goes over it.
        ['id' => 'l1', 'wire' => 'wire', 'terminal' => 'bare', 'quantity' => 50],
        ['id' => 'l2', 'wire' => 'wire', 'terminal' => 'ring', 'sleeve' => 'plain', 'quantity' => 4],
    ];
    $shop = supplyShop(['scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => $lines]], 'stock' => [['id' => 'tube', 'item' => ['sleeve' => '3/16 in']]]]);
    $all = $shop->supplies($shop->scopes, Day::read('2027-03-10'));
    expect(suppliesOf($shop)['sleeve/plain/3/16 in']->need)->toBe(51 * 14)
        ->and($all->unsized)->toBe(['work/l2'])
        ->and(array_map(static fn(TubeSizes $of): array => [$of->size->name, $of->lines], $all->sizes))->toBe([['3/16 in', ['work/l1']]])
        // Where no stock is kept of it, it is told behind the stocks: terminals, then tubes.
        ->and(array_keys(suppliesOf(supplyShop(['scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => $lines]], 'stock' => [['id' => 'tape', 'item' => ['name' => 'Tape']]]]))))->toBe(['name/Tape', 'terminal/ring', 'terminal/bare', 'sleeve/plain/3/16 in']);
});

it('keeps a tube whose length nobody knows among the sizes, and out of the stock', function (): void {
    $shop = supplyShop([
        'terminals' => [['id' => 'bare', 'name' => 'Bare ring', 'class' => 'bare', 'size' => '16-14 AWG', 'sleeve' => 'plain', 'barrel' => ['od' => 3.4]]],
        'scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'bare']]]],
        'stock' => [],
    ]);
    $all = $shop->supplies($shop->scopes, Day::read('2027-03-10'));
    expect($all->unsized)->toBe(['work/l1'])
        ->and(array_map(static fn(TubeSizes $of): array => $of->lines, $all->sizes))->toBe([['work/l1']])
        ->and(array_keys(suppliesOf($shop)))->toBe(['terminal/bare']);
});

it('cuts off the smaller of two sizes that would both do', function (): void {
    // 3.7 × 1.1 = 4.07 and 3.6 × 0.9 = 3.24: 4.8 to 2.4 mm does it, and 6.4 to 3.2 mm.
    $shop = supplyShop([
        'wires' => [['id' => 'wire', 'name' => 'Wire', 'size' => '14 AWG', 'construction' => 'stranded', 'insulation' => 'pvc', 'insulationOd' => 3.6]],
        'terminals' => [['id' => 'bare', 'name' => 'Bare ring', 'class' => 'bare', 'size' => '16-14 AWG', 'sleeve' => 'plain', 'barrel' => ['od' => 3.7, 'length' => 6.0]]],
        'scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'bare']]]],
        'stock' => [],
    ]);
    expect(suppliesOf($shop))->toHaveKey('sleeve/plain/3/16 in')->not->toHaveKey('sleeve/plain/1/4 in');
});

it('does not buy what no stock is kept of, and says that it stays open', function (): void {
    $shop = supplyShop(['stock' => []]);
    $rings = suppliesOf($shop)['terminal/ring'];
    expect([$rings->stock, $rings->have, $rings->short, $rings->open, $rings->buy, $rings->reorder, $rings->runsOut])->toBe([null, 0, 31, 31, [], false, null])
        ->and($shop->supplies($shop->scopes, Day::read('2027-03-10'))->isOpen())->toBeTrue()
        ->and(supplyShop()->supplies(supplyShop()->scopes, Day::read('2027-03-10'))->isOpen())->toBeFalse();
});

it('orders for some weeks of the usual use, and tells how long all of it lasts', function (): void {
    $shop = supplyShop(['stock' => [['id' => 'rings', 'item' => ['terminal' => 'ring'], 'perWeek' => 12.5, 'packs' => [['name' => '50', 'pieces' => 50, 'price' => 500], ['name' => '10', 'pieces' => 10, 'price' => 110]]]]]);
    $of = static fn(int $weeks): Supply => $shop->supplies($shop->scopes, Day::read('2027-03-10'), $weeks)->items[0];
    expect([$of(0)->short, $of(0)->brought, $of(0)->lasts?->plain()])->toBe([31, 40, '2027-03-15'])
        // 12.5 a week for three weeks are 38 pieces: 69 in all, and of 70 the work leaves 39 for 21 days.
        ->and([$of(3)->need, $of(3)->reserve, $of(3)->short, $of(3)->brought, $of(3)->lasts?->plain()])->toBe([31, 38, 69, 70, '2027-03-31'])
        ->and($of(0)->runsOut?->plain())->toBe('2027-03-10');
});

it('counts what a divided box brings of each', function (): void {
    $shop = supplyShop([
        'stock' => [['id' => 'rings', 'item' => ['terminal' => 'ring'], 'packs' => [['name' => '10', 'pieces' => 10, 'price' => 310]]], ['id' => 'tape', 'item' => ['name' => 'Tape'], 'perWeek' => 1]],
        'boxes' => [['id' => 'box', 'name' => 'Box', 'price' => 600, 'holds' => [['stock' => 'rings', 'pieces' => 25], ['stock' => 'tape', 'pieces' => 2]]]],
    ]);
    $supplies = $shop->supplies($shop->scopes, Day::read('2027-03-10'));
    expect([$supplies->items[0]->brought, $supplies->items[1]->brought, $supplies->items[1]->lasts?->plain(), $supplies->items[1]->runsOut?->plain()])->toBe([35, 2, '2027-03-24', '2027-03-10'])
        ->and([$supplies->purchase->outlay->cents, $supplies->packByPack()])->toBe([910, 4 * 310]);
});

it('knows what small packs alone would cost, where they would do', function (array $packs, ?int $cents): void {
    expect(($shop = supplyShop(['stock' => [['id' => 'rings', 'item' => ['terminal' => 'ring'], 'packs' => $packs]], 'boxes' => [['id' => 'box', 'name' => 'Box', 'price' => 100, 'holds' => [['stock' => 'rings', 'pieces' => 50]]]]]))->supplies($shop->scopes, Day::read('2027-03-10'))->packByPack())->toBe($cents);
})->with([
    'the smallest pack, whatever its place' => [[['name' => '100', 'pieces' => 100, 'price' => 900], ['name' => '10', 'pieces' => 10, 'price' => 200]], 800],
    'no pack, only a box' => [[], null],
]);

it('tells of the stock what is short or to be ordered, what is used up first before the rest', function (): void {
    $shop = supplyShop([
        'stock' => [['id' => 'rings', 'item' => ['terminal' => 'ring']], ['id' => 'tape', 'item' => ['name' => 'Tape'], 'perWeek' => 1, 'leadDays' => 7], ['id' => 'solder', 'item' => ['name' => 'Solder'], 'perWeek' => 1], ['id' => 'fuses', 'item' => ['name' => 'Fuses']]],
        'log' => [['id' => '1', 'on' => '2027-03-01', 'what' => 'counted', 'stock' => 'tape', 'pieces' => 1], ['id' => '2', 'on' => '2027-03-01', 'what' => 'counted', 'stock' => 'solder', 'pieces' => 1]],
        'scopes' => [['id' => 'work', 'name' => 'Work', 'lines' => [['id' => 'l1', 'wire' => 'wire', 'terminal' => 'ring'], ['id' => 'l2', 'wire' => 'wire', 'terminal' => 'bare']]]],
    ]);
    expect(array_map(static fn(array $of): array => [$of['name'], $of['short'], $of['reorder'], $of['runsOut']], SuppliesWriter::wanting($shop->stocktaking($shop->scopes, Day::read('2027-03-10'))->wanting())))->toBe([
        ['Tape', 0, true, '2027-03-17'],
        ['Ring', 2, false, null],
    ]);
});

it('takes the fewest sizes of tube', function (array $row): void {
    $tubes = [];
    foreach (array_filter(array_map(trim(...), explode(';', $row['lines']))) as $at => $text) {
        [$narrowest, $widest, $lined] = [...explode(' ', $text), ''];
        $tubes[] = new TubeOver('s/' . ($at + 1), $lined === 'lined', (float) $widest, (float) $narrowest);
    }
    $told = array_map(static fn(TubeSizes $of): string => $of->size->name . ': ' . implode(' ', array_map(static fn(string $line): string => substr($line, 2), $of->lines)), TubeSizes::fewest($tubes));
    expect(implode('; ', $told))->toBe($row['sizes']);
})->with(CaseTable::of('tube-sizes', 'case'));

it('refuses a shelf that cannot be, each at its place', function (array $with, array $expected): void {
    try {
        supplyShop($with);
        $told = [];
    } catch (InvalidWorkbook $invalid) {
        $told = array_map(static fn(Problem $problem): string => $problem->path . ': ' . $problem->expected, $invalid->problems);
    }
    expect($told)->toBe($expected);
})->with([
    'an item that is two things' => [['stock' => [['id' => 'a', 'item' => ['terminal' => 'ring', 'name' => 'Ring']]]], ['stock/0/item: give terminal, sleeve or name, one of them']],
    'an item that is nothing' => [['stock' => [['id' => 'a', 'item' => (object) []]]], ['stock/0/item: give terminal, sleeve or name, one of them']],
    'a terminal that is not there' => [['stock' => [['id' => 'a', 'item' => ['terminal' => 'lug']]]], ['stock/0/item/terminal: no terminal of the workbook has this id']],
    'a tube that the trade does not have' => [['stock' => [['id' => 'a', 'item' => ['sleeve' => '5/16 in']]]], ['stock/0/item/sleeve: a stock size of plain tube: 3/64 in, 1/16 in, 3/32 in, 1/8 in, 3/16 in, 1/4 in, 3/8 in, 1/2 in, 3/4 in, 1 in']],
    'a plain tube that is only made lined' => [['stock' => [['id' => 'a', 'item' => ['sleeve' => '1/8 in', 'lined' => true]]]], ['stock/0/item/sleeve: a stock size of lined tube: 3 mm, 6 mm, 9 mm, 12 mm, 19 mm, 24 mm, 39 mm']],
    'a lined ring' => [['stock' => [['id' => 'a', 'item' => ['terminal' => 'ring', 'lined' => true]]]], ['stock/0/item/lined: left out: only a sleeve is lined']],
    'the same item twice' => [['stock' => [['id' => 'a', 'item' => ['terminal' => 'ring']], ['id' => 'b', 'item' => ['terminal' => 'ring']]]], ['stock/1/item: another item: "a" is a stock of this one already']],
    'two packs of one name' => [['stock' => [['id' => 'a', 'item' => ['terminal' => 'ring'], 'packs' => [['name' => 'x', 'pieces' => 1, 'price' => 1], ['name' => 'x', 'pieces' => 2, 'price' => 1]]]]], ['stock/0/packs/1/name: a name that no other pack of it has']],
    'a pack of nothing' => [['stock' => [['id' => 'a', 'item' => ['terminal' => 'ring'], 'packs' => [['name' => 'x', 'pieces' => 0, 'price' => 1]]]]], ['stock/0/packs/0/pieces: must be at least 1']],
    'an empty box' => [['boxes' => [['id' => 'b', 'name' => 'Box', 'price' => 1, 'holds' => []]]], ['boxes/0/holds: at least one thing that is in it']],
    'a box with one thing twice' => [['boxes' => [['id' => 'b', 'name' => 'Box', 'price' => 1, 'holds' => [['stock' => 'rings', 'pieces' => 1], ['stock' => 'rings', 'pieces' => 2]]]]], ['boxes/0/holds/1/stock: each stock once, with all of its pieces']],
    'a box of what there is no stock of' => [['boxes' => [['id' => 'b', 'name' => 'Box', 'price' => 1, 'holds' => [['stock' => 'forks', 'pieces' => 1]]]]], ['boxes/0/holds/0/stock: no stock of the workbook has this id']],
    'used of no stock' => [['log' => [['id' => '1', 'on' => '2027-03-01', 'what' => 'used', 'stock' => 'forks', 'pieces' => 1]]], ['log/0/stock: no stock of the workbook has this id']],
    'nothing used' => [['log' => [['id' => '1', 'on' => '2027-03-01', 'what' => 'used', 'stock' => 'rings', 'pieces' => 0]]], ['log/0/pieces: must be at least 1']],
    'more than all is spoilt' => [['houseRules' => ['scrap' => 1.5]], ['houseRules/scrap: must be at most 1']],
]);

it('writes a shelf as it reads it', function (): void {
    $document = supplyDocument([
        'stock' => [
            ['id' => 'rings', 'item' => ['terminal' => 'ring'], 'packs' => [['name' => '100', 'pieces' => 100, 'price' => 900]], 'perWeek' => 12.5, 'leadDays' => 7, 'note' => 'top shelf'],
            ['id' => 'tube', 'item' => ['sleeve' => '6 mm', 'lined' => true]],
            ['id' => 'tape', 'item' => ['name' => 'Tape']],
        ],
        'boxes' => [['id' => 'box', 'name' => 'Divided box', 'price' => 4900, 'holds' => [['stock' => 'rings', 'pieces' => 50]]]],
        'log' => [
            ['what' => 'counted', 'id' => '1', 'on' => '2027-03-01', 'stock' => 'rings', 'pieces' => 0],
            ['what' => 'received', 'id' => '2', 'on' => '2027-03-02', 'stock' => 'rings', 'pieces' => 100],
            ['what' => 'used', 'id' => '3', 'on' => '2027-03-03', 'stock' => 'rings', 'pieces' => 4, 'note' => 'class'],
        ],
    ]);
    $codec = new WorkbookCodec();
    expect(json_decode($codec->write(supplyShop($document)), true))->toEqual($document);
});

it('puts into one order what is bought, what is to be asked for, and the tools that kits wait for', function (): void {
    $shop = supplyShop(['stock' => [], 'boxes' => [], 'log' => []]);
    $supplies = $shop->supplies($shop->scopes, Day::read('2027-03-01'));
    $open = array_values(array_filter($supplies->items, static fn(Supply $item): bool => $item->open > 0));
    $rows = OrderTable::of($supplies, [], [new Awaited('Press', 'crimp lugs', 'Bench', 24050), new Awaited('Lamp', '', 'Van', 900)]);
    expect($open)->not->toBe([])
        ->and(array_slice($rows, 1, -2))->toBe(array_map(static fn(Supply $item): array => [ItemName::of($item->item), 'no pack known: to be asked for', '', FirstOrder::of($item->item, $item->open) . ($item->item->sleeve === null ? ' pieces' : ' mm'), '', ''], $open))
        ->and(array_slice($rows, -2))->toBe([['Press', 'tool: crimp lugs', '1', 'for Bench', '240.50', '240.50'], ['Lamp', 'tool', '1', 'for Van', '9.00', '9.00']])
        ->and(Awaited::cost([new Awaited('Press', '', 'Bench', 24050), new Awaited('Lamp', '', 'Van', 900)]))->toBe(24950);
});
