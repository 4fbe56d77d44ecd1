<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

/* Every kit against every scope: the same numbers as Cover has, cell by cell. */

beforeEach(fn() => $this->travelTo($this->demoDay() . ' 12:00:00'));

it('has in each cell what Cover says of the kit and the scope', function (string $asked): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $matrix = $this->getJson('/api/v1/matrix?' . $asked)->assertOk();
    expect(OpenApi::mismatch($matrix, 'get', '/matrix'))->toBe('');
    ['kits' => $kits, 'scopes' => $scopes, 'cells' => $cells] = $matrix->json();
    expect(array_map(static fn(array $cell): array => [$cell['kit'], $cell['scope']], $cells))
        ->toBe(array_merge(...array_map(static fn(array $kit): array => array_map(static fn(array $scope): array => [$kit['id'], $scope['id']], $scopes), $kits)));
    $held = array_filter($cells, static fn(array $cell): bool => in_array($cell['kit'], ['pylon-backpack', 'panel-bench', 'cabin-bench'], true));
    expect(count($held))->toBe(3 * count($scopes));
    foreach ($held as $cell) {
        $report = $this->getJson("/api/v1/coverage?kit={$cell['kit']}&scope={$cell['scope']}&" . $asked)->assertOk()->json('report');
        expect([$cell['headline'], $cell['holes']])->toBe([$report['headline'], count($report['holes'])], $cell['kit'] . ' × ' . $cell['scope']);
    }
})->with(fn(): array => ['on paper' => [''], 'on a day' => ['on=' . now()->addDays(7)->toDateString()], 'in somebody’s hands' => ['on=' . now()->toDateString() . '&hand=nela-sorge']]);

it('leaves out what was put away, and says who stands behind it', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Lead));
    $version = $this->getJson('/api/v1/scopes/tower-7')->json('version');
    $this->putJson('/api/v1/scopes/tower-7', [...array_diff_key($this->getJson('/api/v1/scopes/tower-7')->json(), ['version' => '', 'lines' => '']), 'archived' => true], ['If-Match' => '"' . $version . '"'])->assertOk();
    $matrix = $this->getJson('/api/v1/matrix?hand=beno-tashe')->assertOk();
    expect(array_column($matrix->json('scopes'), 'id'))->not->toContain('tower-7')
        ->and($matrix->json('hand'))->toBe(['id' => 'beno-tashe', 'name' => 'Beno Tashe'])
        ->and($matrix->json('on'))->toBeNull();
});

it('is asked in one’s own hands by everybody, and in those of others by who may see them', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $this->getJson('/api/v1/matrix?hand=beno-tashe')->assertOk();
    $this->getJson('/api/v1/matrix?hand=tilo-brandvik')->assertForbidden();
    $this->insteadActingAs(personOf($this->demo(), Role::Coordinator));
    $this->getJson('/api/v1/matrix?hand=nobody')->assertUnprocessable()->assertJsonPath('problems.0.path', 'hand');
    $this->getJson('/api/v1/matrix?on=2027-02-30')->assertUnprocessable()->assertJsonPath('problems.0.path', 'on');
});

it('gives no table of what no kit is held against', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $this->getJson('/api/v1/coverage.csv?scope=tower-7')->assertUnprocessable()->assertJsonPath('problems.0.path', 'kit');
});

it('gives a report as a table: a row for each step, with the tool and why', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $asked = 'kit=pylon-backpack&scope=tower-7&on=' . now()->toDateString();
    $answer = $this->get('/api/v1/coverage.csv?' . $asked)->assertOk();
    $rows = csvRows($answer);
    $report = $this->getJson('/api/v1/coverage?' . $asked)->json('report');
    $head = array_shift($rows);
    $byLine = [];
    foreach ($rows as $row) {
        $byLine[$row[0]][] = array_combine($head, $row);
    }
    expect($answer->headers->get('Content-Disposition'))->toContain('cover-pylon-backpack-tower-7-' . now()->toDateString() . '.csv')
        ->and(array_keys($byLine))->toBe(array_column($report['lines'], 'id'));
    foreach ($report['lines'] as $line) {
        $steps = array_values(array_filter($byLine[$line['id']], static fn(array $row): bool => $row['step'] !== ''));
        expect(array_map(static fn(array $row): array => [$row['status'], $row['step'], $row['step status'], $row['why']], $steps))
            ->toBe(array_map(static fn(array $step): array => [$line['status'], $step['op'], $step['status'], implode(' ', array_column($step['reasons'], 'text'))], $line['steps']));
        $said = array_values(array_filter($byLine[$line['id']], static fn(array $row): bool => $row['step'] === ''));
        expect(array_column($said, 'why'))->toBe($line['checks'] === [] && $line['steps'] !== [] ? [] : [implode(' ', array_column($line['checks'], 'text'))]);
    }
});

it('is empty for a shop without kits', function (): void {
    $this->actingAs($this->emptyShop());
    expect($this->getJson('/api/v1/matrix')->assertOk()->json())->toBe(['on' => null, 'hand' => null, 'kits' => [], 'scopes' => [], 'cells' => []]);
});
