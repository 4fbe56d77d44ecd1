<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Gondrik\Core\Value\Day;
use Illuminate\Testing\TestResponse;
use Tests\Support\OpenApi;
use Tests\TestCase;

/* What people can do: who sees whose, who writes it down, and what Cover makes of it. */

beforeEach(fn() => $this->travelTo($this->demoDay() . ' 12:00:00'));

function actingAsA(TestCase $test, Role $role): TestCase
{
    $test->insteadActingAs(personOf($test->demo(), $role));

    return $test;
}

/** @return array<string, mixed> a sign-off by Sanna Quist of Tilo Brandvik, who is ready for it */
function signOff(mixed ...$more): array
{
    return ['what' => 'skill', 'person' => 'tilo-brandvik', 'by' => 'sanna-quist', 'skill' => 'crimp:insulated', 'level' => 'signed-off', 'note' => 'ten crimps seen, all good', ...$more];
}

it('tells the levels of everybody and what the scopes ask for to who sets the shop up', function (): void {
    $told = actingAsA($this, Role::Coordinator)->getJson('/api/v1/skills')->assertOk();
    expect(OpenApi::mismatch($told, 'get', '/skills'))->toBe('');
    $told = $told->json();
    $tilo = array_column($told['people'], null, 'id')['tilo-brandvik'];
    $lugs = array_column($told['needed'], null, 'skill')['crimp:lug'];
    expect($told['on'])->toBe($this->demoDay()->plain())
        ->and($told['pieces'])->toBe(20)
        ->and(count($told['people']))->toBe(19)
        ->and($tilo['hand'])->toBe(['gripForce' => 260, 'handSpan' => 110])
        ->and(array_column($tilo['skills'], 'mayAsk', 'skill'))->toBe(['cut' => false, 'strip:soft' => false, 'crimp:insulated' => true])
        ->and($lugs['holders'])->toBe(['pavo-lindh'])
        ->and(array_sum(array_column($lugs['scopes'], 'terminations')))->toBe($lugs['terminations'])
        ->and(array_column($told['names'], 'name', 'skill')['crimp:lug'])->toBe('crimping lugs');
});

it('tells a hand of itself alone, and whom it has beside it in nothing', function (): void {
    $told = actingAsA($this, Role::Hand)->getJson('/api/v1/skills')->assertOk()->json();
    expect(array_column($told['people'], 'id'))->toBe(['beno-tashe'])
        ->and(array_unique(array_merge(...array_column($told['needed'], 'holders'))))->toBe([]);
    $this->getJson('/api/v1/people/beno-tashe/skills')->assertOk()->assertJsonPath('person.name', 'Beno Tashe');
    foreach (['/people/tilo-brandvik/skills', '/people/nobody/skills', '/coverage?kit=panel-bench&scope=station-panel&hand=tilo-brandvik', '/card?kit=panel-bench&scope=station-panel&hand=tilo-brandvik', '/cards?kit=panel-bench&scope=station-panel&hand=tilo-brandvik'] as $of) {
        $this->getJson('/api/v1' . $of)->assertForbidden();
    }
    $this->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel&hand=beno-tashe')->assertOk()->assertJsonPath('hand', ['id' => 'beno-tashe', 'name' => 'Beno Tashe']);
});

it('tells today which sign-offs wait, and a hand only its own', function (): void {
    $lapses = $this->demoDay();
    $today = actingAsA($this, Role::Coordinator)->getJson('/api/v1/today')->assertOk();
    $wanted = $today->json('signOffs');
    $told = array_map(static fn(array $one): string => $one['person']['name'] . ' ' . $one['skill'] . ' ' . $one['why'], $wanted);
    $tilo = $wanted[array_search('Tilo Brandvik crimp:insulated ready', $told, true)];
    expect(OpenApi::mismatch($today, 'get', '/today'))->toBe('')
        ->and($tilo)->toMatchArray(['name' => 'crimping insulated terminals', 'on' => null, 'tries' => 30, 'good' => 28])
        ->and(implode('; ', $told))->toBe('Rike Almsted crimp:heat-shrink lapses; Rike Almsted sleeve lapses; Tilo Brandvik crimp:insulated ready')
        ->and($this->getJson('/api/v1/skills')->json('wanted'))->toBe($wanted);
    $this->postJson('/api/v1/log', ['entries' => [signOff(person: 'beno-tashe', skill: 'crimp:ferrule', until: $lapses->plus(3)->plain())]])->assertCreated();
    $this->travelTo($lapses->plus(4) . ' 08:00:00');
    foreach (['/today' => 'signOffs', '/skills' => 'wanted'] as $path => $key) {
        expect(array_map(static fn(array $one): string => $one['person']['name'] . ' ' . $one['why'] . ' ' . $one['on'], actingAsA($this, Role::Hand)->getJson('/api/v1' . $path)->json($key)))->toBe(['Beno Tashe lapsed ' . $lapses->plus(3)]);
    }
});

it('leaves out of the log for a hand what others can do and have practised', function (): void {
    $columns = static function (TestResponse $of): array {
        $rows = array_map(static fn(string $row): array => str_getcsv($row, ',', '"', ''), explode("\r\n", trim((string) $of->getContent())));
        $head = array_shift($rows);

        return array_count_values(array_filter(array_column($rows, (int) array_search('person', $head, true))));
    };
    $hand = $columns(actingAsA($this, Role::Hand)->get('/api/v1/log.csv')->assertOk());
    $lead = $columns(actingAsA($this, Role::Lead)->get('/api/v1/log.csv')->assertOk());
    expect(array_keys($hand))->toBe(['beno-tashe'])
        ->and($hand['beno-tashe'])->toBe($lead['beno-tashe'])
        ->and(count($lead))->toBeGreaterThan(5);
});

it('tells one person with all that was told and practised, and the faults that are looked for', function (): void {
    $told = actingAsA($this, Role::Lead)->getJson('/api/v1/people/nela-sorge/skills')->assertOk();
    expect(OpenApi::mismatch($told, 'get', '/people/{id}/skills'))->toBe('');
    $told = $told->json();
    expect($told['person']['name'])->toBe('Nela Sorge')
        ->and(array_column($told['skills'], 'level', 'skill')['crimp:open-barrel'])->toBe('practised')
        ->and($told['entries'][0]['entry']['on'] >= $told['entries'][1]['entry']['on'])->toBeTrue()
        ->and(array_column($told['faults']['crimp:open-barrel'], 'code'))->toContain(...array_merge(...array_map(static fn(array $of): array => $of['entry']['faults'] ?? [], $told['entries'])))
        ->and(array_filter($told['entries'], static fn(array $of): bool => $of['isVoided']))->toBe([]);
    $this->getJson('/api/v1/people/nobody/skills')->assertNotFound();
    $this->getJson('/api/v1/people/nela-sorge/skills?on=2020-01-01')->assertOk()->assertJsonPath('skills', []);
    $this->getJson('/api/v1/people/nela-sorge/skills?on=soon')->assertUnprocessable();
});

it('is signed off by a second person, by what was seen', function (array $more, string $field, string $said): void {
    $lead = actingAsA($this, Role::Lead);
    $lead->postJson('/api/v1/log', ['entries' => [signOff(...$more)]])->assertUnprocessable()
        ->assertJsonPath('problems.0.path', 'entries/0/' . $field);
    expect($lead->postJson('/api/v1/log', ['entries' => [signOff(...$more)]])->json('problems.0.expected'))->toContain($said);
})->with([
    'of oneself' => [['by' => 'tilo-brandvik'], 'by', 'another person'],
    'without a word of what was seen' => [['note' => '  '], 'note', 'what was seen'],
    'taken back without a reason' => [['level' => 'withdrawn', 'note' => ''], 'note', 'a reason'],
    'of who writes it, whoever is named' => [['person' => 'ivo-marell'], 'person', 'another person'],
    'of a skill that there is not' => [['skill' => 'crimp:gold'], 'skill', 'crimp:lug'],
]);

it('is written by who answers for the class, and practice by oneself, too', function (): void {
    $practice = static fn(string $person): array => ['entries' => [['what' => 'practice', 'person' => $person, 'skill' => 'crimp:lug', 'tries' => 3, 'good' => 2]]];
    $hand = actingAsA($this, Role::Hand);
    $hand->postJson('/api/v1/log', $practice('beno-tashe'))->assertCreated();
    $hand->postJson('/api/v1/log', $practice('tilo-brandvik'))->assertForbidden();
    $hand->postJson('/api/v1/log', ['entries' => [signOff()]])->assertForbidden();
    User::query()->where('role', Role::Hand)->update(['person_id' => null]);
    actingAsA($this, Role::Hand)->postJson('/api/v1/log', $practice('beno-tashe'))->assertForbidden();
    actingAsA($this, Role::Coordinator)->postJson('/api/v1/log', $practice('tilo-brandvik'))->assertCreated();
    $this->postJson('/api/v1/log', ['entries' => [signOff()]])->assertCreated();
    expect(array_column($this->getJson('/api/v1/people/tilo-brandvik/skills')->json('skills'), 'level', 'skill')['crimp:insulated'])->toBe('signed-off');
    $this->postJson('/api/v1/log', ['entries' => [signOff(level: 'withdrawn', note: 'wings left open on tower 3')]])->assertCreated();
    expect(array_column($this->getJson('/api/v1/people/tilo-brandvik/skills')->json('skills'), 'level', 'skill')['crimp:insulated'])->toBe('shown');
});

it('covers in the hands of somebody: what they may not do alone, and what is too stiff for them', function (): void {
    $of = fn(string $more): array => actingAsA($this, Role::Coordinator)->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel' . $more)->assertOk()->json();
    $codes = static fn(array $told): array => array_values(array_unique(array_merge(...array_map(static fn(array $step): array => array_column($step['reasons'], 'code'), array_merge(...array_column($told['report']['lines'], 'steps'))))));
    $nobody = $of('');
    $tilo = $of('&hand=tilo-brandvik');
    expect($codes($nobody))->not->toContain('hand.not-signed-off')->and($nobody)->not->toHaveKey('hand')
        ->and($codes($tilo))->toContain('hand.not-signed-off')
        ->and($tilo['report']['headline']['makeshift'])->toBeGreaterThan($nobody['report']['headline']['makeshift'])
        ->and($codes($of('&hand=nela-sorge&on=' . $this->demoDay()->plain())))->toContain('hand.force');
    $this->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel&hand=zoe')->assertUnprocessable()->assertJsonPath('problems.0.path', 'hand');
    $this->getJson('/api/v1/coverage?kit=panel-bench&scope=station-panel&hand[]=zoe')->assertUnprocessable();
    $card = $this->getJson('/api/v1/card?kit=panel-bench&scope=station-panel&hand=tilo-brandvik')->assertOk()->json('card');
    expect(implode(' ', array_column($card['steps'], 'text')))->toContain('Only under supervision: Tilo Brandvik');
    expect(pdfText($this->get('/api/v1/cards.pdf?kit=panel-bench&scope=station-panel&lines=clamp-1&hand=tilo-brandvik')->assertOk()->getContent()))->toContain('in the hands of Tilo Brandvik')->toContain('Only under supervision');
});

it('tells what breaks while some are away', function (): void {
    actingAsA($this, Role::Coordinator);
    $today = Day::read($this->demoDay()->plain());
    $missed = fn(string $query): array => array_column($this->getJson('/api/v1/skills/without?' . $query)->assertOk()->json('data'), null, 'skill');
    $here = $missed('');
    $without = $missed('people=pavo-lindh&from=' . $today->plus(1) . '&to=' . $today->plus(7));
    expect($here)->not->toHaveKey('crimp:lug')
        ->and($without['crimp:lug'])->toMatchArray(['from' => $today->plus(1)->plain(), 'to' => $today->plus(7)->plain(), 'missed' => ['Pavo Lindh']])
        ->and($without)->not->toHaveKey('crimp:ferrule')
        // What lapses by itself is told, too, from its day on.
        ->and($missed('from=' . $today . '&to=' . $today->plus(30))['crimp:heat-shrink'])->toMatchArray(['from' => $today->plus(15)->plain(), 'missed' => []]);
    expect(OpenApi::mismatch($this->getJson('/api/v1/skills/without?people=pavo-lindh'), 'get', '/skills/without'))->toBe('');
    foreach (['people=zoe' => 'people', 'from=' . $today . '&to=' . $today->plus(-1) => 'to', 'from=' . $today . '&to=' . $today->plus(366) => 'to'] as $query => $path) {
        $this->getJson('/api/v1/skills/without?' . $query)->assertUnprocessable()->assertJsonPath('problems.0.path', $path);
    }
});

it('knows who an account is, and no longer when they are gone', function (): void {
    actingAsA($this, Role::Hand);
    $this->getJson('/api/v1/session')->assertOk()->assertJsonPath('person.person', 'beno-tashe');
    $user = personOf($this->demo(), Role::Hand);
    expect($user->personCode())->toBe('beno-tashe');
    $user->person_id = null;
    expect($user->personCode())->toBeNull();
});
