<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

/* What the house judges by: questions, answers, what another answer would do, and who gave it. */

it('has every rule as a question, with the answer in words, the presets, and where scopes say otherwise', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $rules = $this->getJson('/api/v1/rules')->assertOk();

    expect(OpenApi::mismatch($rules, 'get', '/rules'))->toBe('')
        ->and(array_column($rules->json('questions'), 'rule'))->toEqualCanonicalizing(array_keys($rules->json('inForce')))
        ->and($rules->json('inForce.hammerLugs.words'))->toBe('No');
    $lacking = [];
    foreach ($rules->json('scopes') as $scope) {
        foreach ($scope['differs'] as $differs) {
            $lacking[] = $differs['words'] === $differs['instead'] ? $scope['name'] . ': ' . $differs['question'] : null;
        }
    }
    expect(array_filter($lacking))->toBe([])->and($lacking)->not->toBe([]);
});

it('answers some questions anew, and leaves the others', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $said = fn(): mixed => $this->getJson('/api/v1/rules')->json('said');
    $before = $said();
    $changed = $this->putJson('/api/v1/rules', ['hammerLugs' => 'accept'])->assertNoContent();
    expect(OpenApi::mismatch($changed, 'put', '/rules'))->toBe('');
    $this->putJson('/api/v1/rules', ['practicePieces' => 25])->assertNoContent();
    expect($said())->toEqualCanonicalizing([...$before, 'hammerLugs' => 'accept', 'practicePieces' => 25]);
    // Null: as the preset has it.
    $this->putJson('/api/v1/rules', ['practicePieces' => null])->assertNoContent();
    expect($said())->not->toHaveKey('practicePieces')->and($this->getJson('/api/v1/rules')->json('inForce.practicePieces.value'))->toBe(20);
    $told = $this->getJson('/api/v1/rules')->json('changes');
    expect(array_column($told, 'differs'))->toBe([
        [['rule' => 'practicePieces', 'question' => 'How many tries before somebody may ask for a sign-off?', 'words' => '20 tries', 'instead' => '25 tries']],
        [['rule' => 'practicePieces', 'question' => 'How many tries before somebody may ask for a sign-off?', 'words' => '25 tries', 'instead' => '20 tries']],
        [['rule' => 'hammerLugs', 'question' => 'Does a lug count that is pressed with a hammer?', 'words' => 'As a makeshift', 'instead' => 'No']],
    ])->and(array_unique(array_column($told, 'by')))->toBe([$this->lead($shop)->name]);

    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson('/api/v1/history/' . $changed->headers->get('Gondrik-Change') . '/undo')->assertForbidden();
    $this->insteadActingAs(personOf($shop, Role::Hand));
    expect($this->getJson('/api/v1/rules')->assertOk()->json('changes'))->toBeNull();
});

it('is taken back by the lead, as long as nothing was answered since', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $said = fn(): mixed => $this->getJson('/api/v1/rules')->json('said');
    $before = $said();
    $changed = $this->putJson('/api/v1/rules', ['preset' => 'marine', 'carry' => [], 'findings' => [['finding' => 'dull', 'condition' => 'retired']]])->assertNoContent();
    $this->postJson('/api/v1/history/' . $changed->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($said())->toEqual($before);
    $first = $this->putJson('/api/v1/rules', ['taps' => 'accept'])->headers->get('Gondrik-Change');
    $this->putJson('/api/v1/rules', ['tinning' => 'accept']);
    $this->postJson('/api/v1/history/' . $first . '/undo')->assertConflict();
});

it('tells what an import made of the house rules, and what taking it back made of them', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $workbook = json_decode((string) $this->get('/api/v1/workbook')->assertOk()->getContent());
    $workbook->houseRules->hammerLugs = 'accept';
    $bring = function (stdClass $file): string {
        $id = $this->upload((string) json_encode($file))->assertCreated()->json('id');
        $this->postJson("/api/v1/imports/{$id}/apply")->assertOk();

        return $id;
    };
    $id = $bring($workbook);
    $told = fn(): array => array_merge(...array_column($this->getJson('/api/v1/rules')->assertOk()->json('changes'), 'differs'));
    $hammered = ['rule' => 'hammerLugs', 'question' => 'Does a lug count that is pressed with a hammer?', 'words' => 'As a makeshift', 'instead' => 'No'];
    $before = ['words' => 'No', 'instead' => 'As a makeshift'] + $hammered;
    expect($told())->toBe([$hammered]);
    $this->postJson("/api/v1/imports/{$id}/undo")->assertNoContent();
    expect($told())->toEqual([$before, $hammered]);
    // One that leaves them as they are is not among them; the history says nothing of rules beside the file.
    unset($workbook->houseRules);
    $workbook->tools[0]->name = 'Another name';
    $bring($workbook);
    $history = $this->getJson('/api/v1/history')->assertOk();
    expect($told())->toHaveCount(2)->and(OpenApi::mismatch($history, 'get', '/history'))->toBe('');
});

it('refuses what is no answer, names it, and changes nothing', function (array $said, string $path, mixed $value): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->getJson('/api/v1/rules')->json('said');
    foreach ([$this->putJson('/api/v1/rules', $said), $this->getJson('/api/v1/rules/tried?' . http_build_query(['rules' => json_encode($said)]))] as $at => $refused) {
        expect($refused->assertUnprocessable()->json('problems.0'))->toMatchArray(['path' => ($at === 0 ? '' : 'rules/') . $path, 'value' => $value]);
    }
    expect($this->getJson('/api/v1/rules')->json('said'))->toBe($before);
})->with([
    'a rule that there is not' => [['hammers' => 'accept'], 'hammers', 'accept'],
    'a rule that there is not, taken back' => [['hammers' => null], 'hammers', null],
    'an answer that there is not' => [['hammerLugs' => 'perhaps'], 'hammerLugs', 'perhaps'],
    'too few tries' => [['practicePieces' => 0], 'practicePieces', 0],
    'a finding twice' => [['findings' => [['finding' => 'dull', 'condition' => 'watch'], ['finding' => 'dull', 'condition' => 'seldom']]], 'findings/1/finding', 'dull'],
]);

it('wants an answer', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach (['{}', '[]', '"marine"'] as $body) {
        $this->call('PUT', '/api/v1/rules', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body)->assertUnprocessable()->assertJsonPath('problems.0.path', 'rules');
    }
    $this->getJson('/api/v1/rules/tried?rules=[]')->assertUnprocessable()->assertJsonPath('problems.0.path', 'rules');
    $this->getJson('/api/v1/rules/tried')->assertUnprocessable()->assertJsonPath('problems.0.path', 'rules');
});

it('tells beforehand what the matrix tells afterwards, on paper and on a day', function (array $said, bool $isOnDay): void {
    $this->actingAs($this->lead($this->demo()));
    $day = $isOnDay ? ['on' => $this->demoDay()->plus(20)->plain()] : [];
    $matrix = fn(): array => $this->getJson('/api/v1/matrix?' . http_build_query($day))->json('cells');
    $before = $matrix();
    $tried = $this->getJson('/api/v1/rules/tried?' . http_build_query(['rules' => json_encode((object) $said), ...$day]))->assertOk();
    expect(OpenApi::mismatch($tried, 'get', '/rules/tried'))->toBe('')->and($matrix())->toBe($before);
    $this->putJson('/api/v1/rules', $said)->assertNoContent();
    $after = $matrix();
    $changed = array_values(array_filter(array_map(static fn(array $was, array $is): ?array => $was === $is ? null : ['before' => $was, 'after' => $is], $before, $after)));
    expect($tried->json('cells'))->toBe($changed)->and($changed)->not->toBe([])->and($tried->json('of'))->toBe(count($before));
})->with([
    'a preset' => [['preset' => 'aircraft'], false],
    'trained hands, no flame' => [['trainedHands' => true, 'openFlame' => false, 'carry' => ['first-aid']], true],
]);
