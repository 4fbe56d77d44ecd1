<?php

declare(strict_types=1);

use Tests\Support\OpenApi;

/* What must be in the bag for the work, and what one tool alone would do. */

it('packs what does all that the kit does, and leaves the rest at home', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $ask = fn(array $more = []): mixed => $this->getJson('/api/v1/coverage/bag?' . http_build_query(['kit' => 'pylon-backpack', 'scope' => 'tower-7', ...$more]))->assertOk();
    $bag = $ask();
    $take = array_column($bag->json('bag.take'), 'tool');
    $leave = array_column($bag->json('bag.leave'), 'tool');
    expect(OpenApi::mismatch($bag, 'get', '/coverage/bag'))->toBe('')
        ->and([$bag->json('kit.name'), $bag->json('bag.isProven')])->toBe(['Pylon backpack', true])
        ->and([...$take, ...$leave])->toEqualCanonicalizing(array_column($this->getJson('/api/v1/kits/pylon-backpack')->json('tools'), 'tool'))
        ->and($take)->not->toBe([])->and($leave)->not->toBe([]);

    // Nothing is lost with what stays, and something with each that is taken.
    $cover = fn(string $without): array => $this->getJson('/api/v1/coverage?' . http_build_query(['kit' => 'pylon-backpack', 'scope' => 'tower-7', 'without' => $without]))->json('report');
    $steps = static fn(array $report): array => [array_map(static fn(array $line): array => array_column($line['steps'], 'status'), $report['lines']), $report['headline']];
    $whole = $steps($this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->json('report'));
    expect($steps($cover(implode(',', $leave))))->toBe($whole);
    foreach ($take as $one) {
        expect($steps($cover(implode(',', [...$leave, $one]))))->not->toBe($whole, $one);
    }
});

it('packs the kit as it is supposed, and as it stands on a day', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $take = fn(array $more): array => array_column($this->getJson('/api/v1/coverage/bag?' . http_build_query(['kit' => 'pylon-backpack', 'scope' => 'tower-7', ...$more]))->assertOk()->json('bag.take'), 'tool');
    expect($take(['with' => 'press-frame,press-dies-mm2']))->toContain('press-frame', 'press-dies-mm2')
        ->and($take(['without' => 'oval-ratchet']))->not->toContain('oval-ratchet');
    $day = $this->demoDay()->plus(20)->plain();
    $counts = array_column($this->getJson('/api/v1/coverage?' . http_build_query(['kit' => 'pylon-backpack', 'scope' => 'tower-7', 'on' => $day]))->json('day.away'), 'tool');
    expect(array_intersect($take(['on' => $day]), $counts))->toBe([])->and(array_intersect($take([]), $counts))->not->toBe([]);
});

it('names the one tool of each operation, of the kit and of the shop, and what is lost without the others', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $one = $this->getJson('/api/v1/coverage/bag?kit=pylon-backpack&scope=tower-7')->json('one');
    $cut = $one[0];
    expect(array_column($one, 'op'))->toBe(['cut', 'strip-sheath', 'strip', 'crimp', 'sleeve', 'torque'])
        ->and($cut['ofKit']['proper'] + $cut['ofKit']['makeshift'])->toBeLessThanOrEqual($cut['asked'])
        ->and(count($cut['ofKit']['sizes']))->toBeLessThanOrEqual($cut['askedSizes']);
    foreach ($one as ['ofKit' => $kit, 'ofShop' => $shop]) {
        // The shop has all that the kit has.
        expect([$shop['proper'], $shop['proper'] + $shop['makeshift']] >= [$kit['proper'], $kit['proper'] + $kit['makeshift']])->toBeTrue();
    }
    $crimp = array_column($one, null, 'op')['crimp'];
    expect($crimp['ofKit']['lost'])->not->toBe([])->and(implode(' ', $crimp['ofKit']['lost']))->toContain('→');
});

it('wants a kit', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/coverage/bag?scope=tower-7')->assertUnprocessable()->assertJsonPath('problems.0.path', 'kit');
});
