<?php

declare(strict_types=1);

use Tests\Support\OpenApi;

/* A kit whose people may fetch tools of another: on Cover, on the card and in a plan, where another kit is written, and where one goes. */

/** The pylon backpack shares the panel bench, which works sheaths and stays where it is. */
function sharing($test, array $shares = ['panel-bench']): void
{
    $kit = $test->getJson('/api/v1/kits/pylon-backpack')->json();
    $test->putJson('/api/v1/kits/pylon-backpack', [...array_diff_key($kit, ['version' => null]), 'shares' => $shares, 'travels' => false], ['If-Match' => '"' . $kit['version'] . '"'])->assertOk();
}

it('covers with what may be fetched, and says that it is', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $alone = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=station-panel')->json('report');
    expect($alone['headline']['hole'])->toBeGreaterThan(0);
    sharing($this);
    $answer = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=station-panel');
    $shared = $answer->json('report');
    expect(OpenApi::mismatch($answer, 'get', '/coverage'))->toBe('')
        ->and($shared['kit'])->toBe('pylon-backpack')
        ->and($shared['headline']['hole'])->toBe(0);
    $told = [];
    foreach ($shared['lines'] as $line) {
        foreach ($line['steps'] as $step) {
            $told = [...$told, ...array_column($step['reasons'], 'code')];
        }
    }
    expect($told)->toContain('tool.shared');
    // Nothing of the report names a tool that is not among the tools beside it.
    $tools = array_keys($answer->json('tools'));
    foreach ($shared['lines'] as $line) {
        foreach ($line['steps'] as $step) {
            expect($step['tool'] === null || in_array($step['tool'], $tools, true))->toBeTrue();
        }
    }
    // What is barred is barred wherever it stands.
    $press = array_values(array_filter($shared['lines'][0]['steps'], static fn(array $step): bool => $step['op'] === 'crimp'))[0]['tool'] ?? $shared['lines'][0]['steps'][0]['tool'];
    $barred = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=station-panel&without=' . $press)->json('report');
    foreach ($barred['lines'] as $line) {
        expect(array_column($line['steps'], 'tool'))->not->toContain($press);
    }
    $plan = $this->getJson('/api/v1/plan?kit=pylon-backpack&scopes=station-panel')->assertOk()->json('plan');
    expect($plan['add'])->toBe([])->and($plan['holes'])->toBe([]);
    $line = $shared['lines'][0]['id'];
    $this->getJson('/api/v1/card?kit=pylon-backpack&scope=station-panel&line=' . $line)->assertOk();
});

it('refuses to share a kit that there is not, or itself, and to take one away that is shared', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $kit = $this->getJson('/api/v1/kits/pylon-backpack')->json();
    $put = fn(array $more) => $this->putJson('/api/v1/kits/pylon-backpack', [...array_diff_key($kit, ['version' => null]), ...$more], ['If-Match' => '"' . $kit['version'] . '"'])->assertUnprocessable()->json('problems.0');
    expect($put(['shares' => ['gone']]))->toMatchArray(['path' => 'kit/shares/0', 'value' => 'gone', 'expected' => 'no kit of the shop has this id'])
        ->and($put(['shares' => ['pylon-backpack']])['expected'])->toBe('another kit; a kit does not share itself')
        ->and($put(['like' => 'gone'])['path'])->toBe('kit/like');
    sharing($this);
    $bench = $this->getJson('/api/v1/kits/panel-bench')->json();
    $refused = $this->deleteJson('/api/v1/kits/panel-bench', headers: ['If-Match' => '"' . $bench['version'] . '"'])->assertConflict();
    expect($refused->json('uses.0'))->toMatchArray(['list' => 'kits', 'id' => 'pylon-backpack']);
    sharing($this, []);
    // Where its things live is told then.
    $lived = $this->deleteJson('/api/v1/kits/panel-bench', headers: ['If-Match' => '"' . $bench['version'] . '"'])->assertConflict();
    expect(array_unique(array_column($lived->json('uses'), 'list')))->toContain('assets')->not->toContain('kits');
});

it('keeps dues, copies, shares and first days as they came', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $workbook = json_decode((string) $this->get('/api/v1/workbook')->getContent());
    $workbook->tools[0]->dues = [(object) ['kind' => 'calibration', 'days' => 365, 'price' => 4500], (object) ['kind' => 'oil', 'cycles' => 1000]];
    $workbook->kits[1] = (object) [...(array) $workbook->kits[1], 'tracked' => true, 'like' => $workbook->kits[0]->id, 'shares' => [$workbook->kits[2]->id]];
    $workbook->scopes[0]->starts = '2027-03-01';
    $this->postJson('/api/v1/imports/' . $this->upload((string) json_encode($workbook))->assertCreated()->json('id') . '/apply')->assertOk();
    expect(json_decode((string) $this->get('/api/v1/workbook')->getContent()))->toEqual($workbook);
});
