<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

it('adds, reads, changes and takes away a thing of each list', function (string $list, string $one, array $item, array $change): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $added = $this->postJson("/api/v1/{$list}", $item);
    $added->assertCreated();
    expect(OpenApi::mismatch($added, 'post', "/{$list}"))->toBe('');
    $address = "/api/v1/{$list}/" . $added->json('id');
    $read = $this->getJson($address);
    expect($read->json())->toBe($added->json())->and(OpenApi::mismatch($read, 'get', "/{$list}/{id}"))->toBe('');
    $seen = ['If-Match' => '"' . $added->json('version') . '"'];
    $changed = $this->putJson($address, [...$item, ...$change], $seen);
    $changed->assertOk();
    expect(OpenApi::mismatch($changed, 'put', "/{$list}/{id}"))->toBe('')
        ->and(array_intersect_key($changed->json(), $change))->toBe($change);
    $stale = $this->deleteJson($address, headers: $seen);
    $stale->assertStatus(412)->assertJsonPath('present.version', $changed->json('version'));
    expect(OpenApi::mismatch($stale, 'delete', "/{$list}/{id}"))->toBe('');
    $this->putJson($address, [...$item, 'id' => 'other'], ['If-Match' => '"' . $changed->json('version') . '"'])->assertUnprocessable()->assertJsonPath('problems.0.path', "{$one}/id");
    $this->postJson("/api/v1/{$list}", [...$item, 'id' => $added->json('id')])->assertUnprocessable()->assertJsonPath('problems.0.path', "{$one}/id");
    $this->postJson("/api/v1/{$list}", [...$item, 'colour' => 'red'])->assertUnprocessable()->assertJsonPath('problems.0.path', "{$one}/colour");
    $this->deleteJson($address, headers: ['If-Match' => '"' . $changed->json('version') . '"'])->assertNoContent();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'a wire' => ['wires', 'wire', WIRE, ['strands' => 1]],
    'a terminal' => ['terminals', 'terminal', ['name' => 'Ring, blue', 'class' => 'insulated', 'size' => '16-14 AWG / 1.5-2.5 mm2'], ['stud' => 'M5']],
    'a tool' => ['tools', 'tool', ['name' => 'Snips', 'kind' => 'cutter', 'capabilities' => [['op' => 'cut', 'single' => '30-10 AWG']]], ['price' => 1200]],
    'a kit' => ['kits', 'kit', ['name' => 'Van', 'tools' => [['tool' => 'flush-cut']]], ['note' => 'in the blue van']],
    'a scope' => ['scopes', 'scope', ['name' => 'Tower 8'], ['days' => 4, 'archived' => true]],
]);

it('names where a thing is used, and leaves it', function (string $list, string $id, string $usedIn): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $response = $this->deleteJson("/api/v1/{$list}/{$id}", headers: ['If-Match' => '"' . $this->getJson("/api/v1/{$list}/{$id}")->json('version') . '"']);
    $response->assertConflict()->assertJsonPath('type', 'urn:gondrik:problem:in-use');
    expect(OpenApi::mismatch($response, 'delete', "/{$list}/{id}"))->toBe('')
        ->and($response->json('uses.0.list'))->toBe($usedIn)
        ->and($response->json('count'))->toBe(count($response->json('uses')))
        ->and($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'a wire' => ['wires', 'hookup-12', 'lines'],
    'a terminal' => ['terminals', 'ring-yellow-m6', 'lines'],
    'a tool' => ['tools', 'flush-cut', 'kits'],
]);

it('refuses a change that would break a line, and says which', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $splice = null;
    foreach ($this->getJson('/api/v1/workbook')->json('scopes') as $scope) {
        foreach ($scope['lines'] as $line) {
            $splice ??= isset($line['wireB']) ? $line : null;
        }
    }
    expect($splice)->not->toBeNull();
    $address = '/api/v1/terminals/' . $splice['terminal'];
    $seen = $this->getJson($address)->json();
    $response = $this->putJson($address, array_diff_key($seen, ['version' => null, 'ends' => null]), ['If-Match' => '"' . $seen['version'] . '"']);
    $response->assertUnprocessable();
    expect($response->json('problems.0.path'))->toBe('terminal')->and($response->json('problems.0.expected'))->toContain('line "' . $splice['id'] . '"');
});

it('refuses another wire where a line could not be made with it, whichever end it is at', function (string $end): void {
    $this->actingAs($this->lead($this->demo()));
    $wire = ['name' => 'Sheathed 1.5', 'size' => '1.5 mm2', 'construction' => 'fine', 'insulation' => 'pvc', 'insulationOd' => 2.8];
    $written = $this->postJson('/api/v1/wires', ['id' => 'sheathed', ...$wire, 'sheath' => ['material' => 'pvc', 'shape' => 'round', 'od' => 8]])->assertCreated();
    $line = ['wire' => 'flex-1.5', 'terminal' => 'butt-blue-seal', 'wireB' => 'flex-1.5', 'add' => [['op' => 'strip-sheath', 'remark' => 'by hand']]];
    $this->postJson('/api/v1/scopes/tower-7/lines', ['id' => 'splice', ...$line, $end => 'sheathed'])->assertCreated();
    $without = $this->putJson('/api/v1/wires/sheathed', $wire, ['If-Match' => $written->headers->get('ETag')])->assertUnprocessable();
    expect($without->json('problems.0.expected'))->toContain('no sheath')->and($this->getJson('/api/v1/wires/sheathed')->json('sheath.od'))->toBe(8);
    $this->putJson('/api/v1/wires/sheathed', [...$wire, 'name' => 'By another name', 'sheath' => ['material' => 'pvc', 'shape' => 'round', 'od' => 8]], ['If-Match' => $written->headers->get('ETag')])->assertOk();
})->with(['wire', 'wireB']);

it('pages, searches and sorts', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $all = array_column($this->getJson('/api/v1/workbook')->json('wires'), 'id');
    $found = [];
    $cursor = '';
    do {
        $page = $this->getJson('/api/v1/wires?most=4' . $cursor);
        expect(OpenApi::mismatch($page, 'get', '/wires'))->toBe('');
        $found = [...$found, ...array_column($page->json('data'), 'id')];
        $cursor = '&cursor=' . $page->json('next');
    } while ($page->json('next') !== null);
    expect($found)->toBe($all);
    expect(array_column($this->getJson('/api/v1/wires?search=' . rawurlencode('hook 12'))->json('data'), 'id'))->toBe(['hookup-12'])
        ->and($this->getJson('/api/v1/wires?search=' . rawurlencode('100%'))->json('data'))->toBe([])
        // A sign that a database reads as anything is a sign like any other.
        ->and($this->getJson('/api/v1/wires?search=' . rawurlencode('%'))->json('data'))->toBe([])
        ->and($this->getJson('/api/v1/wires?search=' . rawurlencode('h__k'))->json('data'))->toBe([]);
    $names = array_column($this->getJson('/api/v1/terminals?sort=-name&most=200')->json('data'), 'name');
    $sorted = $names;
    rsort($sorted);
    expect($names[0])->toBe($sorted[0]);
});

it('copies a scope with its lines, and merges two: the same work is added up', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $lines = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data');
    $copy = $this->postJson('/api/v1/scopes/tower-7/copy', ['id' => 'tower-8', 'name' => 'Tower 8']);
    $copy->assertCreated();
    expect(OpenApi::mismatch($copy, 'post', '/scopes/{scope}/copy'))->toBe('')
        ->and($this->getJson('/api/v1/scopes/tower-8/lines')->json('data'))->toBe($lines);
    $this->postJson('/api/v1/scopes/tower-8/lines', [...LINE, 'note' => 'only here'])->assertCreated();
    $merged = $this->postJson('/api/v1/scopes/tower-7/merge', ['scope' => 'tower-8']);
    $merged->assertOk();
    expect(OpenApi::mismatch($merged, 'post', '/scopes/{scope}/merge'))->toBe('');
    $after = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data');
    expect($after)->toHaveCount(count($lines) + 1)
        ->and(array_map(static fn(array $line): int => $line['quantity'] ?? 1, array_slice($after, 0, -1)))->toBe(array_map(static fn(array $line): int => 2 * ($line['quantity'] ?? 1), $lines))
        ->and($this->getJson('/api/v1/scopes/tower-8')->json('archived'))->toBeTrue();
    $this->postJson('/api/v1/scopes/tower-7/merge', ['scope' => 'tower-7'])->assertUnprocessable();
    $this->postJson('/api/v1/scopes/tower-7/copy', ['id' => 'tower-8', 'name' => 'x'])->assertUnprocessable();
    // A copy of what was put away is made to be worked with.
    $this->postJson('/api/v1/scopes/tower-8/copy', ['id' => 'tower-9', 'name' => 'Tower 9'])->assertCreated();
    expect($this->getJson('/api/v1/scopes/tower-9')->json())->not->toHaveKey('archived');
});

it('writes cells as they are typed or pasted, all of them or none', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $lines = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data');
    $edit = static fn(int $index, array $cells): array => ['id' => $lines[$index]['id'], 'version' => $lines[$index]['version'], 'cells' => $cells];
    $before = $this->get('/api/v1/workbook')->getContent();
    $refused = $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [$edit(0, ['quantity' => '5']), $edit(1, ['terminal' => 'ring', 'wet' => 'perhaps'])]]);
    $refused->assertUnprocessable();
    expect(OpenApi::mismatch($refused, 'post', '/scopes/{scope}/changes'))->toBe('')
        ->and(array_column($refused->json('problems'), 'path'))->toBe(['changes/1/cells/terminal', 'changes/1/cells/wet'])
        ->and($this->get('/api/v1/workbook')->getContent())->toBe($before);
    $written = $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [
        $edit(0, ['quantity' => '5', 'torque' => '15 lbf·in']),
        ['cells' => ['wire' => '12 AWG hook-up', 'terminal' => 'ring yellow M6', 'quantity' => '14', 'wet' => 'yes'], 'after' => $lines[0]['id']],
    ]]);
    $written->assertOk();
    expect(OpenApi::mismatch($written, 'post', '/scopes/{scope}/changes'))->toBe('')
        ->and($written->json('data.0.torque'))->toBe('15 lbf·in')
        ->and($this->getJson('/api/v1/coverage?scope=tower-7')->json('lines.' . $lines[0]['id'] . '.torque'))->toBe('15 lbf·in')
        ->and($this->getJson('/api/v1/workbook')->json('scopes.0.lines.0.torque'))->toBe('15 lbf·in')
        ->and(array_diff_key($this->getJson('/api/v1/scopes/tower-7/lines')->json('data.1'), ['id' => null, 'version' => null]))->toBe(LINE);
    $stale = $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [$edit(3, ['quantity' => '5']), $edit(0, ['quantity' => '6'])]]);
    $stale->assertStatus(412)->assertJsonPath('present.quantity', 5);
    expect(OpenApi::mismatch($stale, 'post', '/scopes/{scope}/changes'))->toBe('');
});

it('refuses changes that are none, and says where', function (array $body, string $path): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/scopes/tower-7/changes', $body)->assertUnprocessable()->assertJsonPath('problems.0.path', $path);
})->with([
    'nothing' => [['changes' => []], 'changes'],
    'no object at all' => [[], ''],
    'no list' => [['changes' => 'all'], 'changes'],
    'no object' => [['changes' => ['all']], 'changes/0'],
    'neither line nor cells' => [['changes' => [['id' => 'heat-15', 'version' => '0123456789abcdef']]], 'changes/0/line'],
    'no version' => [['changes' => [['id' => 'heat-15', 'cells' => ['quantity' => '1']]]], 'changes/0/version'],
    'no column' => [['changes' => [['cells' => ['price' => '1']]]], 'changes/0/cells/price'],
    'a cell that is no text' => [['changes' => [['cells' => ['quantity' => 1]]]], 'changes/0/cells/quantity'],
    'a line twice' => [['changes' => [['id' => 'heat-15', 'version' => 'a', 'line' => null], ['id' => 'heat-15', 'version' => 'a', 'line' => null]]], 'changes/1/id'],
    'a line that is none' => [['changes' => [['line' => ['wire' => 'hookup-12', 'terminal' => 'ring-yellow-m6']], ['line' => ['wire' => 'gone', 'terminal' => 'ring-yellow-m6']]]], 'changes/1/line/wire'],
    'an order with one twice' => [['order' => ['heat-15', 'heat-15']], 'order'],
]);

it('remembers what the shop calls its things, for entries and tables', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'the Fat  grey', 'id' => 'hookup-12'])->assertNoContent();
    $this->putJson('/api/v1/aliases', ['about' => 'terminal', 'words' => 'MR 6', 'id' => 'ring-red-m4'])->assertNoContent();
    $this->putJson('/api/v1/aliases', ['about' => 'terminal', 'words' => 'mr 6', 'id' => 'ring-yellow-m6'])->assertNoContent();
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'gone', 'id' => 'gone'])->assertNotFound();
    $aliases = $this->getJson('/api/v1/aliases');
    expect(OpenApi::mismatch($aliases, 'get', '/aliases'))->toBe('')->and(array_column($aliases->json('data'), 'id'))->toBe(['ring-yellow-m6', 'hookup-12'])
        ->and($this->getJson('/api/v1/scopes/tower-7/entry?text=' . rawurlencode('3 the fat grey → mr 6'))->json('line'))->toBe(['wire' => 'hookup-12', 'terminal' => 'ring-yellow-m6', 'quantity' => 3]);
    $this->deleteJson('/api/v1/aliases/' . $aliases->json('data.0.alias'))->assertNoContent();
    expect($this->getJson('/api/v1/aliases')->json('data'))->toHaveCount(1);
});

it('proposes a wire or terminal of what was said of it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->getJson('/api/v1/proposal?about=wire&text=' . rawurlencode('8 AWG fine silicone'));
    expect(OpenApi::mismatch($response, 'get', '/proposal'))->toBe('')
        ->and($response->json('says'))->toBe(['name' => '8 AWG fine silicone', 'size' => '8 AWG', 'construction' => 'fine', 'insulation' => 'silicone'])
        ->and($response->json('missing'))->toBe([]);
    $this->postJson('/api/v1/wires', $response->json('says'))->assertCreated()->assertJsonPath('id', '8-awg-fine-silicone');
});

it('offers what the shelf has of what the shop lacks, and nothing that is only like it', function (): void {
    $this->actingAs($this->emptyShop());
    $shelf = fn(string $about, string $text): array => array_column($this->getJson('/api/v1/proposal?about=' . $about . '&text=' . rawurlencode($text))->assertOk()->json('shelf'), 'name');
    expect($shelf('terminal', 'ring blue M4'))->toBe(['Ring, blue, M4, sleeve to the rear'])
        ->and($shelf('terminal', 'eye blue M4'))->toBe(['Ring, blue, M4, sleeve to the rear'])
        ->and($shelf('wire', '18 awg fine silicone'))->toBe(['18 AWG fine-stranded silicone lead'])
        // A word that nothing on the shelf has: it is something else.
        ->and($shelf('terminal', 'ring blue M4 blorp'))->toBe([])
        // So many are no choice.
        ->and($shelf('terminal', 'ferrule'))->toBe([]);
    $found = $this->getJson('/api/v1/proposal?about=terminal&text=' . rawurlencode('ring blue M4'));
    expect(OpenApi::mismatch($found, 'get', '/proposal'))->toBe('')
        ->and($found->json('assumed'))->toBe(['class', 'size']);
    $this->postJson('/api/v1/catalogue/terminals/' . $found->json('shelf.0.id'))->assertCreated();
    expect($shelf('terminal', 'ring blue M4'))->toBe([]);
});

it('raises the version of the shop with every change', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->getJson('/api/v1/version');
    expect(OpenApi::mismatch($before, 'get', '/version'))->toBe('');
    $this->postJson('/api/v1/scopes/tower-7/lines', LINE)->assertCreated();
    expect($this->getJson('/api/v1/version')->json('version'))->toBeGreaterThan($before->json('version'));
});

it('leaves a wire that is only the second of a splice, and a tool that only another tool requires', function (string $list, array $thing, array $user, string $usedIn): void {
    $this->actingAs($this->lead($this->demo()));
    $id = $this->postJson('/api/v1/' . $list, $thing)->assertCreated()->json('id');
    $usedIn === 'lines'
        ? $this->postJson('/api/v1/scopes/tower-7/lines', [...$user, 'wireB' => $id])->assertCreated()
        : $this->postJson('/api/v1/tools', [...$user, 'requires' => [$id]])->assertCreated();
    $this->deleteJson("/api/v1/{$list}/{$id}", headers: ['If-Match' => '"' . $this->getJson("/api/v1/{$list}/{$id}")->json('version') . '"'])
        ->assertConflict()->assertJsonPath('uses.0.list', $usedIn)->assertJsonPath('count', 1);
    $this->getJson("/api/v1/{$list}/{$id}")->assertOk();
})->with(static function (): array {
    $splice = json_decode((string) file_get_contents(__DIR__ . '/../../database/demo/tarnholt-ropeway.json'), true);
    $lines = array_merge(...array_column($splice['scopes'], 'lines'));
    $line = array_values(array_filter($lines, static fn(array $line): bool => isset($line['wireB'])))[0];
    $wire = array_column($splice['wires'], null, 'id')[$line['wireB']];

    return [
        'a wire' => ['wires', [...$wire, 'id' => 'second', 'name' => 'The second'], ['id' => 'splice-2', 'wire' => $line['wire'], 'terminal' => $line['terminal']], 'lines'],
        'a tool' => ['tools', ['id' => 'frame', 'name' => 'Frame', 'kind' => 'press', 'capabilities' => []], ['id' => 'die', 'name' => 'Die', 'kind' => 'press', 'capabilities' => []], 'tools'],
    ];
});
