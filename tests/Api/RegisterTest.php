<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Tests\Support\OpenApi;

/* People and things by their tags come, change and go like everything else of the shop; and they leave with it and come back. */

it('adds, changes and takes away somebody and a thing', function (string $list, array $item, array $change): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $before = $this->get('/api/v1/workbook')->getContent();
    $added = $this->postJson("/api/v1/{$list}", $item)->assertCreated();
    $address = "/api/v1/{$list}/" . $added->json('id');
    $changed = $this->putJson($address, [...$item, ...$change], ['If-Match' => '"' . $added->json('version') . '"'])->assertOk();
    $page = $this->getJson("/api/v1/{$list}?search=" . $added->json('id'));
    expect(OpenApi::mismatch($added, 'post', "/{$list}"))->toBe('')
        ->and(OpenApi::mismatch($changed, 'put', "/{$list}/{id}"))->toBe('')
        ->and(OpenApi::mismatch($page, 'get', "/{$list}"))->toBe('')
        ->and($page->json('data'))->toBe([$changed->json()])
        ->and(array_intersect_key($changed->json(), $change))->toBe($change);
    $this->deleteJson($address, headers: ['If-Match' => '"' . $changed->json('version') . '"'])->assertNoContent();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'somebody' => ['people', ['id' => 'new-hand', 'name' => 'New hand'], ['until' => '2027-06-30', 'note' => 'apprentice']],
    'a stock' => ['stock', ['id' => 'zz-flux', 'item' => ['name' => 'Flux']], ['packs' => [['name' => 'Tin', 'pieces' => 1, 'price' => 590]], 'perWeek' => 0.5, 'leadDays' => 7]],
    'a stock of a terminal' => ['stock', ['id' => 'zz-lugs', 'item' => ['terminal' => 'lug-2-0-m10']], ['note' => 'bottom drawer']],
    'a divided box' => ['boxes', ['id' => 'zz-box', 'name' => 'Box of rings', 'price' => 900, 'holds' => [['stock' => 'ring-red-m4', 'pieces' => 50]]], ['holds' => [['stock' => 'ring-red-m4', 'pieces' => 40], ['stock' => 'tape', 'pieces' => 1]]]],
    'a station' => ['stations', ['id' => 'zz-corner', 'name' => 'Corner with a lamp'], ['kit' => 'panel-bench', 'capacity' => 3]],
    'an exercise' => ['exercises', ['id' => 'zz-fork', 'name' => 'A fork under a screw', 'minutes' => 15, 'stations' => ['places']], ['people' => ['jaro-fint'], 'after' => ['know-wire'], 'skill' => 'torque']],
    'a class' => ['sessions', ['id' => 'zz-second-day', 'name' => 'Second day', 'people' => ['jaro-fint', 'tom-ervik'], 'stations' => ['look-table', 'places'], 'exercises' => ['judge']], ['on' => '2026-12-14', 'start' => '09:30', 'until' => '12:00', 'slot' => 10, 'breaks' => [['from' => '10:00', 'minutes' => 10]], 'apart' => [['tom-ervik', 'jaro-fint']], 'away' => [['person' => 'jaro-fint', 'until' => '10:00']], 'timetable' => [['person' => 'tom-ervik', 'exercise' => 'judge', 'station' => 'look-table', 'from' => 0]], 'note' => 'in the small room']],
    'a thing' => ['assets', ['id' => 'XX-07', 'tool' => 'flush-cut', 'bought' => '2026-01-05', 'serial' => '77-1'], ['home' => 'panel-bench', 'price' => 1900, 'terms' => 'hired', 'dues' => [['kind' => 'oil', 'days' => 90]]]],
]);

it('says of a thing what is wrong with it', function (array $item, string $path, string $told): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $refused = $this->postJson('/api/v1/assets', $item)->assertUnprocessable();
    expect([$refused->json('problems.0.path'), $refused->json('problems.0.expected')])->toBe([$path, $told]);
})->with([
    'a tag that there is' => [['id' => 'TQ-03', 'tool' => 'flush-cut'], 'asset/id', 'an id that no other asset of the shop has'],
    'a model that there is not' => [['id' => 'XX-07', 'tool' => 'gone'], 'asset/tool', 'no tool of the shop has this id'],
    'a kit that there is not' => [['id' => 'XX-07', 'tool' => 'flush-cut', 'home' => 'gone'], 'asset/home', 'no kit of the shop has this id'],
]);

it('does not let a change make untrue what has happened', function (string $list, string $id, array $change, string $told): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson("/api/v1/{$list}/{$id}")->json();
    $refused = $this->putJson("/api/v1/{$list}/{$id}", [...array_diff_key($seen, ['version' => null]), ...$change], ['If-Match' => '"' . $seen['version'] . '"'])->assertUnprocessable();
    expect((string) $refused->json('problems.0.expected'))->toStartWith('it would break what happened on ')->toContain($told);
})->with([
    'a due that was done' => ['assets', 'TQ-03', ['dues' => []], 'a due that the thing has: it has none'],
    'a due of the model' => ['tools', 'torque-small', ['dues' => []], 'a due that the thing has: it has none'],
    'bought later' => ['assets', 'TQ-03', ['bought' => '2999-01-01'], 'the day on which the thing was bought'],
    'a counter that began higher' => ['assets', 'CR-06', ['cycles' => 9000], 'at least the last reading, 9000'],
]);

it('brings all of it into an empty shop, and once more changes nothing', function (): void {
    $text = $this->demoText();
    $this->actingAs($this->emptyShop()->refresh());
    $import = $this->upload($text)->assertCreated();
    expect($import->json('counts.people.added'))->toBe(19)
        ->and($import->json('counts.assets.added'))->toBe(134)
        ->and($import->json('counts.stock.added'))->toBe(48)
        ->and($import->json('counts.boxes.added'))->toBe(2)
        ->and([$import->json('counts.stations.added'), $import->json('counts.exercises.added'), $import->json('counts.sessions.added')])->toBe([5, 6, 1])
        ->and($import->json('counts.log'))->toBe(['added' => 227, 'changed' => 0, 'left' => 0]);
    $this->postJson('/api/v1/imports/' . $import->json('id') . '/apply')->assertOk();
    expect(str_replace('"title": "Elsewhere"', '"title": "Tarnholt Ropeway"', (string) $this->get('/api/v1/workbook')->getContent()))->toBe($text);
    $again = $this->upload($text)->assertCreated();
    expect($again->json('changesNothing'))->toBeTrue()->and($again->json('counts.log'))->toBe(['added' => 0, 'changed' => 0, 'left' => 227]);
    // What has happened stays, also where an import brought it.
    $this->postJson('/api/v1/imports/' . $import->json('id') . '/undo')->assertConflict();
});

it('takes of a log what is new, and refuses another past and what cannot follow', function (Closure $change, string $path, string $told): void {
    $this->actingAs($this->lead($this->demo()));
    $workbook = json_decode((string) $this->get('/api/v1/workbook')->getContent());
    $change($workbook);
    $refused = $this->upload((string) json_encode($workbook))->assertUnprocessable();
    expect($refused->json('problems.0.path'))->toBe($path)->and((string) $refused->json('problems.0.expected'))->toContain($told);
})->with([
    'an entry told otherwise' => [static function (stdClass $book): void {
        $book->log[3]->note = 'It was not so.';
    }, 'log/3/id', 'what has happened is not changed'],
    'a loan of what is out' => [static function (stdClass $book): void {
        $book->log = [(object) ['id' => 'new', 'on' => '2999-01-01', 'what' => 'out', 'asset' => 'ST-04', 'to' => (object) ['text' => 'van']]];
    }, 'log/0/asset', 'a thing that is in'],
    'a thing bought after what happened to it' => [static function (stdClass $book): void {
        $book->log = [];
        foreach ($book->assets as $asset) {
            $asset->bought = $asset->id === 'TQ-03' ? '2999-01-01' : $asset->bought;
        }
    }, 'assets/47', 'it would break what happened on '],
]);

it('lets only the lead bring in that something is void or cleared', function (): void {
    $shop = $this->demo();
    $entry = static fn(string $what, array $members): string => (string) json_encode(['gondrik' => 1, 'tools' => [], 'log' => [['id' => 'new', 'on' => '2999-01-01', 'what' => $what, ...$members]]]);
    $this->actingAs($this->lead($shop));
    $this->upload($entry('void', ['entry' => 'h001']))->assertUnprocessable();
    $whole = json_decode((string) $this->get('/api/v1/workbook')->getContent());
    $whole->log[] = (object) ['id' => 'new', 'on' => '2999-01-01', 'what' => 'void', 'entry' => 'h001'];
    $this->upload((string) json_encode($whole))->assertCreated()->assertJsonPath('counts.log.added', 1);
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->upload((string) json_encode($whole))->assertForbidden();
});

it('points the things of a model at the one that it is merged into', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $count = static fn(string $tool): int => count(array_filter(test()->getJson('/api/v1/wall')->json('things'), static fn(array $thing): bool => $thing['tool'] === $tool));
    [$goes, $stays] = [$count('oval-two'), $count('oval-ratchet')];
    $merged = $this->postJson('/api/v1/tools/oval-two/merge', ['into' => 'oval-ratchet']);
    expect($merged->status())->toBe(200, (string) $merged->getContent())
        ->and($goes)->toBeGreaterThan(1)->and([$count('oval-two'), $count('oval-ratchet')])->toBe([0, $goes + $stays]);
    $this->postJson('/api/v1/history/' . $merged->json('change') . '/undo')->assertOk();
    expect([$count('oval-two'), $count('oval-ratchet')])->toBe([$goes, $stays]);
});

it('gives people and things out as tables, and takes them back with what was changed', function (string $list, string $column, string $id, string $value): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $rows = csvRows($this->get("/api/v1/tables/{$list}")->assertOk());
    $read = fn(array $rows) => $this->postJson("/api/v1/tables/{$list}/read", ['columns' => columnsOf($rows[0]), 'rows' => array_slice($rows, 1)]);
    $same = $read($rows);
    expect(OpenApi::mismatch($same, 'post', '/tables/{list}/read'))->toBe('')
        ->and(array_unique(array_column($same->json('things'), 'status')))->toBe(['same'])
        ->and($same->json('things'))->toHaveCount(DB::table($list)->where('shop_id', $this->demo()->id)->count());
    $at = array_search($column, $rows[0], true);
    foreach ($rows as &$row) {
        $row[$at] = $row[0] === $id ? $value : $row[$at];
    }
    unset($row);
    $changed = array_values(array_filter($read($rows)->json('things'), static fn(array $thing): bool => $thing['status'] !== 'same'));
    expect(array_column($changed, 'status'))->toBe(['changed']);
    $this->postJson("/api/v1/tables/{$list}/take", ['things' => array_map(static fn(array $one): array => array_intersect_key($one, ['thing' => 0, 'version' => 0]), $changed)])->assertOk()->assertJsonPath('count', 1);
    expect($this->getJson("/api/v1/{$list}/{$id}")->json($column))->toBe($value);
})->with([['assets', 'note', 'TQ-03', 'Marked red.'], ['people', 'name', 'ivo-marell', 'Ivo Marell the Younger']]);
