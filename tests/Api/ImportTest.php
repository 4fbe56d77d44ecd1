<?php

declare(strict_types=1);

use App\Imports\WorkbookImport;
use App\Models\Role;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Tests\Support\OpenApi;

/** @return array<string, int> rows of a shop */
function rows(Shop $shop): array
{
    return collect(['wires', 'terminals', 'tools', 'kits', 'kit_tools', 'scopes', 'lines'])->mapWithKeys(static fn(string $table): array => [$table => DB::table($table)->where('shop_id', $shop->id)->count()])->all();
}

it('reads a workbook through, changes nothing, then applies it', function (): void {
    $person = $this->emptyShop();
    $this->actingAs($person);
    $before = rows($person->shop);
    $checked = $this->upload($this->demoText())->assertCreated();
    expect(rows($person->shop))->toBe($before)
        ->and($checked->json('counts.wires'))->toBe(['added' => 30, 'changed' => 0, 'left' => 0])
        ->and($checked->json('changesHouseRules'))->toBeTrue()
        ->and($checked->json('applied'))->toBeFalse();

    $applied = $this->postJson('/api/v1/imports/' . $checked->json('id') . '/apply')->assertOk();
    expect($applied->json('counts'))->toBe($checked->json('counts'))
        ->and($applied->json('applied'))->toBeTrue()
        ->and(rows($person->shop))->toBe(['wires' => 30, 'terminals' => 45, 'tools' => 47, 'kits' => 12, 'kit_tools' => 106, 'scopes' => 6, 'lines' => 70]);

    $again = $this->postJson('/api/v1/imports/' . $checked->json('id') . '/apply')->assertOk();
    expect($again->json('changesNothing'))->toBeTrue()->and(rows($person->shop)['lines'])->toBe(70);
});

it('exports what was imported, and importing the export changes nothing', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $export = $this->get('/api/v1/workbook')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="tarnholt-ropeway.json"')->getContent();
    expect($export)->toBe($this->demoText());
    $this->upload($export)->assertCreated()->assertJsonPath('changesNothing', true);
});

it('keeps generated workbooks whole through the database', function (int $seed): void {
    $codec = new WorkbookCodec();
    $text = $codec->write($codec->read((string) json_encode(GeneratedWorkbook::of($seed))));
    $person = $this->emptyShop('Generated');
    $this->actingAs($person);
    $this->postJson('/api/v1/imports/' . $this->upload($text)->assertCreated()->json('id') . '/apply')->assertOk();
    expect($codec->write((new ShopWorkbook())->whole(Shop::query()->findOrFail($person->shop_id))))->toBe($text);
})->with([1, 2, 3, 4, 5]);

it('keeps of a torque what was written last, whichever way it was written', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $line = $this->getJson('/api/v1/scopes/tower-7/lines')->json('data.0');
    $this->postJson('/api/v1/scopes/tower-7/changes', ['changes' => [['id' => $line['id'], 'version' => $line['version'], 'cells' => ['torque' => '15 lbf·in']]]])->assertOk();
    $document = json_decode((string) $this->get('/api/v1/workbook')->getContent());
    expect($document->scopes[0]->lines[0]->torque)->toBe('15 lbf·in');
    $this->upload((string) json_encode($document))->assertCreated()->assertJsonPath('changesNothing', true);
    $document->scopes[0]->lines[0]->torque = 2.5;
    $this->postJson('/api/v1/imports/' . $this->upload((string) json_encode($document))->assertCreated()->json('id') . '/apply')->assertOk();
    $now = array_column($this->getJson('/api/v1/scopes/tower-7/lines')->json('data'), null, 'id')[$line['id']];
    expect(array_diff_key($now, ['version' => 0]))->toBe([...array_diff_key($line, ['version' => 0, 'note' => 0]), 'torque' => 2.5, ...array_intersect_key($line, ['note' => 0])]);
});

it('counts what is added, changed and left, and removes nothing', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $document = json_decode($this->demoText());
    $document->wires[0]->name = 'Another name';
    $document->wires[] = (object) ['id' => 'new', 'name' => 'New', 'size' => '2,5 mm²', 'construction' => 'solid', 'insulation' => 'pvc'];
    array_pop($document->scopes[0]->lines);
    $checked = $this->upload((string) json_encode($document))->assertCreated();
    expect($checked->json('counts.wires'))->toBe(['added' => 1, 'changed' => 1, 'left' => 29])
        ->and($checked->json('counts.scopes'))->toBe(['added' => 0, 'changed' => 1, 'left' => 5]);
    $this->postJson('/api/v1/imports/' . $checked->json('id') . '/apply')->assertOk();
    $export = (string) $this->get('/api/v1/workbook')->getContent();
    expect($export)->toContain('Another name')->toContain('2,5 mm²')->not->toContain('"winch-2-0",' . "\n" . '          "wire"')
        ->and(rows($this->demo())['lines'])->toBe(69);
});

it('tells every problem and changes nothing', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = rows($this->demo());
    $document = json_decode($this->demoText());
    $document->wires[0]->size = '0.5 mm';
    $document->scopes[0]->lines[2]->terminal = 'gone';
    $response = $this->upload((string) json_encode($document))->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json');
    expect(array_column($response->json('problems'), 'path'))->toBe(['wires/0/size', 'scopes/0/lines/2/terminal'])
        ->and($response->json('problems.0.value'))->toBe('0.5 mm')
        ->and(rows($this->demo()))->toBe($before);
});

it('refuses a change that breaks a line the workbook does not name', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $document = json_decode($this->demoText());
    $butt = collect($document->terminals)->firstWhere('id', 'butt-blue-seal');
    unset($butt->ends);
    $partial = (object) ['gondrik' => 1, 'terminals' => [$butt]];
    $response = $this->upload((string) json_encode($partial))->assertUnprocessable();
    // The file is what somebody can mend, so the place is told in it.
    expect($response->json('problems.0.expected'))->toContain('two ends')->toContain('line "beacon-splice"')
        ->and($response->json('problems.0.path'))->toBe('terminals/0');
});

it('says so when a plan is out of date, and changes nothing', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $document = json_decode($this->demoText());
    $document->wires[0]->name = 'Looked at first';
    $first = $this->upload((string) json_encode($document))->json('id');
    $document->wires[0]->name = 'Applied before it';
    $second = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$second}/apply")->assertOk();
    $late = $this->postJson("/api/v1/imports/{$first}/apply")->assertConflict();
    expect($late->json('detail'))->toContain('bring it again')
        ->and(OpenApi::mismatch($late, 'post', '/imports/{import}/apply'))->toBe('')
        ->and((string) $this->get('/api/v1/workbook')->getContent())->toContain('Applied before it');
});

it('keeps every float to its last bit', function (): void {
    $person = $this->emptyShop('Floats');
    $this->actingAs($person);
    $random = new Random\Randomizer(new Random\Engine\Mt19937(7));
    $wires = array_map(static fn(int $n): stdClass => (object) ['id' => 'w' . $n, 'name' => 'w', 'size' => '0.05 mm2', 'construction' => 'solid', 'insulation' => 'pvc',
        'insulationOd' => 1 + 998 * $random->getInt(0, 1 << 52) / (1 << 52), 'minTemperature' => [0.1 + 0.2, -0.0, 1e-7, 1 / 3, -99.99999999999999][$n % 5],
        'sheath' => (object) ['material' => 'pvc', 'shape' => 'round', 'od' => 1000 + 8999 * $random->getInt(0, 1 << 52) / (1 << 52)]], range(1, 60));
    $text = (string) json_encode(['gondrik' => 1, 'wires' => $wires]);
    $this->postJson('/api/v1/imports/' . $this->upload($text)->assertCreated()->json('id') . '/apply')->assertOk();
    $this->upload($text)->assertCreated()->assertJsonPath('changesNothing', true);
    $this->upload((string) $this->get('/api/v1/workbook')->getContent())->assertCreated()->assertJsonPath('changesNothing', true);
});

it('takes a kit of 14,000 tools and 20,000 wires in', function (): void {
    $shop = $this->emptyShop('Large')->shop;
    $codec = new WorkbookCodec();
    $book = $codec->readStored((object) [
        'wires' => array_map(static fn(int $n): stdClass => (object) ['id' => 'w' . $n, 'name' => 'w', 'size' => '1 mm2', 'construction' => 'solid', 'insulation' => 'pvc'], range(1, 20_000)),
        'tools' => array_map(static fn(int $n): stdClass => (object) ['id' => 't' . $n, 'name' => 't', 'kind' => 'other', 'capabilities' => []], range(1, 14_000)),
        'kits' => [(object) ['id' => 'k', 'name' => 'k', 'tools' => array_map(static fn(int $n): stdClass => (object) ['tool' => 't' . $n], range(1, 14_000))]],
    ]);
    $importer = new WorkbookImport();
    expect($importer->apply($shop, $book)->counts['wires']['added'])->toBe(20_000)
        ->and(rows($shop)['kit_tools'])->toBe(14_000)
        ->and($importer->plan($shop, $book)->changesNothing())->toBeTrue();
});

it('forgets files whose time is over', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $old = $this->upload($this->demoText())->json('id');
    $applied = $this->upload($this->demoText())->json('id');
    $this->postJson("/api/v1/imports/{$applied}/apply")->assertOk();
    $this->travel(1)->minutes();
    $undone = $this->upload('{"gondrik":1,"kits":[{"id":"empty","name":"Empty kit","tools":[]}]}')->json('id');
    $this->postJson("/api/v1/imports/{$undone}/apply")->assertOk();
    $this->postJson("/api/v1/imports/{$undone}/undo")->assertNoContent();
    $this->travel(2)->days();
    $new = $this->upload($this->demoText())->json('id');
    $this->artisan('imports:prune')->assertSuccessful();
    expect(DB::table('imports')->orderBy('created_at')->pluck('id')->all())->toBe([$applied, $undone, $new])->and($old)->not->toBe($applied);
    $this->travel(90)->days();
    $this->artisan('imports:prune')->assertSuccessful();
    expect(DB::table('imports')->count())->toBe(0);
});

it('tells what cannot be read instead of breaking', function (string $text, string $path): void {
    $this->actingAs($this->lead($this->demo()));
    $answer = $this->upload($text)->assertUnprocessable();
    expect($answer->json('problems.0.path'))->toBe($path);
})->with([
    'house rules that are no object' => ['{"gondrik":1,"houseRules":"marine"}', 'houseRules'],
    'house rules that are a list' => ['{"gondrik":1,"houseRules":[1]}', 'houseRules'],
    'insulations that are none' => ['{"gondrik":1,"houseRules":{"insulations":["jute"]}}', 'houseRules/insulations/0'],
    'more than 500 problems' => [(string) json_encode(['gondrik' => 1, 'wires' => array_fill(0, 700, ['id' => 5])]), 'wires/0/name'],
    'a number without end' => ['{"gondrik":1,"wires":[{"id":"a","name":"a","size":"1 mm2","construction":"solid","insulation":"pvc","insulationOd":1e999}]}', 'wires/0/insulationOd'],
]);

it('refuses what is no file, no JSON or too large', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/imports', [])->assertUnprocessable()->assertJsonPath('problems.0.path', 'workbook');
    $this->upload('not json')->assertUnprocessable()->assertJsonPath('problems.0.path', '');
    $this->upload(str_repeat(' ', 10_500_000))->assertUnprocessable();
});

it('takes an import back, to the letter', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $document = json_decode($this->demoText());
    $document->houseRules = (object) ['preset' => 'marine'];
    $document->wires[0]->name = 'Another name';
    $document->wires[] = (object) ['id' => 'new', 'name' => 'New', 'size' => '1 mm2', 'construction' => 'fine', 'insulation' => 'pvc'];
    $document->tools[] = (object) ['id' => 'new-tool', 'name' => 'New', 'kind' => 'other', 'capabilities' => []];
    $document->kits[0]->tools[] = (object) ['tool' => 'new-tool'];
    $document->kits[] = (object) ['id' => 'new-kit', 'name' => 'New', 'tools' => [(object) ['tool' => 'new-tool']]];
    $document->scopes[0]->lines[] = (object) ['id' => 'new-line', 'wire' => 'new', 'terminal' => 'ferrule-1'];
    array_shift($document->scopes[1]->lines);
    $id = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$id}/apply")->assertOk()->assertJsonPath('canUndo', true);
    expect($this->get('/api/v1/workbook')->getContent())->toContain('new-line')->toContain('marine');

    $undone = $this->postJson("/api/v1/imports/{$id}/undo")->assertNoContent();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($this->demoText())
        ->and(OpenApi::mismatch($undone, 'post', '/imports/{import}/undo'))->toBe('');
    $this->postJson("/api/v1/imports/{$id}/undo")->assertConflict();
    $this->postJson("/api/v1/imports/{$id}/apply")->assertOk()->assertJsonPath('canUndo', true);
});

it('takes nothing back over the head of a later change', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $document = json_decode($this->demoText());
    $document->wires[0]->name = 'First';
    $first = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$first}/apply")->assertOk();
    $document->wires[1]->name = 'Second';
    $second = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$second}/apply")->assertOk();
    $conflict = $this->postJson("/api/v1/imports/{$first}/undo")->assertConflict();
    expect($conflict->json('detail'))->toContain('changed since')->and(OpenApi::mismatch($conflict, 'post', '/imports/{import}/undo'))->toBe('');
    $this->postJson("/api/v1/imports/{$second}/undo")->assertNoContent();
    $this->postJson("/api/v1/imports/{$first}/undo")->assertNoContent();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($this->demoText());
});

it('has nothing to take back of an import that was not applied or changed nothing', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $id = $this->upload($this->demoText())->json('id');
    $this->postJson("/api/v1/imports/{$id}/undo")->assertConflict();
    $this->postJson("/api/v1/imports/{$id}/apply")->assertOk()->assertJsonPath('canUndo', false);
    $this->postJson("/api/v1/imports/{$id}/undo")->assertConflict();
});

it('is for those who set up the shop', function (Role $role, int $status): void {
    $this->actingAs($this->emptyShop('Shop', $role));
    $this->upload('{"gondrik":1}')->assertStatus($status);
})->with([[Role::Lead, 201], [Role::Coordinator, 201], [Role::Hand, 403]]);

it('applies only imports of the own shop', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $id = $this->upload($this->demoText())->json('id');
    $this->flushSession();
    $this->actingAs($this->emptyShop());
    $this->postJson("/api/v1/imports/{$id}/apply")->assertNotFound();
    $this->postJson('/api/v1/imports/not-a-number/apply')->assertNotFound();
});

it('leaves the shop as it was when applying fails half way', function (): void {
    $person = $this->emptyShop();
    $this->actingAs($person);
    $id = $this->upload($this->demoText())->json('id');
    DB::statement('alter table lines add constraint no_winches check (code not like \'winch%\') not valid');
    $this->postJson("/api/v1/imports/{$id}/apply")->assertStatus(500);
    expect(rows($person->shop)['wires'])->toBe(0)->and($person->shop->users()->count())->toBe(1);
});

it('lets nobody apply what they could not have brought', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $import = $this->upload('{"gondrik":1,"wires":[{"id":"bell","name":"Bell","size":"0.5 mm2","construction":"solid","insulation":"pvc"}]}')->assertCreated()->json('id');
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson("/api/v1/imports/{$import}/apply")->assertForbidden();
    $this->insteadActingAs($this->lead($shop));
    $this->getJson('/api/v1/wires/bell')->assertNotFound();
    $this->postJson("/api/v1/imports/{$import}/apply")->assertOk();
    $this->getJson('/api/v1/wires/bell')->assertOk();
});

it('goes out as a zip of tables and comes back as it was, with what was changed in one of them', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $zip = $this->get('/api/v1/workbook.zip')->assertOk()->assertHeader('Content-Type', 'application/zip')->getContent();
    $same = $this->upload((string) $zip)->assertCreated();
    expect($same->json('changesNothing'))->toBeTrue();
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    $with = static function (string $table, callable $change) use ($zip, $path): string {
        file_put_contents($path, $zip);
        $archive = new ZipArchive();
        $archive->open($path);
        $archive->addFromString($table, $change((string) $archive->getFromName($table)));
        $archive->close();

        return (string) file_get_contents($path);
    };
    $changed = $this->upload($with('wires.csv', static fn(string $text): string => str_replace('flexible panel wire', 'panel wire', $text)))->assertCreated();
    expect($changed->json('counts.wires.changed'))->toBeGreaterThan(0)->and($changed->json('counts.assets.changed'))->toBe(0);
    $wrong = $this->upload($with('assets.csv', static fn(string $text): string => (string) preg_replace('~,(\d{4})-(\d\d)-(\d\d)~', ',$1-$2-99', $text, 1)))->assertUnprocessable();
    expect($wrong->json('problems.0.path'))->toBe('assets/0/bought');
    $torn = $this->upload(substr((string) $zip, 0, 400))->assertUnprocessable();
    expect($torn->json('problems.0.expected'))->toContain('a zip of at most 100 tables');
    $this->upload($with('datapackage.json', static fn(): string => '{}'))->assertUnprocessable()->assertJsonPath('problems.0.path', 'datapackage.json');
    $huge = $this->upload($with('more.csv', static fn(): string => str_repeat(' ', 21 * 1024 * 1024)))->assertUnprocessable();
    expect($huge->json('problems.0.path'))->toBe('more.csv');
    unlink($path);
});
