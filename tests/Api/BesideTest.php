<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

/* Two kits on one scope. */

const BESIDE = ['kit' => 'pylon-backpack', 'other' => 'cabin-bench', 'scope' => 'tower-7'];

it('holds two kits side by side: each as its own report has it, and whose each line is', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $beside = $this->getJson('/api/v1/coverage/beside?' . http_build_query(BESIDE))->assertOk();
    expect(OpenApi::mismatch($beside, 'get', '/coverage/beside'))->toBe('')
        ->and($beside->json('kits.*.id'))->toBe(['pylon-backpack', 'cabin-bench'])
        ->and($beside->json('away'))->toBe([[], []]);
    $alone = fn(string $kit): array => $this->getJson('/api/v1/coverage?' . http_build_query(['kit' => $kit, 'scope' => 'tower-7']))->json('report');
    expect($beside->json('reports'))->toBe([$alone('pylon-backpack'), $alone('cabin-bench')]);

    $made = static fn(string $status): bool => in_array($status, ['covered', 'makeshift'], true);
    $quantity = array_map(static fn(array $line): int => $line['quantity'] ?? 1, $beside->json('lines'));
    $sums = ['one' => 0, 'other' => 0, 'neither' => 0];
    foreach ($beside->json('reports.0.lines') as $at => ['id' => $id, 'status' => $status]) {
        $other = $beside->json('reports.1.lines')[$at]['status'];
        $sums['one'] += $made($status) && !$made($other) ? $quantity[$id] : 0;
        $sums['other'] += !$made($status) && $made($other) ? $quantity[$id] : 0;
        $sums['neither'] += !$made($status) && !$made($other) ? $quantity[$id] : 0;
    }
    expect(array_map(static fn(string $whose): int => $beside->json('sums')[$whose]['terminations'], ['one' => 'one', 'other' => 'other', 'neither' => 'neither']))->toBe($sums)
        ->and(array_sum(array_column($beside->json('sums'), 'terminations')))->toBe($beside->json('reports.0.headline.terminations'))
        ->and(array_keys($beside->json('tools')))->toContain(...array_column($beside->json('ruler.lanes.0.bars'), 'tool'));
});

it('turns with the kits, on the day and in somebody\'s hands', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $ask = fn(array $more): mixed => $this->getJson('/api/v1/coverage/beside?' . http_build_query([...BESIDE, ...$more]))->assertOk();
    $turned = ['one' => 'other', 'other' => 'one', 'one-better' => 'other-better', 'other-better' => 'one-better', 'both' => 'both', 'neither' => 'neither'];
    $whose = $ask([])->json('whose');
    expect($ask(['kit' => 'cabin-bench', 'other' => 'pylon-backpack'])->json('whose'))->toBe(array_map(static fn(string $of): string => $turned[$of], $whose));

    $day = $this->demoDay()->plus(20)->plain();
    $person = $this->getJson('/api/v1/people?most=1')->json('data.0.id');
    $cover = fn(string $kit): mixed => $this->getJson('/api/v1/coverage?' . http_build_query(['kit' => $kit, 'scope' => 'tower-7', 'on' => $day, 'hand' => $person]));
    $there = $ask(['on' => $day, 'hand' => $person]);
    expect(OpenApi::mismatch($there, 'get', '/coverage/beside'))->toBe('')
        ->and($there->json('reports'))->toBe([$cover('pylon-backpack')->json('report'), $cover('cabin-bench')->json('report')])
        ->and($there->json('away'))->toBe([$cover('pylon-backpack')->json('day.away'), $cover('cabin-bench')->json('day.away')])
        ->and($there->json('away.0'))->not->toBe([]);
    // What belongs there and does not count is drawn in whose kit it belongs: the stripper of the panel bench is lent today.
    $lanes = $ask(['kit' => 'panel-bench', 'scope' => 'station-panel', 'on' => now()->toDateString()])->json('ruler.lanes');
    $away = array_filter(array_merge(...array_column($lanes, 'bars')), static fn(array $bar): bool => $bar['isAway'] ?? false);
    expect(array_column($away, 'whose', 'tool'))->toBe(['heavy-10-16' => 'one']);
});

it('names what is missing or not there', function (array $asked, int $status): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/coverage/beside?' . http_build_query([...BESIDE, ...$asked]))->assertStatus($status);
})->with([
    'no other kit' => [['other' => null], 422],
    'a kit that is none' => [['other' => 'nobody'], 404],
    'no kit' => [['kit' => null], 422],
    'no day' => [['on' => 'soon'], 422],
    'nobody' => [['hand' => 'nobody'], 422],
]);

it('tells no prices to who may not see them', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    expect(array_filter(array_column($this->getJson('/api/v1/coverage/beside?' . http_build_query(BESIDE))->json('tools'), 'price')))->not->toBe([]);
    $this->insteadActingAs(personOf($shop, Role::Hand));
    expect(array_filter(array_column($this->getJson('/api/v1/coverage/beside?' . http_build_query(BESIDE))->json('tools'), 'price')))->toBe([]);
});
