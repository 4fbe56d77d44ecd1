<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

/* Eight boxes from one purchase: what each copy has otherwise than its pattern, and a change of the pattern brought to them. */

it('tells what each copy lacks, and brings the ticked ones into line as one step', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $copies = fn(): array => $this->getJson('/api/v1/kits/apprentice-box/copies')->assertOk()->json('data');
    $answer = $this->getJson('/api/v1/kits/apprentice-box/copies');
    expect(OpenApi::mismatch($answer, 'get', '/kits/{id}/copies'))->toBe('')
        ->and(array_column($copies(), 'id'))->toBe(array_map(static fn(int $n): string => 'apprentice-box-' . $n, range(2, 8)))
        ->and(array_merge(...array_column($copies(), 'gaps')))->toBe([]);

    // The pattern gets a stripper more and gives its plier away.
    $seen = $this->getJson('/api/v1/kits/apprentice-box')->json();
    $tools = [...array_values(array_filter($seen['tools'], static fn(array $one): bool => $one['tool'] !== 'dimple-plier')), ['tool' => 'self-small', 'count' => 2]];
    $this->putJson('/api/v1/kits/apprentice-box', [...array_diff_key($seen, ['version' => 0]), 'tools' => $tools], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
    expect($copies()[0]['gaps'])->toBe([
        ['tool' => 'self-small', 'name' => 'Self-adjusting stripper, fine wire', 'wanted' => 2, 'has' => 0],
        ['tool' => 'dimple-plier', 'name' => 'Crimping plier, dimple, red and blue', 'wanted' => 0, 'has' => 1],
    ]);
    $brought = $this->postJson('/api/v1/kits/apprentice-box/copies', ['kits' => ['apprentice-box-2', 'apprentice-box-4']])->assertOk();
    expect(OpenApi::mismatch($brought, 'post', '/kits/{id}/copies'))->toBe('')
        ->and(array_map(static fn(array $one): int => count($one['gaps']), $copies()))->toBe([1, 2, 1, 2, 2, 2, 2]);
    $this->postJson('/api/v1/kits/apprentice-box/copies', ['kits' => ['apprentice-box-2'], 'withoutMore' => true])->assertOk();
    expect($copies()[0]['gaps'])->toBe([])
        ->and(array_column($this->getJson('/api/v1/kits/apprentice-box-2')->json('tools'), 'tool'))->toBe(array_column($tools, 'tool'));

    // What is so already is no step in the history.
    expect($this->postJson('/api/v1/kits/apprentice-box/copies', ['kits' => ['apprentice-box-2']])->assertOk()->json('change'))->toBe(0);

    // One undo takes all of them back.
    $this->insteadActingAs($this->lead($shop));
    $this->postJson('/api/v1/history/' . $brought->json('change') . '/undo')->assertConflict();
    $all = $this->postJson('/api/v1/kits/apprentice-box/copies', ['kits' => array_map(static fn(int $n): string => 'apprentice-box-' . $n, range(3, 8)), 'withoutMore' => true])->assertOk();
    expect(array_merge(...array_column($copies(), 'gaps')))->toBe([]);
    $this->postJson('/api/v1/history/' . $all->json('change') . '/undo')->assertOk();
    expect(array_map(static fn(array $one): int => count($one['gaps']), $copies()))->toBe([0, 2, 1, 2, 2, 2, 2]);
});

it('refuses a kit that is no copy, and changes none of the others', function (array $kits, string $value): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson('/api/v1/kits/apprentice-box')->json();
    $this->putJson('/api/v1/kits/apprentice-box', [...array_diff_key($seen, ['version' => 0]), 'tools' => []], ['If-Match' => '"' . $seen['version'] . '"'])->assertOk();
    $refused = $this->postJson('/api/v1/kits/apprentice-box/copies', ['kits' => $kits, 'withoutMore' => true])->assertUnprocessable();
    expect($refused->json('problems.0'))->toMatchArray(['path' => 'kits', 'value' => $value, 'expected' => 'a kit that is a copy of this one'])
        ->and($this->getJson('/api/v1/kits/apprentice-box-2')->json('tools'))->not->toBe([]);
})->with([
    'another kit' => [['apprentice-box-2', 'panel-bench'], 'panel-bench'],
    'itself' => [['apprentice-box'], 'apprentice-box'],
    'none of the shop' => [['gone'], 'gone'],
]);

it('knows no copies of what is no kit, and none of a kit without', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/kits/gone/copies')->assertNotFound();
    expect($this->getJson('/api/v1/kits/panel-bench/copies')->assertOk()->json('data'))->toBe([]);
});
