<?php

declare(strict_types=1);

use App\Models\Role;
use Gondrik\Core\Value\Day;
use Symfony\Component\Process\Process;
use Tests\Support\OpenApi;

/* What a kit covers on a day. The demo's driver of the pylon backpack, TQ-03, lapses six days from now. */

beforeEach(fn() => $this->travelTo($this->demoDay() . ' 12:00:00'));

const TOWER = 'kit=pylon-backpack&scope=tower-7';

it('opens a hole on the day after the driver’s verification, and says why', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $on = static fn(int $days): string => (string) Day::read(now()->toDateString())->plus($days);
    $before = $this->getJson('/api/v1/coverage?' . TOWER . '&on=' . $on(6));
    $after = $this->getJson('/api/v1/coverage?' . TOWER . '&on=' . $on(7));
    $told = static fn($answer): array => array_column($answer->json('day.away'), 'text', 'asset');
    expect(OpenApi::mismatch($after, 'get', '/coverage'))->toBe('')
        ->and([$before->json('report.headline.hole'), $after->json('report.headline.hole')])->toBe([70, 102])
        ->and([$before->json('day.on'), $told($before)['TQ-03'] ?? null])->toBe([$on(6), null])
        ->and($told($after)['TQ-03'])->toBe('Its verification is past since ' . $on(7) . '.');
    // Renewed, it counts again: then, and not before that was done.
    $this->insteadActingAs(personOf($this->demo(), Role::Coordinator));
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'done', 'asset' => 'TQ-03', 'due' => 'verification']]])->assertCreated();
    expect($this->getJson('/api/v1/coverage?' . TOWER . '&on=' . $on(7))->json('report.headline.hole'))->toBe(70);
});

it('names the things that count, and supposes one more of a model that is away', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $today = now()->toDateString();
    $panel = 'kit=panel-bench&scope=station-panel&on=' . $today;
    $lent = $this->getJson('/api/v1/coverage?' . $panel);
    $with = $this->getJson('/api/v1/coverage?' . $panel . '&with=heavy-10-16');
    $goneIn = static fn($answer): array => array_values(array_unique(array_column(array_filter(array_merge(...array_column($answer->json('ruler.lanes'), 'bars')), static fn(array $bar): bool => $bar['isAway'] ?? false), 'tool')));
    $assets = array_merge(...array_map(static fn(array $line): array => array_column($line['steps'], 'assets', 'tool'), $lent->json('report.lines')));
    expect([$lent->json('report.headline.hole'), $with->json('report.headline.hole'), $with->json('was.headline.hole')])->toBe([10, 0, 10])
        ->and($assets['torque-small'])->toBe(['TQ-02'])
        ->and(array_column($lent->json('day.away'), 'code', 'asset'))->toBe(['ST-04' => 'asset.away'])
        // What is lent is drawn as what it would do; supposed there is one more, it is drawn as any other.
        ->and($goneIn($lent))->toBe(['heavy-10-16'])
        ->and($goneIn($with))->toBe([])
        // On paper it is there, and nothing is told of a day.
        ->and($this->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel')->json('day'))->toBeNull()
        ->and($this->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel&on=' . substr($today, 0, 7) . '-40')->status())->toBe(422);
});

it('says of a year what the command line says', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $from = now()->toDateString();
    $answer = $this->getJson('/api/v1/calendar?' . TOWER . '&from=' . $from . '&days=365');
    expect(OpenApi::mismatch($answer, 'get', '/calendar'))->toBe('');
    $path = tempnam(sys_get_temp_dir(), 'book');
    file_put_contents((string) $path, $this->demoText());
    $process = new Process([base_path('bin/gondrik'), 'calendar', (string) $path, '--kit', 'pylon-backpack', '--scope', 'tower-7', '--from', $from, '--format', 'json']);
    $process->run();
    unlink((string) $path);
    $told = json_decode($process->getOutput(), true);
    expect($told['days'])->toHaveCount(3)
        ->and([$answer->json('kit'), $answer->json('to')])->toBe([$told['kit'], $told['to']])
        ->and(array_map(static fn(array $day): array => [...$day, 'changes' => array_map(static fn(array $change): array => array_diff_key($change, ['tool' => 0, 'text' => 0]), $day['changes'])], $answer->json('days')))->toBe($told['days'])
        ->and($answer->json('days.1.changes.0'))->toMatchArray(['asset' => 'TQ-03', 'tool' => 'Torque screwdriver 0.4–2.5 N·m', 'text' => 'Its verification is past since ' . $told['days'][1]['on'] . '.'])
        // A day that is left empty is none.
        ->and(array_map(fn(string $address): int => $this->getJson('/api/v1/' . $address)->status(), ['wall?on=', 'calendar?' . TOWER . '&from=', 'calendar?' . TOWER . '&days=', 'calendar?' . TOWER]))->toBe([422, 422, 422, 200])
        ->and($this->getJson('/api/v1/calendar?kit=gone&scope=tower-7&from=' . $from)->status())->toBe(404)
        ->and($this->getJson('/api/v1/calendar?' . TOWER . '&from=' . $from . '&days=801')->status())->toBe(422);
});

it('tells of today what the kits lack of what is packed in them, and what they will lack', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $answer = $this->getJson('/api/v1/today');
    $told = static fn(string $key): array => array_map(static fn(array $one): array => [$one['kit']['id'], $one['scope']['id'], $one['lost']], $answer->json($key));
    expect(OpenApi::mismatch($answer, 'get', '/today'))->toBe('')
        ->and($told('losses'))->toContain(['panel-bench', 'station-panel', 10])
        ->and(array_column(array_column($answer->json('losses'), 'away', 'lost')[10] ?? [], 'asset'))->toBe(['ST-04'])
        ->and($told('coming'))->toContain(['pylon-backpack', 'tower-7', 32])
        ->and(array_column($answer->json('coming'), 'on'))->toContain((string) $this->demoDay()->plus(7));
    // Back in its kit nothing is lost for it; what comes stays.
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'back', 'asset' => 'ST-04']]])->assertCreated();
    $after = $this->getJson('/api/v1/today');
    expect(array_filter($after->json('losses'), static fn(array $loss): bool => $loss['kit']['id'] === 'panel-bench'))->toBe([])
        ->and($after->json('coming'))->toBe($answer->json('coming'));
});

it('names on a card of a day the things to take, and makes of a thing that is away what it is: a hole', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $today = now()->toDateString();
    $asked = 'kit=panel-bench&scope=station-panel';
    $onPaper = $this->getJson('/api/v1/card?' . $asked);
    $onDay = $this->getJson('/api/v1/card?' . $asked . '&on=' . $today);
    expect(OpenApi::mismatch($onDay, 'get', '/card'))->toBe('')
        ->and(array_key_exists('assets', $onPaper->json('card.steps.0')))->toBeFalse();
    $cards = static fn($answer): array => array_column($answer->json('cards'), 'card');
    $coverage = $this->getJson('/api/v1/coverage?' . $asked . '&on=' . $today)->json('report.lines');
    foreach ($cards($this->getJson('/api/v1/cards?' . $asked . '&on=' . $today)) as $at => $card) {
        // Never is a verdict shown under another day than its own.
        expect([$card['line'], $card['status']])->toBe([$coverage[$at]['id'], $coverage[$at]['status']]);
        $told = array_column($coverage[$at]['steps'], 'assets', 'tool');
        foreach (array_filter($card['steps'], static fn(array $step): bool => $step['tool'] !== null) as $step) {
            expect($step['assets'])->toBe($told[$step['tool']])->not->toBe([]);
        }
    }
    $lent = array_values(array_filter($cards($this->getJson('/api/v1/cards?' . $asked . '&on=' . $today)), static fn(array $card): bool => $card['status'] === 'hole'));
    expect($lent)->not->toBe([]);
    $print = pdfText((string) $this->get('/api/v1/cards.pdf?' . $asked . '&on=' . $today)->assertOk()->getContent());
    expect($print)->toContain('Panel bench on ' . $today, '(TQ-02)')
        ->and(pdfText((string) $this->get('/api/v1/cards.pdf?' . $asked)->getContent()))->not->toContain('TQ-02')
        ->and($this->getJson('/api/v1/card?' . $asked . '&on=2027-02-30')->status())->toBe(422);
});

it('tells what of the work rests on one thing, as it is without it', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $resting = $this->getJson('/api/v1/assets/TQ-03/resting');
    $tower = collect($resting->json('data'))->firstWhere('scope.id', 'tower-7');
    expect(OpenApi::mismatch($resting, 'get', '/assets/{id}/resting'))->toBe('')
        ->and($tower['lost'])->toBe(32)->and($tower['taken'])->toBeGreaterThanOrEqual(32);
    // Scopes that were put away are not asked.
    $version = $this->getJson('/api/v1/scopes/tower-7')->json('version');
    $scope = array_diff_key($this->getJson('/api/v1/scopes/tower-7')->json(), ['version' => 0]);
    $away = $this->putJson('/api/v1/scopes/tower-7', [...$scope, 'archived' => true], ['If-Match' => '"' . $version . '"'])->assertOk();
    expect(array_column(array_column($this->getJson('/api/v1/assets/TQ-03/resting')->json('data'), 'scope'), 'id'))->not->toContain('tower-7');
    $this->putJson('/api/v1/scopes/tower-7', $scope, ['If-Match' => '"' . $away->json('version') . '"'])->assertOk();
    // Given out, that is what opens, and nothing rests on it any more.
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'out', 'asset' => 'TQ-03', 'to' => ['text' => 'van']]]])->assertCreated();
    expect($this->getJson('/api/v1/coverage?' . TOWER . '&on=' . now()->toDateString())->json('report.headline.hole'))->toBe(70 + 32)
        ->and($this->getJson('/api/v1/assets/TQ-03/resting')->json('data'))->toBe([])
        ->and($this->getJson('/api/v1/assets/gone/resting')->status())->toBe(404);
});

it('tells on the wall what a tracked kit has otherwise than its paper, and a copy than its pattern', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $kits = fn(): array => array_column($this->getJson('/api/v1/wall')->json('kits'), null, 'id');
    expect($kits()['panel-bench']['unlikePaper'])->toBe([
        ['tool' => 'notch-20-30', 'name' => 'Notched hand stripper 20–30 AWG', 'wanted' => 0, 'tags' => ['ST-14']],
        ['tool' => 'diagonal-160', 'name' => 'Diagonal cutter 160 mm', 'wanted' => 0, 'tags' => ['CU-15']],
    ])
        ->and([$kits()['panel-bench']['like'], $kits()['panel-bench']['drift']])->toBe([null, []]);
    $kit = $this->getJson('/api/v1/kits/panel-bench')->json();
    $copy = ['name' => 'A copy', 'tracked' => true, 'like' => 'panel-bench', 'tools' => [['tool' => 'flush-cut']]];
    $made = $this->postJson('/api/v1/kits', $copy)->assertCreated()->json('id');
    $this->postJson('/api/v1/log', ['entries' => [['what' => 'moved', 'asset' => 'CU-04', 'to' => $made]]])->assertCreated();
    $drift = array_column($kits()[$made]['drift'], null, 'tool');
    expect($kits()[$made]['unlikePaper'])->toBe([])
        ->and([$drift['flush-cut']['wanted'], $drift['flush-cut']['tags']])->toBe([0, ['CU-04']])
        ->and($drift['diagonal-160']['wanted'])->toBe(1)
        ->and(array_column($kits()['panel-bench']['unlikePaper'], 'wanted', 'tool'))->toBe(['flush-cut' => 1, 'notch-20-30' => 0, 'diagonal-160' => 0])
        // Who is not kept by its things differs in nothing.
        ->and($kit['tracked'])->toBeTrue();
    $this->putJson('/api/v1/kits/panel-bench', array_diff_key($kit, ['version' => 0, 'tracked' => 0]), ['If-Match' => '"' . $kit['version'] . '"'])->assertOk();
    expect($kits()['panel-bench']['unlikePaper'])->toBe([]);
});

it('tells the busiest things and those on which nothing rests, of all kits together', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $answer = $this->getJson('/api/v1/wall/busiest')->assertOk();
    expect(OpenApi::mismatch($answer, 'get', '/wall/busiest'))->toBe('');
    $busy = array_column($answer->json('data'), 'terminations', 'tag');
    $sum = static fn(array $scopes): int => array_sum(array_column($scopes, 'taken'));
    expect($busy['TQ-03'])->toBe($sum($this->getJson('/api/v1/assets/TQ-03/resting')->json('data')))->toBeGreaterThan(0)
        ->and(array_values($busy))->toBe(collect($busy)->sortDesc()->values()->all())
        // Glasses are in every kit and do no step; what is lent, or on the shelf, is in none.
        ->and($busy['EY-03'])->toBe(0)
        ->and($busy)->not->toHaveKey('ST-04')->not->toHaveKey('TQ-06')
        // What eight boxes share is busy for all of them.
        ->and($busy['TQ-05'])->toBeGreaterThanOrEqual(8 * 50);
    $later = array_column($this->getJson('/api/v1/wall/busiest?on=' . $this->demoDay()->plus(90))->json('data'), 'terminations', 'tag');
    expect($later)->not->toHaveKey('TQ-03');
});
