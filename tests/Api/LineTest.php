<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

it('reads an entry against the shop, and judges it by the kit in hand', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->getJson('/api/v1/scopes/tower-7/entry?kit=pylon-backpack&text=' . rawurlencode('14 × 12 AWG hook-up → ring yellow M6, wet'));
    $response->assertOk();
    expect(OpenApi::mismatch($response, 'get', '/scopes/{scope}/entry'))->toBe('')
        ->and($response->json('line'))->toBe(LINE)
        ->and($response->json('status'))->toBe('faulty')
        ->and($response->json('checks.0.code'))->toBe('wet.unsealed');
    $without = $this->getJson('/api/v1/scopes/tower-7/entry?text=' . rawurlencode('16 AWG hook-up → ring'));
    expect(OpenApi::mismatch($without, 'get', '/scopes/{scope}/entry'))->toBe('')
        ->and($without->json('questions.0.candidates'))->toBe(['ring-red-m4', 'ring-blue-m5', 'ring-yellow-m6', 'ring-red-m5', 'bare-ring-m4'])
        ->and($without->json())->not->toHaveKey('status');
});

it('says what is wrong with what is asked', function (string $query, int $status): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->getJson('/api/v1/scopes/' . $query);
    $response->assertStatus($status);
    expect(OpenApi::mismatch($response, 'get', '/scopes/{scope}/entry'))->toBe('');
})->with([
    'no text' => ['tower-7/entry', 422],
    'a text without end' => ['tower-7/entry?text=' . str_repeat('a', 501), 422],
    'no such scope' => ['nowhere/entry?text=a', 404],
    'no such kit' => ['tower-7/entry?text=a&kit=nobody', 404],
    'a kit that is no id' => ['tower-7/entry?text=a&kit=a%20b', 422],
]);

it('adds a line at the end, and takes it out again by the version that was seen', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $before = $this->get('/api/v1/workbook')->getContent();
    $added = $this->postJson('/api/v1/scopes/tower-7/lines', LINE);
    $added->assertCreated()->assertHeader('ETag', '"' . $added->json('version') . '"');
    expect(OpenApi::mismatch($added, 'post', '/scopes/{scope}/lines'))->toBe('')->and($added->json('id'))->toBe('line-15');
    $lines = $this->getJson('/api/v1/workbook')->json('scopes.0.lines');
    expect($lines[count($lines) - 1])->toBe(['id' => 'line-15', ...LINE]);
    $address = '/api/v1/scopes/tower-7/lines/line-15';
    $this->deleteJson($address)->assertStatus(428);
    $this->deleteJson($address, headers: ['If-Match' => '"0123456789abcdef"'])->assertStatus(412)->assertJsonPath('type', 'urn:gondrik:problem:changed')->assertJsonPath('present.quantity', 14);
    $this->deleteJson($address, headers: ['If-Match' => '"' . $added->json('version') . '"'])->assertNoContent();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
    $this->deleteJson($address, headers: ['If-Match' => '"' . $added->json('version') . '"'])->assertNotFound();
});

it('refuses what is no line with the problems and paths of an import, and changes nothing', function (array $change, string $path, string $expected): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $response = $this->postJson('/api/v1/scopes/tower-7/lines', array_filter([...LINE, ...$change], static fn(mixed $value): bool => $value !== 'nothing'));
    $response->assertUnprocessable();
    expect(OpenApi::mismatch($response, 'post', '/scopes/{scope}/lines'))->toBe('')
        ->and($response->json('problems.0.path'))->toBe($path)
        ->and($response->json('problems.0.expected'))->toContain($expected)
        ->and($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'no such wire' => [['wire' => 'gone'], 'line/wire', 'no wire of the shop has this id'],
    'no terminal' => [['terminal' => 'nothing'], 'line/terminal', 'a line has both'],
    'a key that is none' => [['colour' => 'red'], 'line/colour', ''],
    'a quantity that is none' => [['quantity' => 0], 'line/quantity', ''],
    'an id that is taken' => [['id' => 'heat-15'], 'line/id', 'an id that no line of this scope has'],
    'an id that is none' => [['id' => 'a b'], 'line/id', ''],
    'a wire that is a list' => [['wire' => ['a']], 'line/wire', ''],
]);

it('lets a lead and a coordinator write, and a hand read', function (Role $role, int $adds, int $removes): void {
    $this->actingAs(personOf($this->demo(), $role));
    $this->getJson('/api/v1/scopes/tower-7/entry?text=a')->assertOk();
    $this->postJson('/api/v1/scopes/tower-7/lines', LINE)->assertStatus($adds);
    $this->deleteJson('/api/v1/scopes/tower-7/lines/heat-15', headers: ['If-Match' => '"0123456789abcdef"'])->assertStatus($removes);
    $this->putJson('/api/v1/scopes/tower-7/lines/heat-15', LINE, ['If-Match' => '"0123456789abcdef"'])->assertStatus($removes);
    $this->getJson('/api/v1/scopes/tower-7/lines')->assertOk();
})->with([
    'a hand' => [Role::Hand, 403, 403],
    'a coordinator' => [Role::Coordinator, 201, 412],
    'a lead' => [Role::Lead, 201, 412],
]);

it('is for who is signed in, in their own shop', function (bool $isSignedIn, int $status): void {
    $this->demo();
    if ($isSignedIn) {
        $this->actingAs($this->emptyShop());
    }
    $this->getJson('/api/v1/scopes/tower-7/entry?text=a')->assertStatus($status);
    $this->postJson('/api/v1/scopes/tower-7/lines', LINE)->assertStatus($status);
    $this->deleteJson('/api/v1/scopes/tower-7/lines/heat-15', headers: ['If-Match' => '"0123456789abcdef"'])->assertStatus($status);
    $this->putJson('/api/v1/scopes/tower-7/lines/heat-15', LINE, ['If-Match' => '"0123456789abcdef"'])->assertStatus($status);
    $this->getJson('/api/v1/scopes/tower-7/lines')->assertStatus($status);
})->with(['nobody' => [false, 401], 'somebody of another shop' => [true, 404]]);

it('gives every line an id of its own', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $ids = array_map(fn(): string => $this->postJson('/api/v1/scopes/tower-7/lines', LINE)->json('id'), range(1, 3));
    expect(array_unique($ids))->toHaveCount(3);
});

it('writes a line over the one that was seen, and back again', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $lines = $this->getJson('/api/v1/scopes/tower-7/lines');
    expect(OpenApi::mismatch($lines, 'get', '/scopes/{scope}/lines'))->toBe('')->and($lines->json('data'))->toHaveCount(14);
    $seen = $lines->json('data.1');
    $line = array_diff_key($seen, ['version' => null]);
    $address = '/api/v1/scopes/tower-7/lines/' . $seen['id'];
    $written = $this->putJson($address, [...$line, 'quantity' => 99], ['If-Match' => '"' . $seen['version'] . '"']);
    $written->assertOk();
    expect(OpenApi::mismatch($written, 'put', '/scopes/{scope}/lines/{line}'))->toBe('')
        ->and($this->getJson('/api/v1/workbook')->json('scopes.0.lines.1.quantity'))->toBe(99);
    // The second who saw the first state is told what is there now.
    $stale = $this->putJson($address, [...$line, 'quantity' => 5], ['If-Match' => '"' . $seen['version'] . '"']);
    expect(OpenApi::mismatch($stale, 'put', '/scopes/{scope}/lines/{line}'))->toBe('')
        ->and($stale->status())->toBe(412)->and($stale->json('present.quantity'))->toBe(99);
    $this->putJson($address, [...$line, 'id' => 'other'], ['If-Match' => '"' . $written->json('version') . '"'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'line/id');
    $this->putJson($address, $line, ['If-Match' => '"' . $written->json('version') . '"'])->assertOk()->assertJsonPath('version', $seen['version']);
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
});

it('puts a line back where it was', function (int $index): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $lines = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data');
    $seen = $lines[$index];
    $this->deleteJson('/api/v1/scopes/tower-7/lines/' . $seen['id'], headers: ['If-Match' => '"' . $seen['version'] . '"'])->assertNoContent();
    $this->postJson('/api/v1/scopes/tower-7/lines?after=' . ($lines[$index - 1]['id'] ?? ''), array_diff_key($seen, ['version' => null]))->assertCreated()->assertJsonPath('version', $seen['version']);
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with(['the first' => 0, 'one in the midst' => 6, 'the last' => 13]);

it('finds no line under what is no id, whatever it holds', function (string $id): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = ['If-Match' => '"0123456789abcdef"'];
    $this->deleteJson('/api/v1/scopes/tower-7/lines/' . rawurlencode($id), headers: $seen)->assertNotFound();
    $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [['id' => $id, 'version' => '0123456789abcdef', 'line' => null]]])->assertNotFound();
})->with(['a"b', '{', 'a}', 'heat-15,heat-25', 'NULL', '\\']);

it('arranges lines of the scope and none that it does not have', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $version = $shop->refresh()->getAttribute('version');
    $this->postJson('/api/v1/scopes/tower-7/changes', ['order' => ['heat-25', 'gone', 'heat-15']])->assertUnprocessable()
        ->assertJsonPath('problems.0', ['path' => 'order', 'value' => 'gone', 'expected' => 'ids of lines of this scope']);
    expect($shop->refresh()->getAttribute('version'))->toBe($version);
});

it('refuses a conductor with a number of cells that is no object, as any shape that is none', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $problems = $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [['id' => 'heat-15', 'version' => '0123456789abcdef', 'cells' => 1]]])->assertUnprocessable()->json('problems');
    expect($problems[0]['path'])->toBe('changes/0/cells')->and($problems[0]['value'])->toBe(1);
});

it('keeps the name by which an entry finds a thing, whatever it is called later', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $wire = $this->postJson('/api/v1/wires', ['id' => 'bell', 'name' => 'Bell wire of 2 × 0.5 mm²', 'size' => '0.5 mm2', 'construction' => 'solid', 'insulation' => 'pvc'])->assertCreated();
    $plain = static fn(): string => DB::table('wires')->where('code', 'bell')->orderByDesc('id')->value('plain_name');
    expect($plain())->toBe('bell wire 2 x 0.5 mm2');
    $this->putJson('/api/v1/wires/bell', [...array_diff_key($wire->json(), ['version' => 0]), 'name' => 'Door bell'], ['If-Match' => '"' . $wire->json('version') . '"'])->assertOk();
    expect($plain())->toBe('door bell')
        ->and($this->getJson('/api/v1/scopes/tower-7/entry?text=' . rawurlencode('2 × door bell → ring-red-m4'))->json('line.wire'))->toBe('bell');
});

it('reads a cell that tells a thing by its description against all that the shop has', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data');
    $line = array_values(array_filter($seen, static fn(array $one): bool => ($one['terminal'] ?? '') === 'ring-yellow-m6'))[0];
    $write = fn(string $text): Illuminate\Testing\TestResponse => $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [['id' => $line['id'], 'version' => $line['version'], 'cells' => ['terminal' => $text]]]]);
    $write('ring yellow M6')->assertOk();
    expect(array_column($this->getJson('/api/v1/scopes/tower-7/lines')->json('data'), 'terminal', 'id')[$line['id']])->toBe('ring-yellow-m6');
    $write('ring of gold')->assertUnprocessable();
});
