<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

/* A kit and a scope as somebody supposes them: tools, house rules, terminals of lines. Nothing is written, until it is kept. */

const UP_THE_TOWER = ['kit' => 'pylon-backpack', 'scope' => 'tower-7'];

/** Of the shelf, which the demo has not and which needs nothing else. */
const OF_SHELF = 'lever-indent';

const SUPPOSED = [
    'tools in and out' => [['with' => 'press-frame,press-dies-mm2', 'without' => 'gas-torch']],
    'a tool of the shelf' => [['with' => OF_SHELF]],
    'a house rule' => [['rules' => '{"makeshiftCounts":true,"carry":["puller"],"taps":"accept"}']],
    'a preset' => [['rules' => '{"preset":"aircraft"}']],
    'another terminal' => [['swap' => 'tower-7/drive-18:ring-blue-m5,tower-7/winch-50:lug-35-m10']],
    'all of it' => [['with' => 'press-frame,press-dies-mm2,notch-10-18', 'without' => 'hex-lug', 'rules' => '{"trainedHands":false}', 'swap' => 'tower-7/drive-18:ring-blue-m5']],
];

it('becomes exactly what it was supposed to be, once it is kept, and is taken back in one', function (array $supposed): void {
    $this->actingAs($this->lead($this->demo()));
    $cover = fn(array $more = []): mixed => $this->getJson('/api/v1/coverage?' . http_build_query([...UP_THE_TOWER, ...$more]))->assertOk();
    $before = $cover()->json();
    $asIf = $cover($supposed);
    expect(OpenApi::mismatch($asIf, 'get', '/coverage'))->toBe('')
        ->and($asIf->json('report'))->not->toBe($before['report'])
        ->and($asIf->json('was.lines'))->toBe(array_column($before['report']['lines'], 'status', 'id'))
        ->and($asIf->json('was.headline'))->toBe(array_intersect_key($before['report']['headline'], $asIf->json('was.headline')))
        ->and($cover()->json())->toBe($before);

    $kept = $this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, ...$supposed])->assertNoContent();
    expect(OpenApi::mismatch($kept, 'post', '/coverage/kept'))->toBe('');
    $after = $cover()->json();
    expect([$after['report'], $after['ruler']])->toBe([$asIf->json('report'), $asIf->json('ruler')])->and($after)->not->toHaveKey('was');

    $this->postJson('/api/v1/history/' . $kept->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($cover()->json())->toBe($before);
})->with(SUPPOSED);

it('tells which tools are of the shelf, and leaves what others have done meanwhile', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $asIf = $this->getJson('/api/v1/coverage?' . http_build_query([...UP_THE_TOWER, 'with' => OF_SHELF . ',press-frame']));
    expect($asIf->json('was.fromShelf'))->toBe([OF_SHELF])->and($asIf->json('tools'))->toHaveKey(OF_SHELF);

    // Somebody packs another tool before it is kept.
    $kit = $this->getJson('/api/v1/kits/pylon-backpack');
    $tools = [...$kit->json('tools'), ['tool' => 'meter']];
    $this->putJson('/api/v1/kits/pylon-backpack', [...array_diff_key($kit->json(), ['version' => '']), 'tools' => $tools], ['If-Match' => $kit->headers->get('ETag')])->assertOk();
    $this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, 'with' => 'press-frame'])->assertNoContent();
    expect(array_column($this->getJson('/api/v1/kits/pylon-backpack')->json('tools'), 'tool'))->toBe([...array_column($tools, 'tool'), 'press-frame']);
});

it('lets a preset of the scope set every rule, as it was seen', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $pair = ['kit' => 'panel-bench', 'scope' => 'station-panel'];
    $as = ['rules' => '{"preset":"bench","openFlame":true}'];
    $asIf = $this->getJson('/api/v1/coverage?' . http_build_query([...$pair, ...$as]))->json('report');
    $this->postJson('/api/v1/coverage/kept', [...$pair, ...$as])->assertNoContent();
    expect($this->getJson('/api/v1/coverage?' . http_build_query($pair))->json('report'))->toBe($asIf)
        ->and($this->getJson('/api/v1/scopes/station-panel')->json('houseRules'))->toEqual(['preset' => 'bench', 'openFlame' => true]);
});

it('is in the reasons of one line, and in the table, too', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $as = ['swap' => 'tower-7/drive-18:ring-blue-m5', 'rules' => '{"makeshiftCounts":true}', 'with' => 'oval-two'];
    $others = $this->getJson('/api/v1/coverage/lines/winch-50/steps/1/others?' . http_build_query([...UP_THE_TOWER, ...$as]))->assertOk();
    expect($others->json('data'))->not->toBe([]);
    $table = csvRows($this->get('/api/v1/coverage.csv?' . http_build_query([...UP_THE_TOWER, ...$as]))->assertOk());
    expect(array_filter(array_merge(...$table), static fn(string $cell): bool => str_contains($cell, 'Ring, blue, M5')))->not->toBe([]);
});

it('is planned from: the plan goes by the same rules and terminals, and is not accepted so', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $ask = ['kit' => 'pylon-backpack', 'scopes' => 'tower-7'];
    $plan = fn(array $more): mixed => $this->getJson('/api/v1/plan?' . http_build_query([...$ask, ...$more]))->assertOk();
    $rules = ['rules' => '{"preset":"aircraft"}'];
    $asIf = $plan($rules);
    expect($asIf->json('seen'))->toBeNull()->and($plan([])->json('seen'))->not->toBeNull()
        ->and($asIf->json('plan.coveredBefore'))->not->toBe($plan([])->json('plan.coveredBefore'));
    $this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, ...$rules])->assertNoContent();
    expect($plan([])->json('plan'))->toBe($asIf->json('plan'));
});

it('refuses what there is not, naming it, whether it is looked at or kept', function (array $supposed, string $path, ?string $value): void {
    $this->actingAs($this->lead($this->demo()));
    foreach ([$this->getJson('/api/v1/coverage?' . http_build_query([...UP_THE_TOWER, ...$supposed])), $this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, ...$supposed])] as $refused) {
        expect($refused->assertUnprocessable()->json('problems.0.path'))->toBe($path)->and($refused->json('problems.0.value'))->toBe($value);
    }
})->with([
    'a tool' => [['with' => 'press-frame,gone'], 'with', 'gone'],
    'a rule' => [['rules' => '{"hammer":"accept"}'], 'rules/hammer', 'accept'],
    'an answer' => [['rules' => '{"taps":"perhaps"}'], 'rules/taps', 'perhaps'],
    'no rules' => [['rules' => 'taps'], 'rules', null],
    'a line' => [['swap' => 'tower-7/gone:ring-blue-m5'], 'swap', 'tower-7/gone:ring-blue-m5'],
    'a line of another scope' => [['swap' => 'station-panel/heat-15:ring-blue-m5'], 'swap', 'station-panel/heat-15:ring-blue-m5'],
    'a terminal' => [['swap' => 'tower-7/heat-15:gone'], 'swap', 'tower-7/heat-15:gone'],
    'a terminal that does not suit the line' => [['swap' => 'tower-7/beacon-splice:ring-blue-m5'], 'swap', 'tower-7/beacon-splice:ring-blue-m5'],
]);

it('keeps nothing where all is so already', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach ([[], ['with' => 'gas-torch', 'without' => 'press-frame'], ['rules' => '{}'], ['swap' => 'tower-7/heat-15:ferrule-1.5']] as $supposed) {
        expect($this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, ...$supposed])->status())->toBe(422, json_encode($supposed));

    }
});

it('is kept by a coordinator, but a tool of the shelf by the lead alone; a hand may look', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $before = $this->getJson('/api/v1/kits/pylon-backpack')->json();
    $this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, 'with' => OF_SHELF . ',press-frame'])->assertForbidden();
    expect($this->getJson('/api/v1/kits/pylon-backpack')->json())->toBe($before);
    $this->postJson('/api/v1/coverage/kept', [...UP_THE_TOWER, 'with' => 'press-frame'])->assertNoContent();
    $this->insteadActingAs(personOf($shop, Role::Hand));
    $this->getJson('/api/v1/coverage?' . http_build_query([...UP_THE_TOWER, 'with' => OF_SHELF]))->assertOk();
});
