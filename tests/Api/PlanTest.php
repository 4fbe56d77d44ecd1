<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;
use Tests\Support\OpenApi;

/** @return array<string, mixed> */
function plannedByCommand(string ...$options): array
{
    $process = new Process([base_path('bin/gondrik'), 'plan', App\Demo\DemoShop::workbookPath(), '--format', 'json', ...$options]);
    $process->run();

    return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

it('plans like the command line for the same workbook', function (string $query, array $options): void {
    $this->actingAs($this->lead($this->demo()));
    $answer = $this->getJson('/api/v1/plan?steps=1&' . $query)->assertOk();
    $curve = $this->getJson('/api/v1/plan/curve?' . $query)->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/plan'))->toBe('')->and(OpenApi::mismatch($curve, 'get', '/plan/curve'))->toBe('');
    $told = plannedByCommand(...$options);
    $page = $answer->json('plan');
    foreach (['status', 'cost', 'bound', 'mass', 'terminations', 'coveredBefore', 'coveredAfter', 'makeshiftAfter'] as $key) {
        expect($page[$key])->toBe($told[$key], $key);
    }
    expect(array_diff_key($page['next'] ?? [], ['covered' => 0]))->toBe($told['next'] ?? [])
        ->and($page['next']['covered'] ?? 0)->toBeLessThanOrEqual($page['coveredAfter']);
    if (!str_contains($query, 'budget') && !str_contains($query, 'mass')) {
        expect($page['next']['covered'] ?? $page['coveredAfter'])->toBe($page['coveredAfter']);
    }
    $less = static fn(array $rows, array $keys): array => array_map(static fn(array $row): array => array_intersect_key($row, array_flip($keys)), $rows);
    expect($less($page['add'], ['tool', 'count', 'cost', 'closes']))->toBe($told['add'])
        ->and($less($page['open'], ['line', 'op', 'wanted']))->toBe($told['open'])
        ->and($less($page['roles'], ['tool', 'role', 'lines', 'alone']))->toBe($told['roles'])
        ->and($curve->json('exact'))->toBe($told['curve']);
})->with([
    'everything' => ['kit=pylon-backpack&scopes=tower-7', ['--kit', 'pylon-backpack', '--scope', 'tower-7']],
    'two scopes, little money' => ['kit=apprentice-box&scopes=boards,cabin-lighting&budget=15000', ['--kit', 'apprentice-box', '--scope', 'boards', '--scope', 'cabin-lighting', '--budget', '15000']],
    'light, makeshift counts, one in and one out' => ['kit=pylon-backpack&scopes=tower-7&mass=9000&makeshift=1&with=self-small&without=heavy-10-16', ['--kit', 'pylon-backpack', '--scope', 'tower-7', '--mass', '9000', '--makeshift', '--with', 'self-small', '--without', 'heavy-10-16']],
    'from nothing' => ['scopes=boards', ['--scope', 'boards']],
]);

it('plans a tracked kit on a day: what is past a due is renewed where that is cheaper than another', function (): void {
    $this->actingAs($this->lead($shop = $this->demo()));
    $day = $this->demoDay()->plus(90);
    $asked = 'kit=panel-bench&scopes=station-panel';
    $answer = $this->getJson("/api/v1/plan?{$asked}&on={$day}&means=buy,renew,call-back")->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/plan'))->toBe('');
    $add = array_column($answer->json('plan.add'), null, 'means');
    expect($add['renew'])->toMatchArray(['tool' => 'torque-small', 'cost' => 4500, 'isSecond' => false, 'mending' => ['asset' => 'TQ-02', 'isLent' => false, 'dues' => ['verification']]])
        ->and($add['call-back'])->toMatchArray(['tool' => 'heavy-10-16', 'cost' => 0])
        ->and($add['call-back']['mending'])->toMatchArray(['isLent' => true, 'dues' => []])
        ->and($answer->json('plan.cost'))->toBe(4500)
        ->and($answer->json('plan.coveredAfter'))->toBe($answer->json('plan.terminations'))
        // What only counts again weighs nothing more: it is packed already.
        ->and($answer->json('plan.mass'))->toBe($this->getJson("/api/v1/plan?{$asked}")->json('plan.mass'))
        ->and($answer->json('seen'))->toBeNull()
        ->and(array_column($answer->json('plan.buyingList'), 2, 0))->toHaveKey('renew', $answer->json('tools.torque-small.name') . ' (TQ-02)');
    // The same by buying alone is dearer, and on paper nothing is to do.
    $bought = $this->getJson("/api/v1/plan?{$asked}&on={$day}")->assertOk();
    expect(array_column($bought->json('plan.add'), 'means'))->toBe(['buy', 'buy'])
        ->and($bought->json('plan.cost'))->toBeGreaterThan(4500)
        ->and($this->getJson("/api/v1/plan?{$asked}&means=buy,renew,call-back")->json('plan.add'))->toBe([]);
    // What is bought is accepted, and what is renewed beside it is not: it is written down at the thing.
    $both = $this->getJson("/api/v1/plan?kit=panel-bench&scopes=boards&on={$day}&means=buy,renew")->assertOk();
    $accepted = $this->postJson('/api/v1/plans', ['seen' => $both->json('seen')])->assertCreated();
    expect(array_column($both->json('plan.add'), 'means'))->toContain('renew', 'buy')
        ->and(array_unique(array_column($accepted->json('items'), 'means')))->toBe(['buy'])
        ->and($accepted->json('cost'))->toBe($both->json('plan.cost') - 4500);
});

it('renews the cheapest of several of one model, and the others to back it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach (['TQ-97' => 9000, 'TQ-98' => 1000] as $tag => $price) {
        $this->postJson('/api/v1/assets', ['id' => $tag, 'tool' => 'torque-small', 'home' => 'panel-bench', 'bought' => '2020-01-05', 'dues' => [['kind' => 'verification', 'days' => 365, 'price' => $price]]])->assertCreated();
    }
    $on = $this->demoDay()->plus(90);
    $asked = "/api/v1/plan?kit=panel-bench&scopes=station-panel&on={$on}&means=buy,renew,call-back";
    $renewed = static fn(array $plan): array => array_column(array_column(array_filter($plan['add'], static fn(array $one): bool => $one['means'] === 'renew'), 'mending'), 'asset');
    expect($renewed($this->getJson($asked)->assertOk()->json('plan')))->toBe(['TQ-98'])
        // Two are wanted: one more is renewed, the next cheapest, before a new one is bought.
        ->and($renewed($this->getJson($asked . '&backups=torque')->assertOk()->json('plan')))->toBe(['TQ-98', 'TQ-02']);
});

it('plans on a day like the command line', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $file = tempnam(sys_get_temp_dir(), 'gondrik-plan-');
    file_put_contents($file, App\Demo\DemoShop::asOf($this->demoDay()));
    $day = $this->demoDay()->plus(90);
    foreach ([['panel-bench', 'station-panel'], ['cabin-bench', 'door-harness'], ['pylon-backpack', 'tower-7']] as [$kit, $scope]) {
        $process = new Process([base_path('bin/gondrik'), 'plan', $file, '--format', 'json', '--kit', $kit, '--scope', $scope, '--on', (string) $day]);
        $process->run();
        $told = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $page = $this->getJson("/api/v1/plan?steps=1&kit={$kit}&scopes={$scope}&on={$day}&means=buy,renew,call-back")->assertOk()->json('plan');
        expect([$page['cost'], $page['coveredBefore'], $page['coveredAfter'], array_column($page['add'], 'tool'), array_values(array_filter(array_column(array_filter(array_column($page['add'], 'mending')), 'asset')))])
            ->toBe([$told['cost'], $told['coveredBefore'], $told['coveredAfter'], array_column($told['add'], 'tool'), array_column($told['add'], 'asset')]);
    }
    unlink($file);
});

it('refuses what cannot be planned, naming the place', function (string $query, string $path): void {
    $response = $this->actingAs($this->lead($this->demo()))->getJson('/api/v1/plan?' . $query)->assertStatus(422)->assertHeader('Content-Type', 'application/problem+json');
    expect($response->json('problems.0.path'))->toBe($path);
})->with([
    ['kit=pylon-backpack', 'scopes'],
    ['kit=nobody&scopes=tower-7', 'kit'],
    ['scopes=tower-7,nowhere', 'scopes'],
    ['scopes=tower-7&budget=much', 'budget'],
    ['scopes=tower-7&mass=-1', 'mass'],
    ['scopes=tower-7&means=steal', 'means'],
    ['scopes=tower-7&kit=pylon-backpack&on=2027-02-30', 'on'],
    ['scopes=tower-7&with=nothing', 'with'],
    ['scopes=tower-7&kit=pylon-backpack&with=diagonal-200', 'with'],
    ['scopes=tower-7&kit=pylon-backpack&mass=100', 'mass'],
    ['scopes=tower-7&with=roll-fine&budget=10', 'budget'],
    ['scopes=tower-7&backups=crimp,whistle', 'backups'],
    ['scopes=tower-7&grip=none', 'grip'],
    ['scopes=tower-7&noMains=1&with=hot-air', 'with'],
    ['scopes=tower-7&swap=tower-7/heat-15', 'swap'],
    ['scopes=tower-7&swap=tower-7/nothing:ferrule-4', 'swap'],
    ['scopes=tower-7&swap=tower-7/heat-15:nothing', 'swap'],
    ['scopes=tower-7&swap=boards/heat-15:ferrule-4', 'swap'],
]);

it('tells what things cost to those who set the shop up', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Hand))->getJson('/api/v1/plan?scopes=tower-7')->assertForbidden();
    $this->getJson('/api/v1/plan/curve?scopes=tower-7')->assertForbidden();
});

it('moves what another kit can do without, and nothing that would open a hole there', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $plan = $this->getJson('/api/v1/plan?kit=apprentice-box&scopes=boards,cabin-lighting&means=buy,move')->assertOk()->json('plan');
    $moved = array_values(array_filter($plan['add'], static fn(array $one): bool => $one['means'] === 'move'));
    expect($moved)->not->toBe([])->and($plan['cost'])->toBe(array_sum(array_column(array_filter($plan['add'], static fn(array $one): bool => $one['means'] === 'buy'), 'cost')));
    foreach (array_unique(array_column($moved, 'from')) as $kit) {
        $gone = implode(',', array_column(array_filter($moved, static fn(array $one): bool => $one['from'] === $kit), 'tool'));
        foreach (['tower-7', 'station-panel', 'cabin-lighting', 'door-harness', 'boards', 'masts'] as $scope) {
            $coverage = $this->getJson("/api/v1/coverage?kit={$kit}&scope={$scope}&without={$gone}")->assertOk()->json();
            expect($coverage['report']['headline']['hole'])->toBe($coverage['was']['headline']['hole'], $kit . ' ' . $scope . ' without ' . $gone);
        }
    }
});

it('borrows what is cheaper to hire, and pays by the piece what is done rarely', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $bought = $this->getJson('/api/v1/plan?kit=pylon-backpack&scopes=tower-7')->json('plan');
    $borrowed = $this->getJson('/api/v1/plan?kit=pylon-backpack&scopes=tower-7&means=buy,borrow&months=1')->json('plan');
    expect($borrowed['cost'])->toBeLessThan($bought['cost'])
        ->and(array_column($borrowed['add'], 'means', 'tool')['press-frame'])->toBe('borrow')
        ->and($borrowed['coveredAfter'])->toBe($bought['coveredAfter']);
    $paid = $this->getJson('/api/v1/plan?kit=pylon-backpack&scopes=tower-7&means=buy,per-piece')->json('plan');
    expect($paid['cost'])->toBeLessThan($bought['cost'])->and($paid['paid'])->not->toBe([])
        ->and($paid['cost'])->toBe(array_sum(array_column($paid['add'], 'cost')) + array_sum(array_column($paid['paid'], 'cost')));
});

it('holds nothing back for work that was put away, which the workbook knows', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $moved = fn(): array => array_column($this->getJson('/api/v1/plan?kit=apprentice-box&scopes=tower-7&means=move&steps=1')->assertOk()->json('plan.add'), 'tool');
    $before = $moved();
    foreach (['tower-7', 'station-panel'] as $scope) {
        $one = $this->getJson('/api/v1/scopes/' . $scope)->json();
        $this->putJson('/api/v1/scopes/' . $scope, [...array_diff_key($one, ['version' => 0]), 'archived' => true], ['If-Match' => '"' . $one['version'] . '"'])->assertOk();
    }
    $workbook = (string) $this->get('/api/v1/workbook')->getContent();
    expect(array_column(json_decode($workbook, true)['scopes'], 'archived', 'id'))->toBe(['tower-7' => true, 'station-panel' => true])
        ->and(array_diff($before, $moved()))->toBe([])->and(count($moved()))->toBeGreaterThan(count($before));
    $this->upload($workbook)->assertCreated()->assertJsonPath('changesNothing', true);
});

it('holds a kit as it is supposed against a scope, and says how it stands as it is', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $plain = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7');
    expect($plain->json('was'))->toBeNull();
    $response = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7&with=length-scorer&without=hex-lug');
    expect(OpenApi::mismatch($response, 'get', '/coverage'))->toBe('');
    $lines = array_column($response->json('report.lines'), 'status', 'id');
    expect($response->json('was.headline.hole'))->toBe($plain->json('report.headline.hole'))
        ->and($response->json('was.lines.heat-15'))->toBe('hole')->and($lines['heat-15'])->toBe('covered')
        ->and($response->json('was.lines.winch-35'))->toBe('covered')->and($lines['winch-35'])->toBe('hole')
        ->and($this->getJson('/api/v1/kits/pylon-backpack')->json('tools.*.tool'))->toContain('hex-lug')->not->toContain('length-scorer');
});

it('writes a buying list that says what is wanted, and a model as an example', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->get('/api/v1/plan/buying-list?kit=apprentice-box&scopes=boards')->assertOk();
    expect($response->headers->get('Content-Type'))->toBe('text/csv; charset=UTF-8; header=present')
        ->and($response->headers->get('Content-Disposition'))->toBe('attachment; filename="buying-list-apprentice-box.csv"');
    $rows = array_map(static fn(string $row): array => str_getcsv($row, escape: ''), explode("\r\n", rtrim($response->streamedContent())));
    expect($rows)->toBe($this->getJson('/api/v1/plan?kit=apprentice-box&scopes=boards')->json('plan.buyingList'))
        ->and($rows[0])->toBe(['how', 'wanted', 'example', 'count', 'cost', 'lines'])
        ->and(array_column($rows, 2))->toContain('Ratchet crimper, roll dies, 28–22 AWG')
        ->and($rows[2][1])->toContain('A crimper with a roll die for open barrels, 26 AWG, 24 AWG, nest “pitch 2.54”.')
        ->and($rows[2][4])->toBe('88.00');
});

it('hands no spreadsheet a formula', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $bought = array_column($this->getJson('/api/v1/plan?kit=apprentice-box&scopes=boards')->json('plan.buyingList'), 2)[2];
    $shop->tools()->where('name', $bought)->update(['name' => '=HYPERLINK("x")']);
    $text = $this->get('/api/v1/plan/buying-list?kit=apprentice-box&scopes=boards')->assertOk()->streamedContent();
    expect($text)->toContain('"\'=HYPERLINK(""x"")"')->not->toContain('"=HYPERLINK');
});

it('writes the same list on paper', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->get('/api/v1/plan/buying-list.pdf?kit=apprentice-box&scopes=boards')->assertOk()->assertHeader('Content-Type', 'application/pdf');
    $text = pdfText((string) $response->getContent());
    foreach (array_slice($this->getJson('/api/v1/plan?kit=apprentice-box&scopes=boards')->json('plan.buyingList'), 1) as [$how, , $example, , $cost]) {
        expect($text)->toContain($how)->toContain(strtok($example, ' '))->toContain($cost);
    }
    expect($text)->toContain('Apprentice box')->toContain('All together')->toContain('Cost, EUR');
});

it('takes nothing that does not meet the terms', function (string $terms, \Closure $meets): void {
    $this->actingAs($this->lead($this->demo()));
    $planned = $this->getJson('/api/v1/plan?scopes=cabin-lighting,door-harness&without=gas-torch&' . $terms)->assertOk()->json();
    $free = $this->getJson('/api/v1/plan?scopes=cabin-lighting,door-harness&without=gas-torch')->json();
    $broken = static fn(array $of): array => array_values(array_filter(array_column($of['plan']['add'], 'tool'), static fn(string $tool): bool => !$meets($of['tools'][$tool])));
    expect($planned['plan']['add'])->not->toBe([])->and($broken($planned))->toBe([])->and($broken($free))->not->toBe([]);
})->with([
    'one hand' => ['oneHanded=1', static fn(array $tool): bool => $tool['oneHanded'] ?? false],
    'no mains' => ['noMains=1', static fn(array $tool): bool => ($tool['energy'] ?? 'hand') !== 'mains'],
    'a small hand' => ['span=90', static fn(array $tool): bool => ($tool['handSpan'] ?? 0) <= 90],
    'a weak hand' => ['grip=120', static fn(array $tool): bool => ($tool['gripForce'] ?? 0) <= 120],
]);

it('buys a second of what wants a backup', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $plain = $this->getJson('/api/v1/plan?kit=panel-bench&scopes=station-panel')->json('plan');
    $backed = $this->getJson('/api/v1/plan?kit=panel-bench&scopes=station-panel&backups=crimp');
    expect(OpenApi::mismatch($backed, 'get', '/plan'))->toBe('')
        ->and($backed->json('plan.coveredBefore'))->toBeLessThan($plain['coveredBefore'])
        ->and($backed->json('plan.coveredAfter'))->toBe($plain['coveredAfter'])
        ->and($backed->json('plan.cost'))->toBeGreaterThan($plain['cost']);
    $plan = $this->acceptPlan('kit=panel-bench&scopes=station-panel&backups=crimp')->assertCreated();
    foreach ($plan->json('items') as $item) {
        $plan = $this->arrive($plan, $item['id'])->assertOk();
    }
    $again = $this->getJson('/api/v1/plan?kit=panel-bench&scopes=station-panel&backups=crimp')->json('plan');
    expect($again['add'])->toBe([])->and($again['coveredBefore'])->toBe($plain['coveredAfter']);
});

it('offers other terminals, and plans with the one that is chosen', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $ask = 'kit=apprentice-box&scopes=cabin-lighting,door-harness,boards';
    $response = $this->getJson('/api/v1/plan/substitutes?' . $ask)->assertOk();
    expect(OpenApi::mismatch($response, 'get', '/plan/substitutes'))->toBe('');
    $offers = $response->json('offers');
    expect($offers)->not->toBe([]);
    foreach ($offers as $offer) {
        foreach ($offer['substitutes'] as $one) {
            $swap = "{$offer['scope']}/{$offer['line']}:{$one['terminal']}";
            $with = implode(',', array_column($one['add'], 'tool'));
            $then = $this->getJson("/api/v1/plan?{$ask}&swap={$swap}" . ($with === '' ? '' : '&with=' . $with))->assertOk()->json('plan');
            expect(array_column($then['open'], 'line'))->not->toContain("{$offer['scope']}/{$offer['line']}", $swap);
        }
    }
    $with = $this->getJson("/api/v1/plan?{$ask}&swap={$offers[0]['scope']}/{$offers[0]['line']}:{$offers[0]['substitutes'][0]['terminal']}")->assertOk();
    // A plan is accepted for the work as it stands: the other terminal is written into it first.
    expect($with->json('plan.add'))->not->toBe([])->and($with->json('seen'))->toBeNull();
});

it('accepts a plan, and the kit changes when something arrives, not before', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $asked = ['kit' => 'pylon-backpack', 'scopes' => 'tower-7'];
    $accepted = $this->acceptPlan(http_build_query($asked))->assertCreated();
    $list = $this->getJson('/api/v1/plans');
    expect(OpenApi::mismatch($accepted, 'post', '/plans'))->toBe('')->and(OpenApi::mismatch($list, 'get', '/plans'))->toBe('')
        ->and($list->json('data.0'))->toBe($accepted->json())
        ->and($accepted->json('acceptedBy'))->toBe('Ivo Marell')
        ->and($accepted->json('cost'))->toBe($this->getJson('/api/v1/plan?' . http_build_query($asked))->json('plan.cost'));
    $cover = fn(): int => $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->json('report.headline.hole');
    $before = $cover();
    $plan = $accepted->json('id');
    $arrived = $accepted;
    foreach ($accepted->json('items') as $item) {
        $arrived = $this->arrive($arrived, $item['id'])->assertOk()->assertHeader('Gondrik-Change');
        expect(OpenApi::mismatch($arrived, 'put', '/plans/{plan}/items/{item}'))->toBe('');
        // Said twice, it has come once.
        $this->arrive($accepted, $item['id'])->assertOk()->assertHeaderMissing('Gondrik-Change');
    }
    $counts = array_count_values($this->getJson('/api/v1/kits/pylon-backpack')->json('tools.*.tool'));
    expect($before)->toBe(76)->and($cover())->toBe(0)->and(max($counts))->toBe(1);
    $seen = static fn(TestResponse $plan): array => ['If-Match' => '"' . $plan->json('version') . '"'];
    $this->deleteJson("/api/v1/plans/{$plan}", [], $seen($arrived))->assertStatus(409);
    foreach ($accepted->json('items') as $item) {
        $arrived = $this->arrive($arrived, $item['id'], false)->assertOk();
    }
    expect($cover())->toBe($before);
    $this->deleteJson("/api/v1/plans/{$plan}", [], ['If-Match' => '"0123456789abcdef"'])->assertStatus(412)->assertJsonPath('present.kit', 'pylon-backpack');
    $this->deleteJson("/api/v1/plans/{$plan}")->assertStatus(428);
    $gone = $this->deleteJson("/api/v1/plans/{$plan}", [], $seen($arrived))->assertNoContent();
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([]);
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/plans')->json('data.0'))->toBe($arrived->json());
});

it('takes a tool out of the kit that it comes from when it arrives, and puts it back with the arrival, whichever way that is taken back', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $accepted = $this->acceptPlan('kit=apprentice-box&scopes=boards,cabin-lighting&means=buy,move')->assertCreated();
    $item = array_values(array_filter($accepted->json('items'), static fn(array $one): bool => $one['means'] === 'move'))[0];
    $tools = fn(string $kit): array => $this->getJson('/api/v1/kits/' . $kit)->json('tools.*.tool');
    [$box, $other] = [$tools('apprentice-box'), $tools($item['from'])];
    $arrived = $this->arrive($accepted, $item['id'])->assertOk();
    expect($tools('apprentice-box'))->toContain($item['tool'])->and($tools($item['from']))->not->toContain($item['tool'])
        ->and($this->getJson('/api/v1/history')->json('data.0.changes.*.list'))->toBe(['kits', 'kits', 'plans']);
    $this->postJson('/api/v1/history/' . $arrived->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($tools('apprentice-box'))->toBe($box)->and($tools($item['from']))->toEqualCanonicalizing($other)
        ->and($this->getJson('/api/v1/plans')->json('data.0'))->toBe($accepted->json());
    $again = $this->arrive($accepted, $item['id'])->assertOk();
    expect($tools($item['from']))->not->toContain($item['tool']);
    $this->arrive($again, $item['id'], false)->assertOk();
    expect($tools('apprentice-box'))->toBe($box)->and($tools($item['from']))->toEqualCanonicalizing($other);
    // It has not arrived, and so cannot be said not to have: nothing comes to the other kit a second time.
    $this->arrive($accepted, $item['id'], false)->assertOk()->assertHeaderMissing('Gondrik-Change');
    expect($tools($item['from']))->toEqualCanonicalizing($other);
});

it('accepts what was seen, as long as the shop is what it was then', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $seen = $this->getJson('/api/v1/plan?kit=pylon-backpack&scopes=tower-7')->json('seen');
    $wire = $this->postJson('/api/v1/wires', WIRE)->assertCreated();
    $this->postJson('/api/v1/plans', ['seen' => $seen])->assertStatus(409);
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([]);
    $accepted = $this->acceptPlan('kit=pylon-backpack&scopes=tower-7')->assertCreated();
    $this->postJson('/api/v1/history/' . $accepted->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([])->and($wire->json('id'))->toBe('bell-wire-0-5');
});

it('adds up in an accepted plan what is paid by the piece for several steps, and puts nothing of that into the kit', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $asked = 'kit=pylon-backpack&scopes=tower-7&means=buy,per-piece';
    $plan = $this->getJson('/api/v1/plan?' . $asked)->json('plan');
    $accepted = $this->acceptPlan($asked)->assertCreated();
    $pieces = array_values(array_filter($accepted->json('items'), static fn(array $one): bool => $one['means'] === 'per-piece'));
    expect(count($plan['paid']))->toBeGreaterThan(1)
        ->and(array_column($pieces, 'cost', 'tool'))->toBe(['press-frame' => array_sum(array_column($plan['paid'], 'cost'))])
        ->and(array_sum(array_column($accepted->json('items'), 'cost')))->toBe($plan['cost']);
    $kit = $this->getJson('/api/v1/kits/pylon-backpack')->json();
    $version = $this->getJson('/api/v1/version')->json('version');
    $arrived = $this->arrive($accepted, $pieces[0]['id'])->assertOk();
    expect($this->getJson('/api/v1/kits/pylon-backpack')->json())->toBe($kit)
        ->and($arrived->json('version'))->not->toBe($accepted->json('version'))
        ->and($this->getJson('/api/v1/version')->json('version'))->toBeGreaterThan($version);
});

it('buys what is wanted in any case, though another kit could lend it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $add = $this->getJson('/api/v1/plan?kit=apprentice-box&scopes=boards&with=meter&means=buy,move')->assertOk()->json('plan.add');
    expect(array_column($add, 'means', 'tool')['meter'])->toBe('buy');
});

it('accepts nothing that it has not shown', function (\Closure $seal): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/plans', ['seen' => $seal($this)])->assertStatus(422)->assertJsonPath('problems.0.path', 'seen');
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([]);
})->with([
    'nothing' => [static fn(): string => ''],
    'a text' => [static fn(): string => 'the cheapest, please'],
    'something else that was sealed' => [static fn(): string => Crypt::encryptString('{"shop":1}')],
    'a plan of another shop' => [static fn($test): string => Crypt::encryptString((string) json_encode(['shop' => $test->emptyShop()->shop_id, 'version' => 0, 'plan' => ['kit' => 'pylon-backpack', 'items' => []]]))],
]);

it('accepts nothing for the empty kit, whatever a kit of the shop is called', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/kits', ['id' => 'none', 'name' => 'None', 'tools' => []])->assertCreated();
    expect($this->getJson('/api/v1/plan?scopes=boards')->assertOk()->json('seen'))->toBeNull()
        ->and($this->acceptPlan('kit=none&scopes=boards')->assertCreated()->json('kit'))->toBe('none');
});

it('shows nothing to accept where there is nothing to do, or no kit to pack', function (string $asked): void {
    expect($this->actingAs($this->lead($this->demo()))->getJson('/api/v1/plan?' . $asked)->assertOk()->json('seen'))->toBeNull();
})->with(['kit=panel-bench&scopes=station-panel', 'scopes=boards']);

it('keeps accepted plans to their shop', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $plan = $this->acceptPlan('kit=pylon-backpack&scopes=tower-7')->json();
    $this->insteadActingAs($this->emptyShop());
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([]);
    $seen = ['If-Match' => '"' . $plan['version'] . '"'];
    $this->deleteJson('/api/v1/plans/' . $plan['id'], [], $seen)->assertNotFound();
    $this->putJson('/api/v1/plans/' . $plan['id'] . '/items/' . $plan['items'][0]['id'], ['arrived' => true], $seen)->assertNotFound();
});

it('names tools of the shop and of the shelf that only want a price, and plans with one that got it', function (): void {
    $this->actingAs($this->emptyShop());
    $this->postJson('/api/v1/wires', ['id' => 'sil', 'name' => '18 AWG silicone', 'size' => '18 AWG', 'construction' => 'fine', 'insulation' => 'silicone', 'insulationOd' => 2.3])->assertCreated();
    $this->postJson('/api/v1/catalogue/terminals', ['ids' => ['ring-red-m4']])->assertOk();
    $this->postJson('/api/v1/scopes', ['id' => 'deck', 'name' => 'Deck'])->assertCreated();
    $this->postJson('/api/v1/scopes/deck/lines', ['wire' => 'sil', 'terminal' => 'ring-red-m4', 'quantity' => 24])->assertCreated();
    $this->postJson('/api/v1/kits', ['id' => 'bag', 'name' => 'Bag', 'tools' => []])->assertCreated();
    $ask = '/api/v1/plan/unpriced?kit=bag&scopes=deck';
    $response = $this->getJson($ask)->assertOk();
    expect(OpenApi::mismatch($response, 'get', '/plan/unpriced'))->toBe('');
    $offers = array_column($response->json('offers'), null, 'tool');
    expect($offers['flush-cutter']['does'])->toHaveCount(1)
        ->and($offers['flush-cutter'])->toMatchArray(['terminations' => 24, 'isOnShelf' => true]);
    // What is taken over with its price can be bought from then on, and asks for none any more.
    $this->postJson('/api/v1/catalogue/tools/flush-cutter', ['price' => 1850])->assertCreated()->assertJsonPath('price', 1850);
    expect(array_column($this->getJson($ask)->json('offers'), 'tool'))->not->toContain('flush-cutter', 'diagonal-160')
        ->and($this->getJson('/api/v1/plan?kit=bag&scopes=deck&with=flush-cutter')->json('plan.cost'))->toBe(1850);
    $this->postJson('/api/v1/catalogue/tools/diagonal-160', ['price' => -1])->assertUnprocessable();
});
