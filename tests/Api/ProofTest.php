<?php

declare(strict_types=1);

use App\Models\Role;
use Gondrik\Core\Value\Day;
use Tests\Support\OpenApi;

/* What pulls say of things: charts, what is in doubt, trials side by side, what is proven, and the gauge. */

beforeEach(fn() => $this->travelTo($this->demoDay() . ' 12:00:00'));

it('charts what a thing was pulled at as the command line does, up to a day', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $answer = $this->getJson('/api/v1/assets/CR-03/charts')->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/assets/{id}/charts'))->toBe('')->and($answer->json('charts'))->toHaveCount(1);
    $chart = $answer->json('charts.0');
    expect([$chart['n'], $chart['trial'], count($chart['subgroups']), $chart['inControl'], $chart['nest']])->toBe([5, false, 36, false, '2.54'])
        ->and(array_keys(array_filter(array_column($chart['subgroups'], 'fired'))))->toBe([32, 33, 34, 35])
        ->and($chart['subgroups'][32]['says'])->toBe(['beyond three sigma: this is no chance'])
        ->and(min(array_merge(...array_column($chart['subgroups'], 'forces'))))->toBeGreaterThan($chart['required']);
    expect($chart['requiredBy'])->toBe('IEC 60352-2');
    // Of what was known on an earlier day, more is not said.
    $before = $this->getJson('/api/v1/assets/CR-03/charts?on=' . $this->demoDay()->plus(-40))->json('charts.0');
    expect($before['inControl'])->toBeTrue()->and(count($before['subgroups']))->toBeLessThan(33)
        ->and($this->getJson('/api/v1/assets/CR-01/charts')->json('charts.0.inControl'))->toBeTrue()
        ->and($this->getJson('/api/v1/assets/TQ-03/charts')->json('charts'))->toBe([]);
    $states = array_column($this->getJson('/api/v1/wall')->json('things'), null, 'tag');
    expect([$states['CR-03']['sign'], $states['CR-01']['sign'], $states['CR-25']['sign']])->toBe(['watch', 'in', 'held'])
        ->and([$states['CR-03']['driftsSince'], $states['CR-05']['driftsSince']])->toBe([$chart['subgroups'][32]['on'], null]);
    // The lead looks, and clears it: it is good again, and what was pulled before is no alarm any more.
    $this->insteadActingAs(personOf($this->demo(), Role::Lead));
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'cleared', 'asset' => 'CR-03', 'note' => 'New dies.']]])->assertCreated();
    expect($this->getJson('/api/v1/assets/CR-03/charts')->json('charts.0.inControl'))->toBeTrue()
        ->and(array_column($this->getJson('/api/v1/wall')->json('things'), 'sign', 'tag')['CR-03'])->toBe('in');
});

it('compares what was pulled of one wire and terminal', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Lead));
    $trial = ['what' => 'pull', 'asset' => 'CR-05', 'wire' => 'hookup-18', 'terminal' => 'ring-red-m4', 'forces' => [120, 121.5, 119, 122, 120.5], 'modes' => ['pulled-out', 'conductor', 'pulled-out', 'pulled-out', 'pulled-out'], 'note' => 'stripped 5 mm'];
    $this->postJson('/api/v1/log', ['entries' => [$trial]])->assertCreated();
    $answer = $this->getJson('/api/v1/pulls/compared?wire=hookup-18&terminal=ring-red-m4')->assertOk();
    $series = $answer->json('data');
    expect(OpenApi::mismatch($answer, 'get', '/pulls/compared'))->toBe('')
        ->and(array_column(array_slice($series, 0, 3), 'nest'))->toBe(['red', 'red: no insulation grip', 'red: stripped 5 mm'])
        ->and(array_column(array_slice($series, 0, 3), 'isWorse'))->toBe([false, false, true])
        ->and($series[0])->toMatchArray(['asset' => 'CR-01', 'chance' => null, 'isWorse' => false])
        ->and(end($series))->toMatchArray(['asset' => 'CR-05', 'note' => 'stripped 5 mm', 'isWorse' => true, 'mean' => 120.6, 'modes' => [['mode' => 'pulled-out', 'count' => 4], ['mode' => 'conductor', 'count' => 1]]])
        ->and(end($series)['difference'])->toEqualWithDelta($series[0]['mean'] - 120.6, 1e-9)
        ->and($this->getJson('/api/v1/pulls/compared?wire=hookup-18')->json('data'))->toBe([])
        ->and($this->getJson('/api/v1/pulls/compared?terminal=ring-red-m4')->status())->toBe(422);
});

it('tells what one thing may have made since its last good pull', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Lead));
    $answer = $this->getJson('/api/v1/assets/CR-25/doubt')->assertOk();
    $charts = $this->getJson('/api/v1/assets/CR-03/charts')->json('charts.0');
    $drift = $this->getJson('/api/v1/assets/CR-03/doubt')->json('data');
    $first = array_search(true, array_map(static fn(array $one): bool => $one['fired'] !== [], $charts['subgroups']), true);
    expect(OpenApi::mismatch($answer, 'get', '/assets/{id}/doubt'))->toBe('')
        ->and($drift['doubted'])->toBe($charts['subgroups'][$first]['on'])
        ->and($drift['good'])->toBe($charts['subgroups'][$first - 1]['on'])
        // What rests on it of the same kit, of scopes that have begun.
        ->and(array_column($drift['made'], 'terminations', 'scope.id'))->not->toBe([])
        ->and($this->getJson('/api/v1/assets/CR-01/doubt')->json('data'))->toBeNull()
        ->and($this->getJson('/api/v1/assets/gone/doubt')->status())->toBe(404);
    $resting = array_column($this->getJson('/api/v1/assets/CR-03/resting')->json('data'), 'taken', null);
    foreach ($drift['made'] as $made) {
        expect($made['terminations'])->toBeIn($resting);
    }
    // Work that was over before it was last good is in no doubt.
    $id = $drift['made'][0]['scope']['id'];
    $scope = $this->getJson('/api/v1/scopes/' . $id)->json();
    $this->putJson('/api/v1/scopes/' . $id, [...array_diff_key($scope, ['version' => 0]), 'starts' => (string) Day::read($drift['good'])->plus(-9), 'days' => 9], ['If-Match' => '"' . $scope['version'] . '"'])->assertOk();
    expect(array_column(array_column($this->getJson('/api/v1/assets/CR-03/doubt')->json('data.made'), 'scope'), 'id'))->not->toContain($id);
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'cleared', 'asset' => 'CR-03', 'note' => 'jaws set anew']]])->assertCreated();
    expect($this->getJson('/api/v1/assets/CR-03/doubt')->json('data'))->toBeNull();
});

it('gives the subgroups of a thing as a table', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $rows = csvRows($this->get('/api/v1/assets/CR-03/charts.csv')->assertOk());
    $chart = $this->getJson('/api/v1/assets/CR-03/charts')->json('charts.0');
    expect($rows)->toHaveCount(37)
        ->and(array_slice($rows[0], 0, 8))->toBe(['Wire', 'Terminal', 'Nest', 'Day', 'Forces N', 'Mean N', 'Range N', 'Centre N'])
        ->and(array_slice($rows[33], 0, 5))->toBe([$chart['wire'], $chart['terminal'], '2.54', $chart['subgroups'][32]['on'], implode(' ', $chart['subgroups'][32]['forces'])])
        ->and((float) $rows[33][5])->toEqualWithDelta($chart['subgroups'][32]['mean'], 1e-9)
        ->and($rows[33][14])->toBe('beyond three sigma: this is no chance')->and($rows[1][14])->toBe('');
});

it('offers what pulls prove, writes it into the model with its source, and says what they no longer bear out', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Lead));
    $charts = fn(string $tag): array => $this->getJson('/api/v1/assets/' . $tag . '/charts')->json();
    expect($charts('CR-01')['charts'][0]['proven'])->toMatchArray(['state' => 'offered', 'nest' => 'red', 'stated' => null, 'offered' => '18 AWG'])
        ->and($charts('CR-01')['practice'])->toBe([['nest' => 'red', 'pulls' => 125, 'of' => 20], ['nest' => 'blue', 'pulls' => 0, 'of' => 20], ['nest' => 'yellow', 'pulls' => 0, 'of' => 20]])
        ->and($charts('CR-03')['charts'][0]['proven'])->toMatchArray(['state' => 'lost', 'stated' => '26-24 AWG', 'offered' => null]);
    $prove = '/api/v1/assets/CR-01/proven?wire=hookup-18&terminal=ring-red-m4&nest=red';
    $before = $this->getJson('/api/v1/tools/oval-ratchet')->json();
    $written = $this->postJson($prove)->assertNoContent();
    $nests = $this->getJson('/api/v1/tools/oval-ratchet')->json('capabilities.0.nests');
    expect(array_column($nests, 'proven', 'label'))->toBe(['red' => '18 AWG'])
        ->and($this->getJson('/api/v1/tools/oval-ratchet')->json('note'))->toContain('18 AWG proven in nest "red" by pulls: CR-01, 25 subgroups of 5 to ', 'capability 4.')
        ->and($charts('CR-01')['charts'][0]['proven'])->toMatchArray(['state' => 'holds', 'stated' => '18 AWG'])
        // It says so already.
        ->and($this->postJson($prove)->assertConflict()->json('detail'))->toBe('Proven, and its pulls bear that out.')
        ->and($this->postJson('/api/v1/assets/CR-01/proven?wire=hookup-18&terminal=ring-red-m4')->status())->toBe(409)
        ->and($this->postJson('/api/v1/assets/CR-03/proven?wire=cabin-24&terminal=pin-2.54&nest=2.54')->assertConflict()->json('detail'))->toBe('The model calls it proven, and its pulls no longer bear that out.');
    $this->postJson('/api/v1/history/' . $written->headers->get('Gondrik-Change') . '/undo')->assertSuccessful();
    expect($this->getJson('/api/v1/tools/oval-ratchet')->json())->toBe($before);
});

it('knows no gauge where the installation has none, and says so of a pull', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $gauges = $this->getJson('/api/v1/gauges')->assertOk();
    expect(OpenApi::mismatch($gauges, 'get', '/gauges'))->toBe('')->and($gauges->json('data'))->toBe([]);
    $pull = $this->get('/api/v1/gauges/bench/pull?test=some-test&by=somebody')->assertOk();
    expect($pull->headers->get('Content-Type'))->toContain('text/event-stream')
        ->and($pull->streamedContent())->toStartWith("event: fault\ndata: ")->toContain('no-reader');
    expect($this->getJson('/api/v1/gauges/bench/pull?test=short&by=somebody')->status())->toBe(422)
        ->and($this->getJson('/api/v1/gauges/bench/pull?test=some-test')->status())->toBe(422);
});

it('takes pulls of what a thing is not meant for, and tells it', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $pulls = static fn(string $terminal, ?string $nest = null): array => ['what' => 'pull', 'asset' => 'CR-01', 'wire' => 'hookup-18', 'terminal' => $terminal, 'forces' => [150, 151], ...$nest === null ? [] : ['nest' => $nest]];
    // What the demo pulls, its things are meant for.
    foreach (['CR-01', 'CR-03', 'CR-10', 'CR-25'] as $tag) {
        expect(array_filter(array_column($this->getJson('/api/v1/assets/' . $tag . '/charts')->json('charts'), 'against')))->toBe([], $tag);
    }
    $this->postJson('/api/v1/log', ['entries' => [$pulls('pin-2.54'), $pulls('ring-red-m4', 'yellow'), $pulls('ring-red-m4', 'red: stripped 2 mm')]])->assertCreated();
    $charts = $this->getJson('/api/v1/assets/CR-01/charts')->assertOk();
    $against = array_column($charts->json('charts'), 'against');
    expect(OpenApi::mismatch($charts, 'get', '/assets/{id}/charts'))->toBe('')
        ->and($against)->toBe([null, 'it crimps none of this class, or the terminal takes no such wire', 'the nest for it is “red”', null]);
});

it('refuses a force that is none, names it, and writes nothing', function (mixed $force, string $says): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $before = count($this->getJson('/api/v1/assets/CR-01/log')->json('data'));
    $refused = $this->postJson('/api/v1/log', ['entries' => [['what' => 'pull', 'asset' => 'CR-01', 'wire' => 'hookup-18', 'forces' => [150, $force]]]]);
    expect($refused->status())->toBe(422)
        ->and(json_encode($refused->json(), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE))->toContain('forces/1', $says)
        ->and(count($this->getJson('/api/v1/assets/CR-01/log')->json('data')))->toBe($before);
})->with([[0, '0'], [-12, '-12'], ['NaN', 'NaN'], ['12.6 lbf', '12.6 lbf'], [1e12, '1']]);
