<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Shop;
use Gondrik\Core\Value\Day;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Support\OpenApi;

/* What has happened to a thing is written down, and never over. Tags are the demo's: TQ-03 is the driver of the pylon backpack. */

beforeEach(fn() => $this->travelTo($this->demoDay() . ' 12:00:00'));

/** So many days from today. */
function onDay(int $days): string
{
    return (string) Day::read(now()->toDateString())->plus($days);
}

/** @return array<string, mixed> how one thing is, by the wall */
function stateOf(string $tag, string $query = ''): array
{
    $things = test()->getJson('/api/v1/wall' . $query)->assertOk()->json('things');

    return array_column($things, null, 'tag')[$tag];
}

it('gives a thing out and takes it back', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $out = $this->postJson('/api/v1/log', ['entries' => [['what' => 'out', 'asset' => 'TQ-03', 'to' => ['person' => 'mira-oskan'], 'due' => onDay(3)]]]);
    expect($out->status())->toBe(201)->and(OpenApi::mismatch($out, 'post', '/log'))->toBe('')
        ->and($out->json('entries.0.on'))->toBe(onDay(0));
    $state = stateOf('TQ-03');
    expect([$state['sign'], $state['kit'], $state['home'], $state['out']['to'], $state['out']['due'], $state['text']])
        ->toBe(['out', null, 'pylon-backpack', 'Mira Oskan', onDay(3), 'Lent to Mira Oskan since ' . onDay(0) . ', due back on ' . onDay(3) . '.'])
        ->and(stateOf('TQ-03', '?on=' . onDay(4))['sign'])->toBe('overdue')
        ->and(stateOf('TQ-03', '?on=' . onDay(-1))['sign'])->toBe('soon');
    $back = $this->postJson('/api/v1/log', ['entries' => [['what' => 'back', 'asset' => 'TQ-03', 'condition' => 'watch']]])->assertCreated();
    expect([stateOf('TQ-03')['sign'], stateOf('TQ-03')['condition']])->toBe(['watch', 'watch'])
        ->and($back->headers->get('Gondrik-Change'))->not->toBeNull();
    $log = $this->getJson('/api/v1/assets/TQ-03/log');
    expect(OpenApi::mismatch($log, 'get', '/assets/{id}/log'))->toBe('')
        ->and(array_map(static fn(array $line): array => [$line['entry']['what'], $line['written']['by']], array_slice($log->json('data'), 0, 2)))
        ->toBe([['back', 'Beno Tashe'], ['out', 'Beno Tashe']]);
    $this->getJson('/api/v1/assets/XX-99/log')->assertNotFound();
});

it('tells of every thing of the shop as it is on a day', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $wall = $this->getJson('/api/v1/wall');
    expect(OpenApi::mismatch($wall, 'get', '/wall'))->toBe('')
        ->and($wall->json('on'))->toBe(onDay(0))
        ->and(count($wall->json('things')))->toBe(DB::table('assets')->where('shop_id', $this->demo()->id)->count())
        ->and(array_count_values(array_column($wall->json('things'), 'sign')))->toMatchArray(['overdue' => 2, 'retired' => 1, 'seldom' => 6, 'watch' => 3, 'held' => 1])
        // What a thing cost is not for a hand.
        ->and(json_encode($wall->json()))->not->toContain('price');
    $this->getJson('/api/v1/wall?on=yesterday')->assertUnprocessable();
});

it('refuses what cannot be true, names the thing and the day, and changes nothing', function (array $entries, string $path, string $told): void {
    $this->actingAs($this->lead($this->demo()));
    $before = $this->get('/api/v1/workbook')->getContent();
    $entries = json_decode((string) preg_replace_callback('~DAY([+-]\d+)~', static fn(array $day): string => onDay((int) $day[1]), (string) json_encode($entries)), true);
    $refused = $this->postJson('/api/v1/log', ['entries' => $entries])->assertUnprocessable();
    $told = (string) preg_replace_callback('~DAY([+-]\d+)~', static fn(array $day): string => onDay((int) $day[1]), $told);
    expect(OpenApi::mismatch($refused, 'post', '/log'))->toBe('')
        ->and([$refused->json('problems.0.path'), $refused->json('problems.0.expected')])->toBe([$path, $told])
        ->and($this->get('/api/v1/workbook')->getContent())->toBe($before);
})->with([
    'lent again' => [[['what' => 'out', 'asset' => 'ST-04', 'to' => ['text' => 'van']]], 'entries/0/asset', 'a thing that is in: this one is out since DAY-19 and has not come back'],
    'a return of what is in' => [[['what' => 'back', 'asset' => 'TQ-03']], 'entries/0/asset', 'a thing that is out: on DAY+0 this one is in'],
    'tomorrow' => [[['what' => 'back', 'asset' => 'ST-04', 'on' => 'DAY+1']], 'entries/0/on', 'today, DAY+0, or an earlier day: what has not happened yet is not written down'],
    'a reading that falls' => [[['what' => 'cycles', 'asset' => 'CR-06', 'cycles' => 3000]], 'entries/0/cycles', 'at least the last reading, 3950: a counter does not fall'],
    'a thing that there is not' => [[['what' => 'back', 'asset' => 'XX-99']], 'entries/0/asset', 'no asset of the shop has this id'],
    'an entry that there is not' => [[['what' => 'void', 'entry' => 'gone']], 'entries/0/entry', 'an entry that stands before it in the log'],
    'an id twice' => [[['what' => 'back', 'asset' => 'ST-04', 'id' => 'h001']], 'entries/0/id', 'an id that no other entry of the shop has'],
    'the second of two' => [[['what' => 'back', 'asset' => 'ST-04'], ['what' => 'back', 'asset' => 'ST-04']], 'entries/1/asset', 'a thing that is out: on DAY+0 this one is in'],
    'an earlier loan that would not end before the later one' => [[['what' => 'out', 'asset' => 'ST-04', 'to' => ['text' => 'van'], 'on' => 'DAY-30']], 'entries/0/on', 'a day that goes with what the log says of DAY-19: that would have to be about a thing that is in: this one is out since DAY-30 and has not come back'],
    'nothing' => [[], 'entries', 'must be a list of 1 to 500 entries, as the workbook has them'],
    'before it was bought' => [[['what' => 'condition', 'asset' => 'TQ-03', 'condition' => 'good', 'on' => 'DAY-2000']], 'entries/0/on', 'the day on which the thing was bought, DAY-980, or a later one'],
]);

it('lets a hand tell what hands see, a coordinator more, and the lead set right', function (string $what, array $members, array $statuses): void {
    $shop = $this->demo();
    foreach ([Role::Hand, Role::Coordinator, Role::Lead] as $at => $role) {
        $this->insteadActingAs(personOf($shop, $role));
        expect($this->postJson('/api/v1/log', ['entries' => [['what' => $what, ...$members]]])->status())->toBe($statuses[$at], $role->value);
    }
})->with([
    'a condition' => ['condition', ['asset' => 'TQ-03', 'condition' => 'watch'], [201, 201, 201]],
    'what it was pulled at' => ['pull', ['asset' => 'CR-03', 'wire' => 'board-24', 'forces' => [56.1, 55.8]], [201, 201, 201]],
    'a force that is none' => ['pull', ['asset' => 'CR-03', 'wire' => 'board-24', 'forces' => [0]], [422, 422, 422]],
    'a verification' => ['done', ['asset' => 'TQ-03', 'due' => 'verification'], [403, 201, 201]],
    'a move' => ['moved', ['asset' => 'TQ-03', 'to' => null], [403, 201, 201]],
    'a reading' => ['cycles', ['asset' => 'CR-06', 'cycles' => 4000], [403, 201, 201]],
    'that it is cleared' => ['cleared', ['asset' => 'TQ-03', 'note' => 'Measured again.'], [403, 403, 201]],
    'a void' => ['void', ['entry' => 'h001'], [403, 403, 201]],
    'what is none' => ['exploded', ['asset' => 'TQ-03'], [403, 422, 422]],
]);

it('writes many at once, all or none', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Coordinator));
    $done = static fn(string $tag): array => ['what' => 'done', 'asset' => $tag, 'due' => 'verification', 'certificate' => 'TR-2000'];
    $count = $this->demo()->logEntries()->count();
    $this->postJson('/api/v1/log', ['entries' => [$done('TQ-01'), $done('TQ-02'), $done('ST-04')]])->assertUnprocessable()->assertJsonPath('problems.0.path', 'entries/2/due');
    expect($this->demo()->logEntries()->count())->toBe($count);
    $this->postJson('/api/v1/log', ['entries' => [$done('TQ-01'), $done('TQ-02'), $done('TQ-03')]])->assertCreated();
    $due = static fn(string $tag): string => array_column(stateOf($tag)['dues'], 'next', 'kind')['verification'];
    expect(array_map($due, ['TQ-01', 'TQ-02', 'TQ-03']))->toBe([onDay(365), onDay(365), onDay(365)])
        ->and($this->getJson('/api/v1/history')->json('data.0'))->toMatchArray(['event' => 'happened', 'count' => 3]);
});

it('takes an entry back by voiding it, and that by writing it once more', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $before = stateOf('TQ-03');
    $entry = $this->postJson('/api/v1/log', ['entries' => [['what' => 'out', 'asset' => 'TQ-03', 'to' => ['text' => 'van']]]])->headers->get('Gondrik-Change');
    $undone = $this->postJson("/api/v1/history/{$entry}/undo")->assertOk();
    expect(stateOf('TQ-03'))->toBe($before)
        ->and($this->getJson('/api/v1/assets/TQ-03/log')->json('data.0.voided.by'))->toBe('Ivo Marell');
    $this->postJson("/api/v1/history/{$entry}/undo")->assertConflict();
    $this->postJson('/api/v1/history/' . $undone->json('change') . '/undo')->assertOk();
    expect(stateOf('TQ-03')['out']['to'])->toBe('van');
    // Whoever may not void may not do it this way either.
    $this->insteadActingAs(personOf($this->demo(), Role::Coordinator));
    $lent = $this->postJson('/api/v1/log', ['entries' => [['what' => 'back', 'asset' => 'TQ-03']]])->headers->get('Gondrik-Change');
    $this->postJson("/api/v1/history/{$lent}/undo")->assertForbidden();
});

it('holds in the database itself what the log must hold', function (Closure $break, string $told): void {
    $shop = $this->demo();
    expect(static fn() => DB::transaction(static function () use ($break, $shop): void {
        $break($shop);
        DB::statement('set constraints loans_once immediate');
    }))->toThrow(QueryException::class, $told);
})->with([
    'nothing is changed' => [static fn(Shop $shop) => $shop->logEntries()->update(['on' => '2020-01-01']), 'log_entries_stay'],
    'nothing is taken away' => [static fn(Shop $shop) => $shop->logEntries()->delete(), 'log_entries_stay'],
    'not even all of it' => [static fn() => DB::statement('truncate log_entries cascade'), 'log_entries_stay'],
    'a thing is out once' => [static fn(Shop $shop) => logRow($shop, 'ST-04', ['what' => 'out']), 'loans_once'],
    'a counter does not fall' => [static fn(Shop $shop) => logRow($shop, 'CR-06', ['what' => 'cycles', 'reading' => 3000]), 'log_entries_reading'],
    'nor was it ever higher' => [static fn(Shop $shop) => logRow($shop, 'CR-06', ['what' => 'cycles', 'reading' => 5000, 'on' => onDay(-100)]), 'log_entries_reading'],
    'an entry is voided once' => [static function (Shop $shop): void {
        $of = $shop->logEntries()->value('id');
        logRow($shop, 'ST-04', ['what' => 'void', 'voids_id' => $of]);
        logRow($shop, 'ST-04', ['what' => 'void', 'voids_id' => $of]);
    }, 'log_entries_voids_id_unique'],
    'a thing that the log speaks of stays' => [static fn(Shop $shop) => $shop->listed('assets')->where('code', 'ST-04')->delete(), 'log_entries_shop_id_asset_id_foreign'],
]);

/** @param array<string, scalar> $row */
function logRow(Shop $shop, string $tag, array $row): void
{
    DB::table('log_entries')->insert(['shop_id' => $shop->id, 'code' => uniqid(), 'on' => onDay(0), 'entry' => '{}', 'created_at' => now(), 'asset_id' => $shop->listed('assets')->where('code', $tag)->value('id'), ...$row]);
}

it('keeps of loans what the log says of them', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach ([[['what' => 'back', 'asset' => 'ST-04'], ['what' => 'out', 'asset' => 'ST-04', 'to' => ['text' => 'van']], ['what' => 'back', 'asset' => 'ST-04']], [['what' => 'out', 'asset' => 'ST-04', 'to' => ['text' => 'van']]]] as $entries) {
        $this->postJson('/api/v1/log', ['entries' => $entries])->assertCreated();
    }
    $this->postJson('/api/v1/history/' . $this->getJson('/api/v1/history')->json('data.0.id') . '/undo')->assertOk();
    $kept = DB::table('loans')->orderBy('out_id')->get(['out_id', 'asset_id', 'out_on', 'back_id', 'back_on'])->map(static fn(stdClass $row): array => (array) $row)->all();
    // Rebuilt from what is not voided, one after the other.
    $voided = DB::table('log_entries')->whereNotNull('voids_id')->pluck('voids_id');
    $rebuilt = [];
    foreach (DB::table('log_entries')->whereIn('what', ['out', 'back'])->whereNotIn('id', $voided)->orderBy('on')->orderBy('id')->get() as $entry) {
        if ($entry->what === 'out') {
            $rebuilt[] = ['out_id' => $entry->id, 'asset_id' => $entry->asset_id, 'out_on' => $entry->on, 'back_id' => null, 'back_on' => null];
            continue;
        }
        foreach ($rebuilt as $at => $loan) {
            if ($loan['asset_id'] === $entry->asset_id && $loan['back_id'] === null) {
                $rebuilt[$at] = [...$loan, 'back_id' => $entry->id, 'back_on' => $entry->on];
            }
        }
    }
    expect($kept)->toEqualCanonicalizing($rebuilt)->and(count($kept))->toBeGreaterThan(4);
});

function takeTable(string $csv): Illuminate\Testing\TestResponse
{
    return test()->call('POST', '/api/v1/log.csv', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $csv);
}

it('gives the log out as a table, and takes back what a table has more', function (): void {
    $this->actingAs($lead = personOf($this->demo(), Role::Lead));
    $file = $this->get('/api/v1/log.csv')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="log.csv"');
    $csv = (string) $file->getContent();
    $rows = array_map(static fn(string $row): array => str_getcsv($row, escape: ''), array_values(array_filter(explode("\r\n", $csv))));
    $workbook = json_decode($this->demoText(), true);
    expect($rows)->toHaveCount(count($workbook['log']) + 1)
        ->and(array_column(array_slice($rows, 1), array_search('id', $rows[0], true)))->toBe(array_column($workbook['log'], 'id'));
    $same = takeTable($csv)->assertOk();
    expect($same->json())->toBe(['written' => 0, 'change' => null])->and(OpenApi::mismatch($same, 'post', '/log.csv'))->toBe('');

    // What came back from the calibrator, below what is there: in any order of columns, those that say nothing left out.
    $written = takeTable("asset,due,certificate,what,on\r\nTQ-03,verification,TR-2001,done," . onDay(-1) . "\r\n\r\nTQ-06,verification,'=1+1,done,\r\n")->assertCreated();
    expect(OpenApi::mismatch($written, 'post', '/log.csv'))->toBe('')->and($written->json('written'))->toBe(2)
        ->and(array_column(stateOf('TQ-03')['dues'], 'done'))->toBe([onDay(-1)])
        ->and(array_column(stateOf('TQ-06')['dues'], 'done'))->toBe([onDay(0)])
        ->and($this->getJson('/api/v1/assets/TQ-06/log')->json('data.0.entry.certificate'))->toBe('=1+1');
    $this->postJson('/api/v1/history/' . $written->json('change') . '/undo')->assertSuccessful();
    expect(array_column(stateOf('TQ-06')['dues'], 'done'))->not->toBe([onDay(0)]);

    // To the shelf, which no kit is called.
    takeTable("what,asset,to\r\nmoved,CU-15,(shelf)\r\n")->assertCreated();
    expect(stateOf('CU-15')['home'])->toBeNull()->and((string) $this->get('/api/v1/log.csv')->getContent())->toContain('(shelf)');
});

it('refuses a table by row and column, and writes nothing of it', function (string $csv, string $path, mixed $value, string $expected): void {
    $this->actingAs(personOf($this->demo(), Role::Lead));
    $before = $this->get('/api/v1/log.csv')->getContent();
    $refused = takeTable(str_replace('TODAY', onDay(0), $csv))->assertUnprocessable();
    expect([$refused->json('problems.0.path'), $refused->json('problems.0.value')])->toBe([$path, $value])
        ->and($refused->json('problems.0.expected'))->toContain($expected)
        ->and($this->get('/api/v1/log.csv')->getContent())->toBe($before);
})->with([
    'nothing' => ['', 'log.csv', null, 'a row of names'],
    'names and no row' => ["what,asset\r\n", 'log.csv', null, 'a row of names'],
    'a thing that there is not, in the third row' => ["what,asset\r\nback,ST-04\r\nback,XX-99\r\n", 'log.csv/3/asset', 'XX-99', 'asset'],
    'behind an empty row' => ["what,asset\r\n\r\nback,XX-99\r\n", 'log.csv/3/asset', 'XX-99', 'asset'],
    'what is no number' => ["what,asset,cycles\r\ncycles,TQ-03,many\r\n", 'log.csv/2/cycles', 'many', 'whole number'],
    'a name twice' => ["what,what\r\nback,back\r\n", 'log.csv/1', 'what', 'one column only'],
    'what was written otherwise' => ["id,on,what,asset,condition\r\nh001,2024-01-01,condition,PL-01,good\r\n", 'log.csv/2/id', 'h001', 'has not yet'],
]);

it('takes of a hand what a hand may tell, and of nobody else', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    takeTable("what,asset\r\nback,ST-04\r\n")->assertCreated();
    takeTable("what,asset,due\r\ndone,TQ-03,verification\r\n")->assertForbidden();
});
