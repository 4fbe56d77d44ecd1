<?php

declare(strict_types=1);

use App\Models\Role;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Tests\Support\OpenApi;

const STRIPPER = ['name' => 'My stripper', 'kind' => 'stripper', 'capabilities' => [['op' => 'strip', 'method' => 'notch', 'insulation' => ['pvc', 'xlpe'], 'positions' => [['label' => '12', 'solid' => '12 AWG', 'stranded' => '14 AWG'], ['label' => '16', 'stranded' => '16 AWG']]]]];

it('lists the tools page by page, with their kits and lanes, and searches what they are', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $all = array_column($this->getJson('/api/v1/workbook')->json('tools'), 'id');
    $found = [];
    $cursor = '';
    do {
        $page = $this->getJson('/api/v1/tools?most=7' . $cursor);
        expect(OpenApi::mismatch($page, 'get', '/tools'))->toBe('');
        $found = [...$found, ...array_column($page->json('data'), 'id')];
        $cursor = '&cursor=' . $page->json('next');
    } while ($page->json('next') !== null);
    expect($found)->toBe($all);
    $oval = $this->getJson('/api/v1/tools?search=ratchet%20oval')->json('data');
    expect(array_column($oval, 'id'))->toContain('oval-ratchet')
        ->and($oval[0]['kits'])->not->toBe([])->and($oval[0]['lanes'])->not->toBe([])->and($oval[0]['tool'])->toHaveKey('price');
    $this->actingAs(personOf($shop, Role::Hand));
    expect($this->getJson('/api/v1/tools?search=oval')->json('data.0.tool'))->not->toHaveKey('price');
});

it('tries a tool that is drawn on the wires of the shop, and says in which units', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $tried = $this->postJson('/api/v1/trials/tools', STRIPPER);
    $tried->assertOk()->assertJsonPath('operations.0.op', 'strip');
    expect(OpenApi::mismatch($tried, 'post', '/trials/tools'))->toBe('')
        ->and($tried->json('operations.0.of'))->toBe(count($this->getJson('/api/v1/workbook')->json('wires')))
        ->and($tried->json('lanes.0.name'))->toBe('strip');
    $why = array_column($tried->json('operations.0.tried'), null, 'wire');
    expect($why['hookup-16'])->toMatchArray(['fit' => 'proper', 'position' => '16'])
        ->and($why['winch-6']['text'])->toContain('silicone')
        ->and($why['hookup-12']['text'])->toContain(' mm');
    $inch = array_column($this->postJson('/api/v1/trials/tools?length=inch', STRIPPER)->json('operations.0.tried'), null, 'wire');
    expect($inch['hookup-12']['text'])->toContain(' in');
});

it('tries a wire and a terminal that are drawn on the tools of the shop', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $wire = $this->postJson('/api/v1/trials/wires', ['size' => '12 AWG', 'construction' => 'stranded', 'strands' => 7, 'insulation' => 'xlpe', 'insulationOd' => 3.86]);
    $wire->assertOk()->assertJsonPath('diameters.outsideFrom.of', 'XHHW-2, 12 AWG')->assertJsonPath('diameters.outsideFrom.recall', 'memory');
    expect(OpenApi::mismatch($wire, 'post', '/trials/wires'))->toBe('')
        ->and(array_column($wire->json('tried'), 'tool'))->toContain('self-adjusting', 'diagonal-200');
    $terminal = $this->postJson('/api/v1/trials/terminals', ['class' => 'insulated', 'size' => '16-14 AWG / 1.5-2.5 mm2', 'nest' => 'blue', 'insulationOd' => ['max' => 2.4]]);
    $terminal->assertOk();
    expect(OpenApi::mismatch($terminal, 'post', '/trials/terminals'))->toBe('');
    $wires = array_column($terminal->json('wires'), null, 'id');
    expect($wires['hookup-16']['checks'])->toBe([])
        ->and($wires['flex-2.5']['checks'][0]['code'])->toBe('terminal.insulation-thick')
        ->and(array_unique(array_column($terminal->json('tried'), 'tool')))->toContain('oval-ratchet', 'oval-two')->not->toContain('roll-tabs');
});

it('answers a tool that is dragged as one that is looked at whole, and tells what is no size', function (): void {
    $this->actingAs($this->lead($this->demo()));
    expect($this->postJson('/api/v1/trials/tools?shape=known', STRIPPER)->json())->toBe($this->postJson('/api/v1/trials/tools', STRIPPER)->json());
    $draft = [...STRIPPER, 'capabilities' => [[...STRIPPER['capabilities'][0], 'positions' => [['label' => 'x', 'solid' => '12 mm']]]]];
    $this->postJson('/api/v1/trials/tools?shape=known', $draft)->assertUnprocessable()->assertJsonPath('problems.0.path', 'tool/capabilities/0/positions/0/solid');
    $this->postJson('/api/v1/trials/tools?shape=known', ['kind' => 5])->assertUnprocessable();
    $this->postJson('/api/v1/trials/tools?shape=other', STRIPPER)->assertUnprocessable();
});

it('says of a draft what is wrong with it, where, and writes nothing', function (string $list, array $draft, string $path): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $this->postJson('/api/v1/trials/' . $list, $draft)->assertUnprocessable()->assertJsonPath('problems.0.path', $path);
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'a size without unit' => ['wires', ['size' => '12', 'construction' => 'solid', 'insulation' => 'pvc'], 'wire/size'],
    'thinner than its conductor' => ['wires', ['size' => '12 AWG', 'construction' => 'solid', 'insulation' => 'pvc', 'insulationOd' => 1], 'wire/insulationOd'],
    'no class' => ['terminals', ['class' => 'ring', 'size' => '12 AWG'], 'terminal/class'],
    'a notch that says nothing' => ['tools', [...STRIPPER, 'capabilities' => [['op' => 'strip', 'method' => 'notch', 'insulation' => ['pvc'], 'positions' => [['label' => 'x']]]]], 'tool/capabilities/0/positions/0'],
    'a tool that nobody has' => ['tools', [...STRIPPER, 'requires' => ['gone']], 'tool/requires/0'],
]);

it('takes things over from the built-in catalogue, with what they require; they are the shop’s own then', function (): void {
    $this->actingAs($this->emptyShop());
    foreach (['wires' => 'thhn-12', 'terminals' => 'ring-blue-m5', 'tools' => 'hydraulic-dies-mm2'] as $list => $id) {
        $shelf = $this->getJson('/api/v1/catalogue/' . $list);
        expect(OpenApi::mismatch($shelf, 'get', '/catalogue/{list}'))->toBe('')
            ->and(array_column($shelf->json('data'), 'has', 'id')[$id])->toBeNull();
        $taken = $this->postJson("/api/v1/catalogue/{$list}/{$id}");
        $taken->assertCreated()->assertJsonPath('id', $id);
        expect(OpenApi::mismatch($taken, 'post', '/catalogue/{list}/{id}'))->toBe('')
            ->and(array_column($this->getJson('/api/v1/catalogue/' . $list)->json('data'), 'has', 'id')[$id])->toHaveKey('id', $id);
    }
    $tools = $this->getJson('/api/v1/workbook')->json('tools');
    expect(array_column($tools, 'id'))->toBe(['hydraulic-dies-mm2', 'hydraulic-frame']);
    $again = $this->postJson('/api/v1/catalogue/wires/thhn-12');
    expect($again->json('id'))->not->toBe('thhn-12');
    $this->postJson('/api/v1/history/' . $again->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect(array_column($this->getJson('/api/v1/workbook')->json('wires'), 'id'))->toBe(['thhn-12']);
    $this->postJson('/api/v1/catalogue/wires/gone')->assertNotFound();
});

it('takes the whole built-in catalogue and gives it back as it was', function (): void {
    $this->actingAs($this->emptyShop());
    foreach (BuiltIn::LISTS as $list) {
        $things = array_map(static fn(object $thing): array => ['thing' => (new ObjectCodec())->write($thing->thing)], BuiltIn::read()->things($list));
        $this->postJson("/api/v1/tables/{$list->value}/take", ['things' => $things])->assertOk()->assertJsonPath('count', count($things));
    }
    $has = $this->getJson('/api/v1/workbook')->json();
    foreach (BuiltIn::LISTS as $list) {
        expect($has[$list->value])->toEqual(json_decode(json_encode(array_map(static fn(object $thing): mixed => (new ObjectCodec())->write($thing->thing), BuiltIn::read()->things($list))), true));
    }
});

it('gives every tool of generated workbooks back as it was: through the API one by one, and as a table', function (int $seed): void {
    $this->actingAs($this->emptyShop());
    $document = GeneratedWorkbook::of($seed, 25, 15);
    $sent = [];
    foreach ($document->tools as $tool) {
        $sent[] = $this->postJson('/api/v1/tools', (array) $tool)->assertCreated()->json();
    }
    $plain = static fn(array $tool): array => array_diff_key($tool, ['version' => null]);
    $kept = $this->getJson('/api/v1/workbook')->json('tools');
    expect($kept)->toBe(array_map($plain, $sent));

    $rows = csvRows($this->get('/api/v1/tables/tools'));
    $read = $this->postJson('/api/v1/tables/tools/read', ['columns' => columnsOf($rows[0]), 'rows' => array_slice($rows, 1)]);
    expect(OpenApi::mismatch($read, 'post', '/tables/{list}/read'))->toBe('')
        ->and(array_column($read->json('things'), 'thing'))->toBe($kept)
        ->and(array_unique(array_column($read->json('things'), 'status')))->toBe(['same']);
})->with([31, 32, 33]);

it('writes every list as a table that would change nothing', function (string $list): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->get('/api/v1/tables/' . $list);
    $response->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8; header=present');
    $rows = csvRows($response);
    $file = Illuminate\Http\UploadedFile::fake()->createWithContent($list . '.csv', $response->streamedContent());
    $brought = $this->post("/api/v1/tables/{$list}/rows", ['table' => $file], ['Accept' => 'application/json']);
    expect(OpenApi::mismatch($brought, 'post', '/tables/{list}/rows'))->toBe('')
        ->and($brought->json('head'))->toBe(0)
        ->and(array_column($brought->json('columns'), 'says'))->toBe($rows[0]);
    $read = $this->postJson("/api/v1/tables/{$list}/read", ['columns' => $brought->json('columns'), 'rows' => array_slice($brought->json('rows'), 1)]);
    expect(array_unique(array_column($read->json('things'), 'status')))->toBe(['same']);
})->with(['wires', 'terminals', 'tools', 'kits']);

it('writes the lines of a scope as a table with the keys of the workbook', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $rows = csvRows($this->get('/api/v1/scopes/tower-7/table'));
    expect($rows[0])->toContain('id', 'wire', 'terminal', 'quantity', 'torque')
        ->and(array_column(array_slice($rows, 1), 0))->toBe(array_column($this->getJson('/api/v1/scopes/tower-7/lines')->json('data'), 'id'));
});

it('adds and changes by a table, all or none, and takes it back as one', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $read = $this->postJson('/api/v1/tables/wires/read', [
        'columns' => [['index' => 0, 'says' => 'id'], ['index' => 1, 'says' => 'name'], ['index' => 2, 'says' => 'size', 'unit' => 'AWG'], ['index' => 3, 'says' => 'construction'], ['index' => 4, 'says' => 'insulation'], ['index' => 5, 'says' => 'insulationOd', 'unit' => 'in']],
        'rows' => [['hookup-12', 'Renamed', '12', 'stranded', 'XLPE', '0.15'], ['', 'New wire', '14', 'solid', 'PVC', '0.11'], ['bad', 'Bad', '14', 'woven', 'PVC', '']],
    ])->json('things');
    expect(array_column($read, 'status'))->toBe(['changed', 'new', 'bad'])
        ->and($read[1]['thing']['id'])->toBe('new-wire')
        ->and($read[2]['problems'][0])->toMatchArray(['row' => 2, 'column' => 3, 'value' => 'woven']);
    $sound = array_map(static fn(array $one): array => ['thing' => $one['thing'], 'version' => $one['version']], array_slice($read, 0, 2));
    $this->postJson('/api/v1/tables/wires/take', ['things' => [...$sound, ['thing' => ['id' => 'x']]]])->assertUnprocessable()->assertJsonPath('problems.0.path', 'changes/2/wire/name');
    foreach (['another version' => ['version' => '0123456789abcdef'], 'none' => ['version' => null], 'no word of one' => []] as $seen) {
        $this->postJson('/api/v1/tables/wires/take', ['things' => [['thing' => $read[0]['thing'], ...$seen]]])->assertStatus(412)->assertJsonPath('present.id', 'hookup-12');
    }
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
    $taken = $this->postJson('/api/v1/tables/wires/take', ['things' => $sound]);
    expect(OpenApi::mismatch($taken, 'post', '/tables/{list}/take'))->toBe('')
        ->and($this->getJson('/api/v1/wires/hookup-12')->json('name'))->toBe('Renamed');
    $this->postJson('/api/v1/history/' . $taken->json('change') . '/undo')->assertOk();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
});

it('refuses a table whose columns are none or double', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/tables/wires/read', ['columns' => [['index' => 0, 'says' => 'colour']], 'rows' => [['red']]])->assertUnprocessable()->assertJsonPath('problems.0.value', 'colour');
    $this->postJson('/api/v1/tables/wires/read', ['columns' => columnsOf(['id', 'id']), 'rows' => [['a', 'b']]])->assertUnprocessable()->assertJsonPath('problems.0.path', 'columns/1');
});

it('says where a thing is used and which others are the same', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $uses = $this->getJson('/api/v1/wires/hookup-12/uses');
    expect(OpenApi::mismatch($uses, 'get', '/{list}/{id}/uses'))->toBe('')
        ->and($uses->json('uses.0'))->toMatchArray(['list' => 'lines', 'scope' => 'tower-7'])->and($uses->json('alike'))->toBe([]);
    $wire = array_diff_key($this->getJson('/api/v1/wires/hookup-12')->json(), ['version' => null]);
    $this->postJson('/api/v1/wires', [...$wire, 'id' => 'twice', 'name' => 'The same once more'])->assertCreated();
    $this->postJson('/api/v1/wires', [...$wire, 'id' => 'thicker', 'insulationOd' => 4])->assertCreated();
    expect($this->getJson('/api/v1/wires/hookup-12/uses')->json('alike'))->toBe([['id' => 'twice', 'name' => 'The same once more']]);
});

it('merges two that are one, and takes that back', function (string $list, string $from, string $into): void {
    $this->actingAs($this->lead($this->demo()));
    $thing = array_diff_key($this->getJson("/api/v1/{$list}/{$from}")->json(), ['version' => null]);
    $this->postJson("/api/v1/{$list}", [...$thing, 'id' => $into, 'name' => 'The one that stays'])->assertCreated();
    $before = $this->getJson('/api/v1/workbook')->json();
    $count = $this->getJson("/api/v1/{$list}/{$from}/uses")->json('count');
    $merged = $this->postJson("/api/v1/{$list}/{$from}/merge", ['into' => $into]);
    $merged->assertOk();
    expect(OpenApi::mismatch($merged, 'post', '/{list}/{id}/merge'))->toBe('')
        ->and($count)->toBeGreaterThan(0)->and($merged->json('changed'))->toBe($count)
        ->and($this->getJson("/api/v1/{$list}/{$into}/uses")->json('count'))->toBe($count);
    $this->getJson("/api/v1/{$list}/{$from}")->assertNotFound();
    $history = $this->getJson('/api/v1/history?most=1');
    expect(OpenApi::mismatch($history, 'get', '/history'))->toBe('')->and($history->json('data.0'))->toMatchArray(['event' => 'merged', 'from' => $from, 'into' => $into]);
    $this->postJson('/api/v1/history/' . $merged->json('change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/workbook')->json())->toBe($before);
})->with([
    'a wire, the second of a splice among its uses' => ['wires', 'hookup-16', 'hookup-16-b'],
    'a terminal' => ['terminals', 'ring-blue-m5', 'ring-blue-m5-b'],
    'a tool of two kits' => ['tools', 'hot-air', 'hot-air-b'],
]);

it('counts a tool together in a kit that has both, and passes on what requires it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach (['frame', 'frame-b'] as $id) {
        $this->postJson('/api/v1/tools', ['id' => $id, 'name' => $id, 'kind' => 'press', 'capabilities' => []])->assertCreated();
    }
    $this->postJson('/api/v1/tools', ['id' => 'die', 'name' => 'Die', 'kind' => 'die', 'capabilities' => [], 'requires' => ['frame']])->assertCreated();
    $this->postJson('/api/v1/tools', ['id' => 'jig', 'name' => 'Jig', 'kind' => 'die', 'capabilities' => [], 'requires' => ['frame', 'frame-b']])->assertCreated();
    $this->postJson('/api/v1/kits', ['id' => 'van', 'name' => 'Van', 'tools' => [['tool' => 'frame', 'count' => 2], ['tool' => 'die'], ['tool' => 'frame-b']]])->assertCreated();
    $this->postJson('/api/v1/tools/frame/merge', ['into' => 'frame-b'])->assertOk();
    expect($this->getJson('/api/v1/kits/van')->json('tools'))->toBe([['tool' => 'frame-b', 'count' => 3], ['tool' => 'die']])
        ->and($this->getJson('/api/v1/tools/die')->json('requires'))->toBe(['frame-b'])
        // What required both requires the one that is left once.
        ->and($this->getJson('/api/v1/tools/jig')->json('requires'))->toBe(['frame-b']);
});

it('merges nothing into itself, into nothing, or into what its lines cannot have', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $this->postJson('/api/v1/wires/hookup-16/merge', ['into' => 'hookup-16'])->assertUnprocessable();
    $this->postJson('/api/v1/wires/hookup-16/merge', ['into' => 'gone'])->assertNotFound();
    // A splice has two wires, and a ring has one end.
    $this->postJson('/api/v1/terminals/butt-blue-seal/merge', ['into' => 'lug-2-0-m10'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'changes/1/line/wireB');
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
});

it('keeps one shop’s things from another’s', function (): void {
    $this->demo();
    $this->actingAs($this->emptyShop());
    $this->getJson('/api/v1/tools/oval-ratchet/uses')->assertNotFound();
    expect($this->postJson('/api/v1/trials/tools', STRIPPER)->json('operations'))->toBe([])
        ->and(csvRows($this->get('/api/v1/tables/tools')))->toHaveCount(1);
});

it('takes a tool over with what it requires, once', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/catalogue/tools/hydraulic-dies-mm2')->assertCreated();
    $second = $this->postJson('/api/v1/catalogue/tools/hydraulic-dies-awg')->assertCreated();
    expect($this->getJson('/api/v1/history')->json('data.0.changes.*.id'))->toBe(['hydraulic-dies-awg'])
        ->and($this->getJson('/api/v1/history')->json('data.1.changes.*.id'))->toEqualCanonicalizing(['hydraulic-dies-mm2', 'hydraulic-frame'])
        ->and($this->getJson('/api/v1/tools/hydraulic-dies-awg')->json('requires'))->toBe(['hydraulic-frame'])->and($second->status())->toBe(201);
});

it('takes many over in one step, what they require once, and all of it back', function (): void {
    $this->actingAs($this->emptyShop());
    $taken = $this->postJson('/api/v1/catalogue/tools', ['ids' => ['hydraulic-dies-mm2', 'hydraulic-dies-awg']]);
    expect(OpenApi::mismatch($taken, 'post', '/catalogue/{list}'))->toBe('');
    $ids = array_column($this->getJson('/api/v1/tools')->json('data'), 'id');
    // Both sets of dies are worked by one press.
    expect($ids)->toHaveCount(3)->toContain('hydraulic-dies-mm2', 'hydraulic-dies-awg')
        ->and($taken->json('count'))->toBe(3)
        ->and($this->getJson('/api/v1/history')->json('data'))->toHaveCount(1);
    $this->postJson('/api/v1/history/' . $taken->json('change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/tools')->json('data'))->toBe([]);
});

it('takes none where one is not on the shelf, or named twice', function (array $ids, int $status): void {
    $this->actingAs($this->emptyShop());
    $this->postJson('/api/v1/catalogue/tools', ['ids' => $ids])->assertStatus($status);
    expect($this->getJson('/api/v1/tools')->json('data'))->toBe([]);
})->with([
    [['hydraulic-dies-mm2', 'gone'], 404],
    [['hydraulic-dies-mm2', 'hydraulic-dies-mm2'], 422],
    [[], 422],
]);
