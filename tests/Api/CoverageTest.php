<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\OpenApi;

it('answers like the command line for the same workbook', function (string $kit, string $scope): void {
    $shop = $this->demo();
    $page = $this->actingAs($this->lead($shop))->getJson("/api/v1/coverage?kit={$kit}&scope={$scope}")->assertOk()->json();

    $process = new Process([base_path('bin/gondrik'), 'check', App\Demo\DemoShop::workbookPath(), '--kit', $kit, '--scope', $scope, '--format', 'json', '--why', 'all']);
    $process->run();
    $told = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    expect($process->getExitCode())->toBe($page['report']['headline']['hole'] + $page['report']['headline']['faulty'] > 0 ? 1 : 0);

    foreach ($told['lines'] as $at => $line) {
        foreach ($line['steps'] as $step => $data) {
            $others = $this->getJson("/api/v1/coverage/lines/{$line['id']}/steps/{$step}/others?kit={$kit}&scope={$scope}")->assertOk()->json('data');
            expect($others)->toEqual($data['others']);
            unset($told['lines'][$at]['steps'][$step]['others']);
        }
    }
    expect($page['report'])->toEqual($told);
})->with([['pylon-backpack', 'tower-7'], ['panel-bench', 'station-panel'], ['panel-bench', 'tower-7']]);

it('lays the holes out on the ruler', function (): void {
    $ruler = $this->actingAs($this->lead($this->demo()))->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->json('ruler');
    $open = array_values(array_filter($ruler['drops'], static fn(array $drop): bool => $drop['status'] === 'hole'));
    expect(array_column($open, 'size'))->toBe(['1.5 mm2', '2.5 mm2', '4 mm2', '50 mm2', '2/0 AWG'])
        ->and($open[0]['marks']['strip-sheath'])->toBe('hole')
        ->and($open[3]['marks']['lug'])->toBe('hole')
        ->and(array_column($ruler['lanes'], 'name'))->toBe(['cut', 'strip-sheath', 'strip', 'insulated', 'heat-shrink', 'ferrule', 'lug', 'finish']);
});

it('tells lengths in inches when asked', function (): void {
    $report = $this->actingAs($this->lead($this->demo()))->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7&length=inch')->json('report');
    expect($report['holes'][0]['wanted']['text'])->toContain('0.370 in to 0.575 in')
        ->and($report['holes'][0]['wanted']['od']['max'])->toBe(14.6);
});

it('refuses what cannot be asked, naming the place', function (string $query, int $status, ?string $path): void {
    $response = $this->actingAs($this->lead($this->demo()))->getJson('/api/v1/coverage?' . $query)->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json');
    expect($response->json('problems.0.path'))->toBe($path);
})->with([
    ['kit=pylon-backpack', 422, 'scope'],
    ['kit=pylon-backpack&scope=tower-7&length=ell', 422, 'length'],
    ['kit=nobody&scope=tower-7', 404, null],
    ['kit=pylon-backpack&scope=nowhere', 404, null],
]);

it('knows no line and no step that is not there', function (string $path): void {
    $this->actingAs($this->lead($this->demo()))->getJson("/api/v1/coverage/lines/{$path}/others?kit=pylon-backpack&scope=tower-7")->assertNotFound();
})->with(['nothing/steps/0', 'heat-15/steps/99', 'heat-15/steps/first']);

it('shows nothing of another shop', function (): void {
    $this->demo();
    $stranger = $this->emptyShop();
    $this->actingAs($stranger)->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->assertNotFound();
    $this->getJson('/api/v1/kits')->assertExactJson(['data' => []]);
    $this->getJson('/api/v1/scopes')->assertExactJson(['data' => []]);
    expect($this->get('/api/v1/workbook')->getContent())->not->toContain('pylon');
});

it('reports a tool whose requirement is not in the kit', function (): void {
    $shop = $this->demo();
    $document = json_decode($this->demoText());
    foreach ($document->tools as $tool) {
        if ($tool->id === 'hex-lug') {
            $tool->requires = ['hot-air'];
        }
    }
    $this->actingAs($this->lead($shop));
    $id = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$id}/apply")->assertOk();
    $lines = collect($this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->assertOk()->json('report.lines'));
    expect($lines->firstWhere('id', 'winch-35')['status'])->toBe('hole');
});

it('tells what cannot be asked instead of breaking', function (string $address, int $status): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/' . $address)->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json');
})->with([
    'bytes that are no text' => ['coverage?kit=a%ff&scope=tower-7', 422],
    'a kit that is a list' => ['coverage?kit[]=a&scope=tower-7', 422],
    'an unknown length' => ['coverage?kit=pylon-backpack&scope=tower-7&length=cubit', 422],
    'a length that is a list' => ['coverage?kit=pylon-backpack&scope=tower-7&length[]=mm', 422],
    'a step beyond an integer' => ['coverage/lines/heat-15/steps/99999999999999999999/others?kit=pylon-backpack&scope=tower-7', 404],
    'a step that is not there' => ['coverage/lines/heat-15/steps/99/others?kit=pylon-backpack&scope=tower-7', 404],
]);

it('tells the steps and the faults while no kit is in hand, and judges nothing', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $with = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->json();
    $response = $this->getJson('/api/v1/coverage?scope=tower-7');
    expect(OpenApi::mismatch($response, 'get', '/coverage'))->toBe('')
        ->and($response->json('kit'))->toBeNull()
        ->and($response->json('report.holes'))->toBe([])
        ->and(array_unique(array_column($response->json('report.lines'), 'status')))->toBe(['unjudged']);
    $steps = static fn(array $coverage): array => array_map(static fn(array $line): array => array_column($line['steps'], 'op'), $coverage['report']['lines']);
    expect($steps($response->json()))->toBe($steps($with))
        ->and(array_column($response->json('ruler.drops'), 'area'))->toBe(array_column($with['ruler']['drops'], 'area'));
});

it('knows where a line that is being written would drop', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $entry = $this->getJson('/api/v1/scopes/tower-7/entry?kit=pylon-backpack&text=' . rawurlencode('3 × 12 AWG hook-up → ring yellow M6'));
    expect($entry->json('drop.size'))->toBe('12 AWG')->and($entry->json('drop.marks.strip'))->toBe('covered')->and($entry->json('drop.quantity'))->toBe(3)
        ->and($this->getJson('/api/v1/scopes/tower-7/entry?text=' . rawurlencode('3 × 12 AWG hook-up → ring yellow M6'))->json('drop.marks.strip'))->toBe('unjudged')
        ->and($this->getJson('/api/v1/scopes/tower-7/entry?text=blorp')->json('drop'))->toBeNull();
});
