<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\OpenApi;

it('keeps who, when, before and after of every change', function (): void {
    $shop = $this->demo();
    $coordinator = personOf($shop, Role::Coordinator);
    $this->actingAs($coordinator);
    $seen = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data.1');
    $line = array_diff_key($seen, ['version' => null]);
    $written = $this->putJson('/api/v1/scopes/tower-7/lines/' . $seen['id'], [...$line, 'quantity' => 99], ['If-Match' => '"' . $seen['version'] . '"']);
    $history = $this->getJson('/api/v1/history?about=lines/tower-7/' . $seen['id']);
    expect(OpenApi::mismatch($history, 'get', '/history'))->toBe('')
        ->and($history->json('data'))->toHaveCount(1)
        ->and((string) $history->json('data.0.id'))->toBe($written->headers->get('Gondrik-Change'))
        ->and($history->json('data.0.by'))->toBe($coordinator->name)
        ->and($history->json('data.0.event'))->toBe('changed')
        ->and($history->json('data.0.changes.0.before'))->toBe($line)
        ->and($history->json('data.0.changes.0.after.quantity'))->toBe(99)
        // Nobody has to know ids to read it.
        ->and($history->json('names.wires'))->toBe(['heat-3x2.5' => '3 × 2.5 mm² heating cable, low-smoke'])
        ->and($history->json('names.terminals'))->toBe(['ferrule-2.5' => 'Ferrule 2.5 mm²'])
        ->and($history->json('names.scopes'))->toBe(['tower-7' => 'Tower 7: heating and rescue winch']);
    // Who comes second is told who was first.
    $this->insteadActingAs($this->lead($shop));
    $this->putJson('/api/v1/scopes/tower-7/lines/' . $seen['id'], $line, ['If-Match' => '"' . $seen['version'] . '"'])->assertStatus(412)->assertJsonPath('changed.by', $coordinator->name);
    expect($this->getJson('/api/v1/history')->json('data'))->toHaveCount(1);
});

/** The pylon backpack once more, without things by their tags that would hold it; its id. */
function kitWithoutThings(Tests\TestCase $test): string
{
    $kit = $test->getJson('/api/v1/kits/pylon-backpack')->json();

    return $test->postJson('/api/v1/kits', ['id' => 'second-backpack', 'name' => 'Second backpack', 'tools' => $kit['tools']])->assertCreated()->json('id');
}

it('takes each kind of change back, and once more', function (Closure $change): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $before = $this->get('/api/v1/workbook')->getContent();
    $version = $this->getJson('/api/v1/version')->json('version');
    $response = $change($this);
    expect($response->status())->toBeLessThan(300, (string) $response->getContent())
        // Who had seen the shop before it has seen it after it.
        ->and($response->headers->get('Gondrik-Version'))->toBe($version . '-' . $this->getJson('/api/v1/version')->json('version'))
        ->and($this->getJson('/api/v1/version')->json('version'))->toBeGreaterThan($version);
    $after = $this->get('/api/v1/workbook')->getContent();
    expect($after)->not->toBe($before);
    $undone = $this->postJson('/api/v1/history/' . $response->headers->get('Gondrik-Change') . '/undo');
    $undone->assertOk();
    expect(OpenApi::mismatch($undone, 'post', '/history/{entry}/undo'))->toBe('')
        ->and($this->get('/api/v1/workbook')->getContent())->toBe($before);
    $this->postJson('/api/v1/history/' . $undone->json('change') . '/undo')->assertOk();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($after);
    $this->postJson('/api/v1/history/' . $undone->json('change') . '/undo')->assertConflict();
    expect(array_column($this->getJson('/api/v1/history')->json('data'), 'event'))->toBe(['undone', 'undone', $this->getJson('/api/v1/history')->json('data.2.event')]);
})->with([
    'a line added' => [fn($test) => $test->postJson('/api/v1/scopes/tower-7/lines?after=', LINE)],
    'a line taken out' => [function ($test) {
        $seen = $test->getJson('/api/v1/scopes/tower-7/lines')->json('data.6');

        return $test->deleteJson('/api/v1/scopes/tower-7/lines/' . $seen['id'], headers: ['If-Match' => '"' . $seen['version'] . '"']);
    }],
    'several lines taken out, one changed and one added' => [function ($test) {
        $lines = $test->getJson('/api/v1/scopes/tower-7/lines')->json('data');
        $of = static fn(int $index): array => ['id' => $lines[$index]['id'], 'version' => $lines[$index]['version']];

        return $test->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [
            [...$of(2), 'line' => null],
            [...$of(3), 'line' => null],
            [...$of(0), 'line' => null],
            [...$of(5), 'cells' => ['quantity' => '77', 'torque' => '15 lbf·in', 'note' => 'by hand']],
            ['line' => LINE, 'after' => $lines[8]['id']],
        ]]);
    }],
    'lines put into another order' => [function ($test) {
        $ids = array_column($test->getJson('/api/v1/scopes/tower-7/lines')->json('data'), 'id');

        return $test->postJson('/api/v1/scopes/tower-7/changes', ['order' => [$ids[4], $ids[1], $ids[2]]]);
    }],
    'a wire added' => [fn($test) => $test->postJson('/api/v1/wires', WIRE)],
    'a wire changed' => [function ($test) {
        $seen = $test->getJson('/api/v1/wires/hookup-12')->json();

        return $test->putJson('/api/v1/wires/hookup-12', [...array_diff_key($seen, ['version' => null]), 'name' => 'Another name'], ['If-Match' => '"' . $seen['version'] . '"']);
    }],
    'a kit added' => [fn($test) => $test->postJson('/api/v1/kits', ['name' => 'Van', 'tools' => [['tool' => 'flush-cut', 'count' => 2]]])],
    'a thing changed' => [function ($test) {
        $seen = $test->getJson('/api/v1/assets/TQ-03')->json();

        return $test->putJson('/api/v1/assets/TQ-03', [...array_diff_key($seen, ['version' => null]), 'note' => 'Marked red.'], ['If-Match' => '"' . $seen['version'] . '"']);
    }],
    'a scope taken away with its lines' => [fn($test) => $test->deleteJson('/api/v1/scopes/tower-7', headers: ['If-Match' => '"' . $test->getJson('/api/v1/scopes/tower-7')->json('version') . '"'])],
    'a scope with house rules, days and a note' => [function ($test) {
        $seen = $test->getJson('/api/v1/scopes/tower-7')->json();

        return $test->putJson('/api/v1/scopes/tower-7', [...array_diff_key($seen, ['version' => null]), 'houseRules' => ['trainedHands' => false], 'days' => 3, 'note' => 'in spring'], ['If-Match' => '"' . $seen['version'] . '"']);
    }],
    'a scope copied' => [fn($test) => $test->postJson('/api/v1/scopes/tower-7/copy', ['id' => 'tower-8', 'name' => 'Tower 8'])],
    'a scope merged into another' => [fn($test) => $test->postJson('/api/v1/scopes/station-panel/merge', ['scope' => 'tower-7'])],
]);

it('brings back with a kit the plans that were accepted for it, and what of them has arrived', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $kit = kitWithoutThings($this);
    $accepted = $this->acceptPlan('kit=' . $kit . '&scopes=tower-7')->assertCreated();
    $this->arrive($accepted, $accepted->json('items.0.id'))->assertOk();
    $plan = $accepted->json();
    $plans = $this->getJson('/api/v1/plans')->json('data');
    $gone = $this->deleteJson('/api/v1/kits/' . $kit, headers: ['If-Match' => '"' . $this->getJson('/api/v1/kits/' . $kit)->json('version') . '"'])->assertNoContent();
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([]);
    $entry = $this->getJson('/api/v1/history')->json('data.0');
    expect(array_column($entry['changes'], 'list'))->toBe(['kits', 'plans'])->and($entry['changes'][1]['before']['cost'])->toBe($plan['cost']);
    $undone = $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe($plans);
    // And once more, there and back.
    $again = $this->postJson('/api/v1/history/' . $undone->json('change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe([]);
    $this->postJson('/api/v1/history/' . $again->json('change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/plans')->json('data'))->toBe($plans);
});

it('brings back with a wire what the shop calls it, also after a merge', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $called = fn(): array => array_column($this->getJson('/api/v1/aliases')->json('data'), 'id', 'words');
    $wire = $this->postJson('/api/v1/wires', WIRE)->assertCreated()->json();
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'fat grey', 'id' => $wire['id']])->assertNoContent();
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'old grey', 'id' => $wire['id']])->assertNoContent();
    $gone = $this->deleteJson('/api/v1/wires/' . $wire['id'], headers: ['If-Match' => '"' . $wire['version'] . '"'])->assertNoContent();
    expect($called())->toBe([]);
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($called())->toBe(['fat grey' => $wire['id'], 'old grey' => $wire['id']]);
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'mine', 'id' => 'hookup-12'])->assertNoContent();
    $merged = $this->postJson('/api/v1/wires/' . $wire['id'] . '/merge', ['into' => 'hookup-12'])->assertOk();
    expect($called())->toBe(['fat grey' => 'hookup-12', 'mine' => 'hookup-12', 'old grey' => 'hookup-12']);
    $this->postJson('/api/v1/history/' . $merged->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($called())->toBe(['fat grey' => $wire['id'], 'mine' => 'hookup-12', 'old grey' => $wire['id']]);
});

it('does not bring back a word that names something else by now', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $wire = $this->postJson('/api/v1/wires', WIRE)->assertCreated()->json();
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'fat grey', 'id' => $wire['id']])->assertNoContent();
    $gone = $this->deleteJson('/api/v1/wires/' . $wire['id'], headers: ['If-Match' => '"' . $wire['version'] . '"']);
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'fat grey', 'id' => 'hookup-12'])->assertNoContent();
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertConflict()->assertJsonPath('detail', '“fat grey” has become the name of something else since.');
    $this->getJson('/api/v1/wires/' . $wire['id'])->assertNotFound();
    expect(array_column($this->getJson('/api/v1/aliases')->json('data'), 'id', 'words'))->toBe(['fat grey' => 'hookup-12']);
});

it('takes many things back with few questions to the database, and puts them back', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $things = array_map(static fn(int $n): array => ['thing' => ['id' => 'bell-' . $n, ...WIRE]], range(1, 120));
    $taken = $this->postJson('/api/v1/tables/wires/take', ['things' => $things])->assertOk();
    $after = $this->get('/api/v1/workbook')->getContent();
    $asked = function (int $entry): array {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $undone = $this->postJson("/api/v1/history/{$entry}/undo")->assertOk();
        DB::disableQueryLog();

        return [$undone->json('change'), count(DB::getQueryLog())];
    };
    [$undone, $queries] = $asked($taken->json('change'));
    expect($queries)->toBeLessThan(40)->and($this->get('/api/v1/workbook')->getContent())->toBe($before);
    [, $queries] = $asked($undone);
    expect($queries)->toBeLessThan(40 + 120)->and($this->get('/api/v1/workbook')->getContent())->toBe($after);
});

it('brings a plan back whose people have left since, without them', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $kit = kitWithoutThings($this);
    $accepted = $this->acceptPlan('kit=' . $kit . '&scopes=tower-7')->assertCreated();
    $this->arrive($accepted, $accepted->json('items.0.id'))->assertOk();
    $this->insteadActingAs(personOf($shop, Role::Lead));
    $gone = $this->deleteJson('/api/v1/kits/' . $kit, [], ['If-Match' => '"' . $this->getJson('/api/v1/kits/' . $kit)->json('version') . '"'])->assertNoContent();
    personOf($shop, Role::Coordinator)->delete();
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    $plan = $this->getJson('/api/v1/plans')->json('data.0');
    expect($plan['acceptedBy'])->toBeNull()->and($plan['items'][0]['arrivedAt'])->not->toBeNull()->and($plan['id'])->toBe($accepted->json('id'));
});

it('keeps what a thing is called as a change like any other', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $called = fn(): array => array_column($this->getJson('/api/v1/aliases')->json('data'), 'id', 'words');
    $call = fn(string $words, string $id): TestResponse => $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => $words, 'id' => $id])->assertNoContent();
    $first = $call('  Bell   WIRE ', 'hookup-12');
    $call('bell wire', 'hookup-12')->assertHeaderMissing('Gondrik-Change');
    $other = $call('bell wire', 'flex-1');
    expect($called())->toBe(['bell wire' => 'flex-1'])
        ->and($this->getJson('/api/v1/history')->json('data.0.changes.*.id'))->toBe(['hookup-12', 'flex-1'])
        ->and($this->getJson('/api/v1/history')->json('data.0.event'))->toBe('edited');
    $this->postJson('/api/v1/history/' . $other->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($called())->toBe(['bell wire' => 'hookup-12']);
    $gone = $this->deleteJson('/api/v1/aliases/' . $this->getJson('/api/v1/aliases')->json('data.0.alias'))->assertNoContent();
    expect($called())->toBe([]);
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    $this->postJson('/api/v1/history/' . $first->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($called())->toBe([]);
});

it('does not take an import back over what people have made of it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $import = $this->upload('{"gondrik":1,"wires":[{"id":"bell","name":"Bell wire","size":"0.5 mm2","construction":"solid","insulation":"pvc"}],"kits":[{"id":"bag","name":"Bag","tools":[]}]}')->json('id');
    $this->postJson("/api/v1/imports/{$import}/apply")->assertOk();
    $this->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'ding', 'id' => 'bell'])->assertNoContent();
    $this->postJson("/api/v1/imports/{$import}/undo")->assertConflict()->assertJsonPath('type', 'urn:gondrik:problem:in-use')->assertJsonPath('uses.0.name', 'called “ding”');
    $this->deleteJson('/api/v1/aliases/' . $this->getJson('/api/v1/aliases')->json('data.0.alias'))->assertNoContent();
    $plan = $this->acceptPlan('kit=bag&scopes=cabin-lighting')->assertCreated();
    $this->postJson("/api/v1/imports/{$import}/undo")->assertConflict()->assertJsonPath('uses.0.list', 'plans');
    expect($this->getJson('/api/v1/plans')->json('data'))->toHaveCount(1);
    $this->deleteJson('/api/v1/plans/' . $plan->json('id'), [], ['If-Match' => '"' . $plan->json('version') . '"'])->assertNoContent();
    $this->postJson("/api/v1/imports/{$import}/undo")->assertNoContent();
});

it('does not take back what would undo what came after', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $added = $this->postJson('/api/v1/scopes/tower-7/lines', LINE);
    $line = array_diff_key($added->json(), ['version' => null]);
    $this->putJson('/api/v1/scopes/tower-7/lines/' . $line['id'], [...$line, 'quantity' => 3], ['If-Match' => '"' . $added->json('version') . '"'])->assertOk();
    $refused = $this->postJson('/api/v1/history/' . $added->headers->get('Gondrik-Change') . '/undo');
    $refused->assertConflict()->assertJsonPath('type', 'urn:gondrik:problem:changed');
    expect(OpenApi::mismatch($refused, 'post', '/history/{entry}/undo'))->toBe('');
    // A wire that is used by now stays.
    $wire = $this->postJson('/api/v1/wires', WIRE);
    $this->postJson('/api/v1/scopes/tower-7/lines', ['wire' => $wire->json('id'), 'terminal' => 'ring-yellow-m6'])->assertCreated();
    $this->postJson('/api/v1/history/' . $wire->headers->get('Gondrik-Change') . '/undo')->assertConflict()->assertJsonPath('type', 'urn:gondrik:problem:in-use');
});

it('is one for each shop, and pages', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach (range(1, 5) as $_) {
        $last = $this->postJson('/api/v1/scopes/tower-7/lines', LINE);
    }
    $first = $this->getJson('/api/v1/history?most=3');
    $second = $this->getJson('/api/v1/history?most=3&before=' . $first->json('next'));
    expect([...array_column($first->json('data'), 'id'), ...array_column($second->json('data'), 'id')])->toHaveCount(5)
        ->and($first->json('data.0.id'))->toBe((int) $last->headers->get('Gondrik-Change'))
        ->and($second->json('next'))->toBeNull();
    $this->insteadActingAs($this->emptyShop()->refresh());
    expect($this->getJson('/api/v1/history')->json('data'))->toBe([]);
    $this->postJson('/api/v1/history/' . $last->headers->get('Gondrik-Change') . '/undo')->assertNotFound();
});

it('knows imports too, and who took them back', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $import = $this->upload('{"gondrik":1,"wires":[{"id":"bell","name":"Bell wire","size":"0.5 mm2","construction":"solid","insulation":"pvc"}]}')->json('id');
    $this->postJson("/api/v1/imports/{$import}/apply")->assertOk();
    $entry = $this->getJson('/api/v1/history?about=wires/bell')->json('data.0');
    expect($entry['event'])->toBe('imported')->and($entry['file'])->toBe('book.json');
    $this->postJson('/api/v1/history/' . $entry['id'] . '/undo')->assertConflict();
    $this->postJson("/api/v1/imports/{$import}/undo")->assertNoContent();
    expect(array_column($this->getJson('/api/v1/history')->json('data'), 'event'))->toBe(['undone', 'imported']);
});

it('lets only the lead take back what is the lead\'s', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $wire = $this->postJson('/api/v1/wires', WIRE)->headers->get('Gondrik-Change');
    $terminal = $this->postJson('/api/v1/terminals', ['name' => 'Ring', 'class' => 'insulated', 'size' => '16 AWG', 'shape' => 'ring', 'stud' => 'M4'])->headers->get('Gondrik-Change');
    $tool = $this->postJson('/api/v1/tools', ['name' => 'Cutter', 'kind' => 'cutter', 'capabilities' => []])->headers->get('Gondrik-Change');
    $bring = function (string $workbook): string {
        $import = $this->upload($workbook)->assertCreated()->json('id');
        $this->postJson("/api/v1/imports/{$import}/apply")->assertOk();

        return $import;
    };
    $bell = $bring('{"gondrik":1,"wires":[{"id":"chime","name":"Bell wire","size":"0.5 mm2","construction":"solid","insulation":"pvc"}]}');
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    foreach ([$wire, $terminal, $tool] as $entry) {
        $this->postJson("/api/v1/history/{$entry}/undo")->assertForbidden();
    }
    $this->postJson("/api/v1/imports/{$bell}/undo")->assertForbidden();
    $this->upload('{"gondrik":1,"wires":[{"id":"bell","name":"Bell wire","size":"0.5 mm2","construction":"solid","insulation":"pvc"}]}')->assertForbidden();
    $kit = $bring('{"gondrik":1,"kits":[{"id":"empty","name":"Empty kit","tools":[]}]}');
    $this->postJson("/api/v1/imports/{$kit}/undo")->assertNoContent();
    $this->insteadActingAs(personOf($shop, Role::Lead));
    $rules = $bring('{"gondrik":1,"houseRules":{"preset":"panel"}}');
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson("/api/v1/imports/{$rules}/undo")->assertForbidden();
    $this->insteadActingAs(personOf($shop, Role::Lead));
    $this->postJson("/api/v1/imports/{$rules}/undo")->assertNoContent();
});

it('keeps what was typed through a copy, and a scope that goes and comes back', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $line = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data.0');
    $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [['id' => $line['id'], 'version' => $line['version'], 'cells' => ['torque' => '15 lbf·in']]]])->assertOk();
    $lines = $this->getJson('/api/v1/scopes/tower-7/lines')->json();
    expect($lines['data'][0]['torque'])->toBe('15 lbf·in');
    $copy = $this->postJson('/api/v1/scopes/tower-7/copy', ['id' => 'tower-8', 'name' => 'Tower 8']);
    expect(OpenApi::mismatch($copy, 'post', '/scopes/{scope}/copy'))->toBe('')
        ->and($this->getJson('/api/v1/scopes/tower-8/lines')->json())->toBe($lines);
    $merged = $this->postJson('/api/v1/scopes/tower-7/merge', ['scope' => 'tower-8']);
    expect($this->getJson('/api/v1/scopes/tower-7/lines')->json('data.0.torque'))->toBe('15 lbf·in');
    $this->postJson('/api/v1/history/' . $merged->json('change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/scopes/tower-7/lines')->json())->toBe($lines);
    $gone = $this->deleteJson('/api/v1/scopes/tower-7', headers: ['If-Match' => '"' . $this->getJson('/api/v1/scopes/tower-7')->json('version') . '"']);
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/scopes/tower-7/lines')->json())->toBe($lines);
});

it('shows of a large entry what it is called, reads no more for that, and takes back all of it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $scope = json_decode((string) $this->get('/api/v1/scopes/tower-7')->getContent());
    unset($scope->version);
    $scope->id = 'long';
    $scope->name = 'A long scope';
    $scope->lines = array_map(static fn(int $n): array => ['id' => 'l' . $n, ...LINE, 'note' => 'one of many'], range(1, 400));
    $added = $this->postJson('/api/v1/scopes', (array) $scope)->assertCreated();
    $this->deleteJson('/api/v1/scopes/long', headers: ['If-Match' => $added->headers->get('ETag')])->assertNoContent();
    $asked = [];
    DB::listen(static function ($query) use (&$asked): void {
        if (str_contains($query->sql, 'from "changes"')) {
            $asked[] = $query->sql;
        }
    });
    $history = $this->getJson('/api/v1/history')->assertOk();
    expect(OpenApi::mismatch($history, 'get', '/history'))->toBe('')
        ->and($history->json('data.0.changes'))->toBe([['list' => 'scopes', 'id' => 'long', 'before' => ['id' => 'long', 'name' => 'A long scope'], 'after' => null]])
        ->and($history->json('data.0.count'))->toBe(1)
        ->and($asked)->toHaveCount(1)->and($asked[0])->not->toContain('*')->not->toContain('properties');
    $this->postJson('/api/v1/history/' . $history->json('data.0.id') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/scopes/long/lines')->json('data'))->toHaveCount(400);
});

it('shows of a history that was kept before the same as of one that is kept now', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $this->postJson('/api/v1/wires', WIRE)->assertCreated();
    $scope = ['id' => 'long', 'name' => 'A long scope', 'lines' => array_map(static fn(int $n): array => ['id' => 'l' . $n, ...LINE], range(1, 400))];
    $this->postJson('/api/v1/scopes', $scope)->assertCreated();
    $document = json_decode($this->demoText());
    $document->wires[0]->name = 'Another name';
    $this->postJson('/api/v1/imports/' . $this->upload((string) json_encode($document))->json('id') . '/apply')->assertOk();
    $before = $this->getJson('/api/v1/history')->assertOk()->json();
    $migration = require database_path('migrations/2026_11_30_000010_what_a_history_shows.php');
    $migration->down();
    $migration->up();
    expect($this->getJson('/api/v1/history')->assertOk()->json())->toEqual($before)->and($before['data'])->toHaveCount(3);
});

it('shows the first twenty of many changes, and how many there were', function (int $many, int $shown): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => array_fill(0, $many, ['line' => LINE])])->assertOk();
    $entry = $this->getJson('/api/v1/history')->json('data.0');
    expect($entry['changes'])->toHaveCount($shown)->and($entry['count'])->toBe($many)
        ->and($entry['changes'][0])->toBe(['list' => 'lines', 'scope' => 'tower-7', 'id' => 'line-15', 'before' => null, 'after' => ['id' => 'line-15', ...LINE]]);
})->with([[1, 1], [20, 20], [21, 20], [60, 20]]);

it('tells in the history which file came and how much of it', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $document = json_decode($this->demoText());
    $document->wires[0]->name = 'Another name';
    $id = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$id}/apply")->assertOk();
    $entry = $this->getJson('/api/v1/history')->json('data.0');
    expect(array_intersect_key($entry, ['import' => 0, 'file' => 0, 'count' => 0]))->toBe(['count' => 0, 'import' => $id, 'file' => 'book.json'])
        ->and($entry['counts']['wires']['changed'])->toBe(1);
});

it('gives a new scope the version that it has, whatever lines it came with', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $added = $this->postJson('/api/v1/scopes', ['id' => 'new', 'name' => 'New', 'lines' => [['id' => 'l1', ...LINE]]])->assertCreated();
    $present = $this->getJson('/api/v1/scopes/new');
    expect($present->headers->get('ETag'))->toBe($added->headers->get('ETag'))->and($present->json('version'))->toBe($added->json('version'));
    $this->postJson('/api/v1/scopes/new/lines', LINE)->assertCreated();
    $this->putJson('/api/v1/scopes/new', ['name' => 'Newer'], ['If-Match' => $added->headers->get('ETag')])->assertOk();
});

it('keeps two years whole, and of what is older the last of each month for each thing', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $kept = [];
    $change = function (string $at, string $what, string ...$things) use (&$kept): void {
        $this->travelTo($at);
        $kept[$what] = (int) $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => array_map(function (string $line) use ($what): array {
            $seen = array_column($this->getJson('/api/v1/scopes/tower-7/lines')->json('data'), null, 'id')[$line];

            return ['id' => $line, 'version' => $seen['version'], 'cells' => ['note' => $what]];
        }, $things)])->assertOk()->headers->get('Gondrik-Change');
    };
    [$one, $other] = array_column($this->getJson('/api/v1/scopes/tower-7/lines')->json('data'), 'id');
    $change('2026-03-02 10:00', 'first of the month', $one);
    $change('2026-03-05 10:00', 'last about the other', $one, $other);
    $change('2026-03-31 23:30', 'last of the month', $one);
    $change('2026-04-01 00:30', 'first and last of the next', $one);
    $change('2026-05-01 10:00', 'not yet two years old', $one);
    $change('2026-05-20 10:00', 'after it in the same month', $one);
    $left = fn(): array => array_values(array_intersect_key(array_flip($kept), array_flip(DB::table('changes')->where('shop_id', $shop->id)->orderBy('id')->pluck('id')->all())));
    $this->travelTo('2028-05-31 10:00');
    $this->artisan('history:thin')->expectsOutputToContain('1 entries')->assertSuccessful();
    expect($left())->toBe(['last about the other', 'last of the month', 'first and last of the next', 'not yet two years old', 'after it in the same month']);
    $this->artisan('history:thin')->expectsOutputToContain('0 entries')->assertSuccessful();
    $this->travelTo('2028-06-01 10:00');
    $this->artisan('history:thin')->assertSuccessful();
    expect($left())->toBe(['last about the other', 'last of the month', 'first and last of the next', 'after it in the same month']);
    $this->artisan('schedule:list')->expectsOutputToContain('history:thin')->assertSuccessful();
});

it('gives all that it keeps as a file, the oldest first', function (): void {
    $shop = $this->demo();
    $lead = $this->lead($shop);
    $this->actingAs($lead);
    $this->postJson('/api/v1/wires', ['id' => 'bell', 'name' => 'Bell “wire” → thin', 'size' => '0.5 mm2', 'construction' => 'solid', 'insulation' => 'pvc'])->assertCreated();
    $taken = $this->deleteJson('/api/v1/wires/bell', headers: ['If-Match' => '"' . $this->getJson('/api/v1/wires/bell')->json('version') . '"']);
    $undone = $this->postJson('/api/v1/history/' . $taken->headers->get('Gondrik-Change') . '/undo')->assertOk()->json('change');
    $file = $this->get('/api/v1/history.json', ['Accept' => 'application/json'])->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="history.json"');
    $entries = json_decode($file->streamedContent(), true, flags: JSON_THROW_ON_ERROR)['entries'];
    expect(array_column($entries, 'event'))->toBe(['added', 'removed', 'undone'])
        ->and(array_unique(array_column($entries, 'by')))->toBe([$lead->name])
        ->and($entries[0]['changes'][0]['after']['name'])->toBe('Bell “wire” → thin')
        ->and($entries[1]['changes'][0]['before']['id'])->toBe('bell')->and($entries[1]['changes'][0]['after'])->toBeNull()
        ->and($entries[2]['id'])->toBe($undone)->and((string) $entries[2]['undoes'])->toBe($taken->headers->get('Gondrik-Change'));
});

it('tells what is about a scope by its lines, those that were written by hand and those that a file brought', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $line = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data.0');
    $cells = $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [['id' => $line['id'], 'version' => $line['version'], 'cells' => ['note' => 'seen']]]])->assertOk()->json('change');
    $import = $this->upload('{"gondrik":1,"scopes":[{"id":"tower-8","name":"Tower 8","lines":[{"id":"screw","torque":2}]}]}')->assertCreated()->json('id');
    $this->postJson("/api/v1/imports/{$import}/apply")->assertOk();
    $about = fn(string $path): array => $this->getJson('/api/v1/history?about=' . $path)->json('data.*.event');
    expect($about('lines/tower-7'))->toBe(['changed'])->and($this->getJson('/api/v1/history?about=lines/tower-7')->json('data.0.id'))->toBe($cells)
        ->and($about('lines/tower-8'))->toBe(['imported'])->and($about('scopes/tower-8'))->toBe(['imported'])->and($about('lines/masts'))->toBe([]);
});
