<?php

declare(strict_types=1);

use App\Models\Role;

/* Stations, exercises and classes in the shop: what names what, and what can no longer go or change because of it. */

it('takes nothing away that a class needs, and says what does', function (string $address, array $uses): void {
    $this->actingAs($this->lead($this->demo()));
    $version = $this->getJson('/api/v1/' . $address)->assertOk()->json('version');
    $refused = $this->deleteJson('/api/v1/' . $address, headers: ['If-Match' => '"' . $version . '"'])->assertConflict();
    expect(array_map(static fn(array $use): string => $use['list'] . '/' . $use['id'], $refused->json('uses')))->toBe($uses);
})->with([
    'a station' => ['stations/pull-gauge', ['exercises/pull', 'sessions/first-day']],
    'an exercise, and one that comes after it' => ['exercises/know-wire', ['exercises/strip-taper', 'sessions/first-day']],
    'somebody of the class' => ['people/oskar-pell', ['sessions/first-day']],
]);

it('takes a kit away only where none lies at a station', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $kit = $this->postJson('/api/v1/kits', ['id' => 'zz-kit', 'name' => 'Kit', 'tools' => []])->assertCreated();
    $station = $this->postJson('/api/v1/stations', ['id' => 'zz-corner', 'name' => 'Corner', 'kit' => 'zz-kit'])->assertCreated();
    $refused = $this->deleteJson('/api/v1/kits/zz-kit', headers: ['If-Match' => '"' . $kit->json('version') . '"'])->assertConflict();
    expect($refused->json('uses.0'))->toMatchArray(['list' => 'stations', 'id' => 'zz-corner', 'name' => 'Corner']);
    $this->deleteJson('/api/v1/stations/zz-corner', headers: ['If-Match' => '"' . $station->json('version') . '"'])->assertNoContent();
    $this->deleteJson('/api/v1/kits/zz-kit', headers: ['If-Match' => '"' . $kit->json('version') . '"'])->assertNoContent();
});

it('names what is wrong with a class, and changes nothing', function (string $list, array $item, string $path, string $told): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $before = (string) $this->get('/api/v1/workbook')->getContent();
    $refused = $this->postJson('/api/v1/' . $list, $item)->assertUnprocessable();
    expect([$refused->json('problems.0.path'), $refused->json('problems.0.expected')])->toBe([$path, $told])
        ->and((string) $this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'somebody whom nobody knows' => ['sessions', ['name' => 'X', 'people' => ['nobody'], 'stations' => [], 'exercises' => []], 'session/people/0', 'no person of the shop has this id'],
    'a person twice' => ['sessions', ['name' => 'X', 'people' => ['jaro-fint', 'jaro-fint'], 'stations' => [], 'exercises' => []], 'session/people/1', 'each person once'],
    'an exercise without a station there' => ['sessions', ['name' => 'X', 'people' => [], 'stations' => ['places'], 'exercises' => ['judge']], 'session/exercises/0', 'an exercise that can be done at one of the stations of this class'],
    'a time that no clock shows' => ['sessions', ['name' => 'X', 'people' => [], 'stations' => [], 'exercises' => [], 'start' => '8 o’clock'], 'session/start', 'must be a time as hours and minutes, two digits each: 08:30'],
    'a station for nobody' => ['stations', ['name' => 'X', 'capacity' => 0], 'station/capacity', 'must be at least 1'],
    'an exercise nowhere' => ['exercises', ['name' => 'X', 'minutes' => 5, 'stations' => []], 'exercise/stations', 'at least one station at which it can be done'],
    'after what there is not' => ['exercises', ['name' => 'X', 'minutes' => 5, 'stations' => ['places'], 'after' => ['gone']], 'exercise/after/0', 'no exercise of the shop has this id'],
]);

it('does not let an exercise move away from a class that has no station for it then', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/stations', ['id' => 'zz-corner', 'name' => 'Corner'])->assertCreated();
    $seen = $this->getJson('/api/v1/exercises/judge')->json();
    $refused = $this->putJson('/api/v1/exercises/judge', [...array_diff_key($seen, ['version' => 0]), 'stations' => ['zz-corner']], ['If-Match' => '"' . $seen['version'] . '"'])->assertUnprocessable();
    expect($refused->json('problems.0.expected'))->toBe('an exercise that can be done at one of the stations of this class');
    $this->putJson('/api/v1/exercises/judge', [...array_diff_key($seen, ['version' => 0]), 'stations' => ['zz-corner', 'look-table']], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
});

it('lets a hand read a class, and write none', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $this->getJson('/api/v1/sessions/first-day')->assertOk();
    $this->postJson('/api/v1/stations', ['name' => 'Corner'])->assertForbidden();
});
