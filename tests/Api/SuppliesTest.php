<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Tests\Support\OpenApi;

/* What is on the shelf: what came and went of it, what is short for the work, and what to buy. */

/** @return array<string, mixed> of the demo's shelf, by the name of what it is */
function shelfItem($answer, string $name): array
{
    return collect($answer->json('items'))->firstWhere('name', $name);
}

it('holds the shelf against all work that was not put away, and says what to buy', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $answer = $this->getJson('/api/v1/supplies')->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/supplies'))->toBe('')
        ->and($answer->json('scopes.*.id'))->toBe(['tower-7', 'station-panel', 'cabin-lighting', 'door-harness', 'boards', 'masts'])
        ->and(array_intersect_key(shelfItem($answer, 'Ring, blue, M5'), ['need' => 0, 'have' => 0, 'short' => 0, 'reorder' => 0, 'buy' => 0]))->toBe(['need' => 44, 'have' => 28, 'short' => 16, 'reorder' => true, 'buy' => [['pack' => 'Card of 10', 'pieces' => 10, 'price' => 340, 'count' => 2]]])
        ->and(shelfItem($answer, 'Ring, blue, M5')['looks'])->toBe(['class' => 'insulated', 'shape' => 'ring', 'nest' => 'blue', 'stud' => 'M5', 'size' => '16-14 AWG / 1.5-2.5 mm2'])
        ->and(shelfItem($answer, 'Lug 2/0 AWG, M10'))->toMatchArray(['stock' => null, 'have' => 0, 'short' => 3, 'open' => 3, 'buy' => []])
        ->and(shelfItem($answer, 'Pin, red')['rests'])->toBeTrue()
        ->and(shelfItem($answer, 'Lined tube 6 mm'))->toMatchArray(['unit' => 'mm', 'looks' => ['expanded' => 6, 'recovered' => 2, 'lined' => true]])
        ->and($answer->json('unsized'))->toBe(['Snow masts and the old drive room: ' . explode(': ', (string) $answer->json('unsized.0'), 2)[1]])
        ->and($answer->json('order.cost'))->toBe(19660);

    // What was put away asks for nothing.
    $seen = $this->getJson('/api/v1/scopes/boards')->json();
    $this->putJson('/api/v1/scopes/boards', [...array_diff_key($seen, ['version' => 0]), 'archived' => true], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
    expect(shelfItem($this->getJson('/api/v1/supplies'), 'Contact for 2.5 mm boards, stamped')['need'])->toBe(0)
        ->and(shelfItem($this->getJson('/api/v1/supplies?scopes=boards'), 'Contact for 2.5 mm boards, stamped')['need'])->toBe(205);
});

it('asks for a class of twelve, cheaper than pack by pack', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $once = $this->getJson('/api/v1/supplies?scopes=cabin-lighting')->assertOk();
    $twelve = $this->getJson('/api/v1/supplies?scopes=cabin-lighting&times=cabin-lighting:12')->assertOk();
    expect($twelve->json('scopes'))->toBe([['id' => 'cabin-lighting', 'name' => 'Cabin 12: lighting and heating', 'times' => 12]])
        ->and(shelfItem($twelve, 'Push-on, red, 6.3 mm')['need'])->toBeGreaterThan(11 * shelfItem($once, 'Push-on, red, 6.3 mm')['need'])
        ->and($twelve->json('order.cost'))->toBeLessThan(0.7 * $twelve->json('order.packByPack'))
        ->and($twelve->json('order.boxes.0'))->toMatchArray(['id' => 'box-insulated'])
        ->and($twelve->json('order.isProven'))->toBeTrue();
});

it('asks for weeks of the usual use beside the work', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $answer = $this->getJson('/api/v1/supplies?scopes=boards&weeks=3')->assertOk();
    expect(shelfItem($answer, 'Insulating tape, rolls'))->toMatchArray(['need' => 0, 'reserve' => 9, 'have' => 14, 'short' => 0])
        ->and(shelfItem($answer, 'Gas for the soldering iron, cans'))->toMatchArray(['reserve' => 3, 'short' => 1, 'brought' => 1, 'lasts' => now()->addDays(21)->toDateString()])
        ->and(shelfItem($this->getJson('/api/v1/supplies?scopes=boards'), 'Gas for the soldering iron, cans')['short'])->toBe(0);
    $this->getJson('/api/v1/supplies?weeks=53')->assertUnprocessable();
    expect(collect($this->getJson('/api/v1/today')->assertOk()->json('supplies'))->firstWhere('stock', 'ring-blue-m5'))->toMatchArray(['name' => 'Ring, blue, M5', 'short' => 16, 'reorder' => true]);
});

it('gives the order as a table and on paper', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $asked = '?scopes=cabin-lighting&times=cabin-lighting:12';
    $order = $this->getJson('/api/v1/supplies' . $asked)->json('order');
    $rows = csvRows($this->get('/api/v1/supplies/order.csv' . $asked)->assertOk());
    expect($rows[0])->toBe(['item', 'package', 'count', 'brings', 'each', 'cost'])
        ->and((int) round(100 * array_sum(array_column(array_slice($rows, 1), 5))))->toBe($order['cost'])
        ->and(array_sum(array_map(intval(...), array_column(array_slice($rows, 1), 2))))->toBe($order['packages'])
        ->and(collect(array_column($rows, 1))->contains(static fn(string $package): bool => str_contains($package, '100 × Ring, red, M4; 50 × Ring, red, M5')))->toBeTrue();
    $paper = pdfText($this->get('/api/v1/supplies/order.pdf' . $asked)->assertOk()->getContent());
    expect($paper)->toContain('12 × Cabin 12: lighting and heating')->toContain(sprintf('%d.%02d', intdiv($order['cost'], 100), $order['cost'] % 100));
});

it('puts the tools that accepted plans wait for into the same order', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $plan = $this->getJson('/api/v1/plan?kit=apprentice-box&scopes=boards,cabin-lighting&means=buy,move')->assertOk();
    $bought = collect($plan->json('plan.add'))->where('means', 'buy');
    // What comes out of another kit is not ordered.
    expect($bought)->not->toBeEmpty()->and(array_column($plan->json('plan.add'), 'means'))->toContain('move');
    $this->postJson('/api/v1/plans', ['seen' => $plan->json('seen')])->assertCreated();

    $answer = $this->getJson('/api/v1/supplies?scopes=boards')->assertOk();
    $order = $answer->json('order');
    expect(OpenApi::mismatch($answer, 'get', '/supplies'))->toBe('')
        ->and(array_column($order['tools'], 'cost'))->toBe($bought->pluck('cost')->all())
        ->and($order['tools'][0]['kit'])->toBe('Apprentice box')
        ->and($order['total'])->toBe($order['cost'] + $bought->sum('cost'));
    $rows = csvRows($this->get('/api/v1/supplies/order.csv?scopes=boards')->assertOk());
    expect((int) round(100 * array_sum(array_column(array_slice($rows, 1), 5))))->toBe($order['total'])
        ->and(end($rows))->toMatchArray([0 => $order['tools'][count($order['tools']) - 1]['name'], 2 => '1', 3 => 'for Apprentice box'])
        ->and(end($rows)[1])->toBe('tool: ' . $order['tools'][count($order['tools']) - 1]['wanted']);
    expect(pdfText($this->get('/api/v1/supplies/order.pdf?scopes=boards')->assertOk()->getContent()))
        ->toContain(sprintf('%d.%02d', intdiv($order['total'], 100), $order['total'] % 100));

    // What has come is waited for no longer, and who wants packs alone gets them.
    $accepted = $this->getJson('/api/v1/plans')->json('data.0');
    $first = collect($accepted['items'])->firstWhere('means', 'buy');
    $this->putJson('/api/v1/plans/' . $accepted['id'] . '/items/' . $first['id'], ['arrived' => true], ['If-Match' => '"' . $accepted['version'] . '"'])->assertOk();
    expect($this->getJson('/api/v1/supplies?scopes=boards')->json('order.tools'))->toHaveCount($bought->count() - 1)
        ->and($this->getJson('/api/v1/supplies?scopes=boards&tools=0')->json('order'))->toMatchArray(['tools' => [], 'total' => $order['cost']]);
    $this->getJson('/api/v1/supplies?tools=2')->assertUnprocessable();
});

it('fills an empty shelf by the work: a stock begun of each thing, in one step, and what to ask for', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $unkept = fn(): array => array_values(array_filter($this->getJson('/api/v1/supplies?scopes=tower-7')->json('items'), static fn(array $item): bool => $item['stock'] === null));
    $before = $unkept();
    expect($before)->not->toBeEmpty()
        ->and(collect($before)->firstWhere('name', 'Lug 2/0 AWG, M10'))->toMatchArray(['open' => 3, 'firstOrder' => 3]);
    $rows = csvRows($this->get('/api/v1/supplies/order.csv?scopes=tower-7')->assertOk());
    expect(collect($rows)->first(static fn(array $row): bool => $row[0] === 'Lug 2/0 AWG, M10'))->toBe(['Lug 2/0 AWG, M10', 'no pack known: to be asked for', '', '3 pieces', '', '']);

    $begun = $this->postJson('/api/v1/supplies/stock?scopes=tower-7')->assertOk();
    expect(OpenApi::mismatch($begun, 'post', '/supplies/stock'))->toBe('')
        ->and($unkept())->toBe([])
        ->and(shelfItem($this->getJson('/api/v1/supplies?scopes=tower-7'), 'Lug 2/0 AWG, M10'))->toMatchArray(['have' => 0, 'open' => 3, 'buy' => []]);
    // What is kept already is not begun again.
    expect($this->postJson('/api/v1/supplies/stock?scopes=tower-7')->assertOk()->json('change'))->toBe(0);
    $this->postJson('/api/v1/supplies/stock?scopes=gone')->assertUnprocessable();
    $this->postJson('/api/v1/history/' . $begun->json('change') . '/undo')->assertOk();
    expect(array_column($unkept(), 'name'))->toBe(array_column($before, 'name'));
});

it('tells a hand what is short, and not what it costs', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $answer = $this->getJson('/api/v1/supplies')->assertOk();
    expect($answer->json('order'))->toBeNull()
        ->and(shelfItem($answer, 'Ring, blue, M5'))->toMatchArray(['short' => 16, 'buy' => []])
        ->and($this->getJson('/api/v1/boxes')->json('data.0'))->not->toHaveKey('price')
        ->and($this->getJson('/api/v1/stock')->json('data.0.packs.0'))->toBe(['name' => 'Bag of 100', 'pieces' => 100]);
});

it('lets whoever stands at the bench count, fill and take, and keeps every entry', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Hand));
    $have = fn(): int => shelfItem($this->getJson('/api/v1/supplies?scopes=boards'), 'Insulating tape, rolls')['have'];
    expect($have())->toBe(14);
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'used', 'stock' => 'tape', 'pieces' => 3]]])->assertCreated();
    expect($have())->toBe(11);
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'received', 'stock' => 'tape', 'pieces' => 10]]])->assertCreated();
    expect($have())->toBe(21);
    $written = $this->postJson('/api/v1/log', ['entries' => [['what' => 'counted', 'stock' => 'tape', 'pieces' => 19]]])->assertCreated();
    expect($have())->toBe(19)
        ->and(DB::table('log_entries')->where('shop_id', $shop->id)->where('code', $written->json('entries.0.id'))->value('stock_id'))->toBe(DB::table('stock')->where('shop_id', $shop->id)->where('code', 'tape')->value('id'));

    // Yesterday it was otherwise.
    expect(shelfItem($this->getJson('/api/v1/supplies?scopes=boards&on=' . now()->subDay()->toDateString()), 'Insulating tape, rolls')['have'])->toBe(14);
    $this->insteadActingAs($this->lead($shop));
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'void', 'entry' => $written->json('entries.0.id')]]])->assertCreated();
    expect($have())->toBe(21);
});

it('refuses what cannot be, and says where', function (string $method, string $address, array $body, string $path, string $told): void {
    $this->actingAs($this->lead($this->demo()));
    $refused = $this->json($method, '/api/v1/' . $address, $body)->assertUnprocessable();
    expect([$refused->json('problems.0.path'), $refused->json('problems.0.expected')])->toBe([$path, $told]);
})->with([
    'a second stock of one terminal' => ['POST', 'stock', ['id' => 'more-rings', 'item' => ['terminal' => 'ring-blue-m5']], 'stock/item', 'another item: the shop has a stock of this one already, Ring, blue, M5'],
    'a terminal that there is not' => ['POST', 'stock', ['id' => 'gone', 'item' => ['terminal' => 'gone']], 'stock/item/terminal', 'no terminal of the shop has this id'],
    'a box of what there is no stock of' => ['POST', 'boxes', ['name' => 'Box', 'price' => 1, 'holds' => [['stock' => 'gone', 'pieces' => 1]]], 'box/holds/0/stock', 'no stock of the shop has this id'],
    'used of what there is no stock of' => ['POST', 'log', ['entries' => [['what' => 'used', 'stock' => 'gone', 'pieces' => 1]]], 'entries/0/stock', 'no stock of the shop has this id'],
    'less than none counted' => ['POST', 'log', ['entries' => [['what' => 'counted', 'stock' => 'tape', 'pieces' => -1]]], 'entries/0/pieces', 'must be at least 0'],
    'a scope that there is not' => ['GET', 'supplies?scopes=gone', [], 'scopes', 'must be a scope of the shop'],
]);

it('refuses how many times it is made where that cannot be', function (string $times): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/supplies?times=' . $times)->assertUnprocessable();
})->with(['boards', 'boards:0', 'boards:1001', 'boards:x', 'boards:2,', 'boards:2,boards:3', 'gone:2', '']);

it('does not take away what is named', function (string $address, array $uses): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson('/api/v1/' . $address)->json('version');
    $refused = $this->deleteJson('/api/v1/' . $address, headers: ['If-Match' => '"' . $seen . '"'])->assertConflict();
    expect(collect($refused->json('uses'))->pluck('list')->unique()->values()->all())->toBe($uses);
})->with([
    'a stock that stands in a box and in the log' => ['stock/fork-red-m4', ['boxes', 'log']],
    'a stock that the log speaks of' => ['stock/tape', ['log']],
    'a terminal of which a stock is kept, and no line is made with it' => ['terminals/pin-red', ['stock']],
]);

it('calls a stock as its terminal is called', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $seen = $this->getJson('/api/v1/terminals/pin-red')->json();
    $this->putJson('/api/v1/terminals/pin-red', [...array_diff_key($seen, ['version' => 0]), 'name' => 'Pin, red, long'], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
    expect(DB::table('stock')->where('shop_id', $shop->id)->where('code', 'pin-red')->value('name'))->toBe('Pin, red, long');
});

it('keeps the stock of a terminal that another is merged into', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $this->postJson('/api/v1/terminals/pin-red/merge', ['into' => 'lug-2-0-m10'])->assertOk();
    expect($this->getJson('/api/v1/stock/pin-red')->json('item'))->toBe(['terminal' => 'lug-2-0-m10'])
        // Of both one is kept: who merges says first which stays.
        ->and($this->postJson('/api/v1/terminals/ring-red-m5/merge', ['into' => 'ring-red-m4'])->assertUnprocessable()->json('problems.0.expected'))->toBe('another item: the shop has a stock of this one already, Ring, red, M4');
});

it('lets the database itself refuse a second stock of one item', function (): void {
    $shop = $this->demo();
    $row = (array) DB::table('stock')->where('shop_id', $shop->id)->where('code', 'tape')->first();
    DB::table('stock')->insert([...array_diff_key($row, ['id' => 0]), 'code' => 'tape-2']);
    DB::statement('set constraints stock_once immediate');
})->throws(Illuminate\Database\QueryException::class, 'stock_once');
