<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Shop;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;

/*
 * The disk fills up, the database goes away and somebody else's change is in the way, at every statement with which a route
 * writes: it is told, nothing of it was done, and it is done when it is asked for again.
 */

/** Tables that say how a shop stands. */
const KEPT = ['log_entries', 'loans', 'shops', 'kit_tools', 'lines', 'imports', 'changes', 'aliases', 'column_names', 'plans', 'plan_items', 'users', 'personal_access_tokens', 'invitation_tokens', 'password_reset_tokens'];

/** SQLSTATE, and what it is told as: PostgreSQL appendix A. */
const FAULTS = ['53100' => 507, '08006' => 503, '55P03' => 503];

/** A list of the workbook that has no row of its own below: with the least that its schema asks for. */
function writingsOfOtherLists(): array
{
    $schema = json_decode((string) file_get_contents(__DIR__ . '/../../core/data/workbook.schema.json'));
    $writings = [];
    foreach (WorkbookList::cases() as $list) {
        $thing = [];
        foreach (array_diff($schema->{'$defs'}->{$list->one()}->required, ['id']) as $key) {
            $of = $schema->{'$defs'}->{$list->one()}->properties->{$key};
            $of = isset($of->{'$ref'}) ? $schema->{'$defs'}->{basename($of->{'$ref'})} : $of;
            $thing[$key] = $of->enum[0] ?? ['array' => [], 'integer' => 1, 'number' => 1, 'boolean' => true][$of->type ?? ''] ?? 'A name';
        }
        $made = static function ($test) use ($list, $thing): array {
            $test->postJson('/api/v1/' . $list->value, ['id' => 'extra', ...$thing])->assertCreated();

            return ['If-Match' => '"' . $test->getJson('/api/v1/' . $list->value . '/extra')->json('version') . '"'];
        };
        $writings['POST ' . $list->value] = static fn(): array => ['POST', $list->value, $thing];
        $writings['PUT ' . $list->value . '/{id}'] = static fn($test): array => ['PUT', $list->value . '/extra', [...$thing, 'name' => 'By another name'], $made($test)];
        $writings['DELETE ' . $list->value . '/{id}'] = static fn($test): array => ['DELETE', $list->value . '/extra', [], $made($test)];
    }

    return $writings;
}

/** Each writing route with something that is right: made ready by the first, asked by what that gives. */
function writings(): array
{
    $version = static fn($test, string $path): array => ['If-Match' => '"' . $test->getJson('/api/v1/' . $path)->json('version') . '"'];
    $line = static fn($test): array => ['If-Match' => '"' . collect($test->getJson('/api/v1/scopes/tower-7/lines')->json('data'))->firstWhere('id', 'heat-15')['version'] . '"'];
    $added = static fn($test): string => $test->postJson('/api/v1/wires', ['id' => 'bell', ...WIRE])->assertCreated()->headers->get('Gondrik-Change');
    $plan = static fn($test): array => $test->acceptPlan('kit=pylon-backpack&scopes=tower-7')->assertCreated()->json();
    $import = static function ($test): string {
        $document = json_decode($test->demoText());
        $document->wires[0]->name = 'Another name';

        return $test->upload((string) json_encode($document))->json('id');
    };
    $applied = static function ($test) use ($import): string {
        $id = $import($test);
        $test->postJson("/api/v1/imports/{$id}/apply")->assertOk();

        return $id;
    };
    $whole = static fn(array $thing): array => array_diff_key($thing, ['version' => 0]);
    $changed = static fn($test, string $path): array => ['PUT', $path, [...$whole($test->getJson('/api/v1/' . $path)->json()), 'name' => 'By another name'], $version($test, $path)];
    $gone = static function ($test, string $list, array $thing) use ($version): array {
        $test->postJson('/api/v1/' . $list, ['id' => 'extra', ...$thing])->assertCreated();

        return ['DELETE', $list . '/extra', [], $version($test, $list . '/extra')];
    };
    $terminal = ['name' => 'Ring', 'class' => 'insulated', 'size' => '16 AWG', 'shape' => 'ring', 'stud' => 'M4'];
    $tool = ['name' => 'Cutter', 'kind' => 'cutter', 'capabilities' => [['op' => 'cut', 'single' => '20-10 AWG', 'maxOd' => 5]]];

    return [
        ...writingsOfOtherLists(),
        'POST wires' => static fn(): array => ['POST', 'wires', WIRE],
        'PUT wires/{id}' => static fn($test): array => $changed($test, 'wires/hookup-12'),
        'DELETE wires/{id}' => static fn($test): array => $gone($test, 'wires', WIRE),
        'POST terminals' => static fn(): array => ['POST', 'terminals', $terminal],
        'PUT terminals/{id}' => static fn($test): array => $changed($test, 'terminals/ring-yellow-m6'),
        'DELETE terminals/{id}' => static fn($test): array => $gone($test, 'terminals', $terminal),
        'POST tools' => static fn(): array => ['POST', 'tools', $tool],
        'PUT tools/{id}' => static fn($test): array => $changed($test, 'tools/flush-cut'),
        'DELETE tools/{id}' => static fn($test): array => $gone($test, 'tools', $tool),
        'POST kits' => static fn(): array => ['POST', 'kits', ['name' => 'A kit', 'tools' => [['tool' => 'flush-cut']]]],
        'PUT kits/{id}' => static fn($test): array => $changed($test, 'kits/panel-bench'),
        'DELETE kits/{id}' => static fn($test): array => $gone($test, 'kits', ['name' => 'A kit', 'tools' => [['tool' => 'flush-cut']]]),
        'POST assets' => static fn(): array => ['POST', 'assets', ['id' => 'XX-01', 'tool' => 'flush-cut', 'home' => 'panel-bench']],
        'PUT assets/{id}' => static fn($test): array => ['PUT', 'assets/TQ-03', ['id' => 'TQ-03', 'tool' => 'torque-small', 'note' => 'Marked red.'], $version($test, 'assets/TQ-03')],
        'DELETE assets/{id}' => static fn($test): array => $gone($test, 'assets', ['tool' => 'flush-cut']),
        'POST stock' => static fn(): array => ['POST', 'stock', ['item' => ['name' => 'Flux']]],
        'PUT stock/{id}' => static fn($test): array => ['PUT', 'stock/tape', ['id' => 'tape', 'item' => ['name' => 'Tape, black']], $version($test, 'stock/tape')],
        'DELETE stock/{id}' => static fn($test): array => $gone($test, 'stock', ['item' => ['name' => 'Flux']]),
        'POST boxes' => static fn(): array => ['POST', 'boxes', ['name' => 'Box', 'price' => 900, 'holds' => [['stock' => 'ring-red-m4', 'pieces' => 50]]]],
        'PUT boxes/{id}' => static fn($test): array => $changed($test, 'boxes/box-ferrules'),
        'DELETE boxes/{id}' => static fn($test): array => $gone($test, 'boxes', ['name' => 'Box', 'price' => 900, 'holds' => [['stock' => 'ring-red-m4', 'pieces' => 50]]]),
        'POST stations' => static fn(): array => ['POST', 'stations', ['name' => 'Corner']],
        'PUT stations/{id}' => static fn($test): array => $changed($test, 'stations/look-table'),
        'DELETE stations/{id}' => static fn($test): array => $gone($test, 'stations', ['name' => 'Corner']),
        'POST exercises' => static fn(): array => ['POST', 'exercises', ['name' => 'Fork', 'minutes' => 10, 'stations' => ['places']]],
        'PUT exercises/{id}' => static fn($test): array => $changed($test, 'exercises/judge'),
        'DELETE exercises/{id}' => static fn($test): array => $gone($test, 'exercises', ['name' => 'Fork', 'minutes' => 10, 'stations' => ['places']]),
        'POST sessions' => static fn(): array => ['POST', 'sessions', ['name' => 'Second day', 'people' => ['jaro-fint'], 'stations' => ['places'], 'exercises' => []]],
        'PUT sessions/{id}' => static fn($test): array => $changed($test, 'sessions/first-day'),
        'DELETE sessions/{id}' => static fn($test): array => $gone($test, 'sessions', ['name' => 'Second day', 'people' => ['jaro-fint'], 'stations' => ['places'], 'exercises' => []]),
        'POST assets/{id}/proven' => static fn(): array => ['POST', 'assets/CR-01/proven?wire=hookup-18&terminal=ring-red-m4&nest=red', []],
        'POST log' => static fn(): array => ['POST', 'log', ['entries' => [['what' => 'out', 'asset' => 'TQ-03', 'to' => ['text' => 'van']], ['what' => 'back', 'asset' => 'ST-04']]]],
        'POST log.csv' => static fn(): array => ['POST', 'log.csv', "what,asset,to.text\r\nout,TQ-03,van\r\nback,ST-04,\r\n"],
        'POST accounts' => static fn(): array => ['POST', 'accounts', ['name' => 'Nela Sorge', 'email' => 'nela@tarnholt.example', 'role' => 'hand', 'person' => 'nela-sorge']],
        'PUT accounts/{account}' => static fn($test): array => ['PUT', 'accounts/' . personOf($test->demo(), Role::Hand)->id, ['name' => 'Beno T.', 'role' => 'coordinator']],
        'DELETE accounts/{account}' => static fn($test): array => ['DELETE', 'accounts/' . personOf($test->demo(), Role::Hand)->id],
        'POST accounts/{account}/link' => static fn($test): array => ['POST', 'accounts/' . personOf($test->demo(), Role::Hand)->id . '/link'],
        'POST accounts/{account}/back' => static function ($test): array {
            $account = 'accounts/' . personOf($test->demo(), Role::Hand)->id;
            $test->deleteJson('/api/v1/' . $account)->assertNoContent();

            return ['POST', $account . '/back'];
        },
        'POST entrance' => static function ($test): array {
            parse_str((string) parse_url((string) $test->postJson('/api/v1/accounts/' . personOf($test->demo(), Role::Hand)->id . '/link')->json('link'), PHP_URL_FRAGMENT), $of);

            return ['POST', 'entrance', [...$of, 'password' => 'another long one'], ['Origin' => 'http://localhost']];
        },
        'PUT session/password' => static fn(): array => ['PUT', 'session/password', ['current' => 'cable-car', 'password' => 'another long one']],
        'POST tokens' => static fn(): array => ['POST', 'tokens', ['name' => 'nightly list']],
        'DELETE tokens/{token}' => static fn($test): array => ['DELETE', 'tokens/' . $test->postJson('/api/v1/tokens', ['name' => 'nightly list'])->json('token.id')],
        'POST scopes' => static fn(): array => ['POST', 'scopes', ['name' => 'A scope', 'lines' => [['id' => 'l1', ...LINE]]]],
        'PUT scopes/{id}' => static fn($test): array => $changed($test, 'scopes/tower-7'),
        'DELETE scopes/{id}' => static fn($test): array => ['DELETE', 'scopes/tower-7', [], $version($test, 'scopes/tower-7')],
        'POST scopes/{scope}/lines' => static fn(): array => ['POST', 'scopes/tower-7/lines', LINE],
        'PUT scopes/{scope}/lines/{line}' => static fn($test): array => ['PUT', 'scopes/tower-7/lines/heat-15', LINE, $line($test)],
        'DELETE scopes/{scope}/lines/{line}' => static fn($test): array => ['DELETE', 'scopes/tower-7/lines/heat-15', [], $line($test)],
        'POST scopes/{scope}/changes' => static fn(): array => ['POST', 'scopes/tower-7/changes', ['changes' => [['line' => LINE], ['line' => LINE]], 'order' => ['heat-25', 'heat-15']]],
        'POST scopes/{scope}/copy' => static fn(): array => ['POST', 'scopes/tower-7/copy', ['id' => 'tower-8', 'name' => 'Tower 8']],
        'POST scopes/{scope}/merge' => static fn(): array => ['POST', 'scopes/station-panel/merge', ['scope' => 'tower-7']],
        'POST feed' => static fn(): array => ['POST', 'feed'],
        'DELETE feed' => static function ($test): array {
            $test->postJson('/api/v1/feed')->assertCreated();

            return ['DELETE', 'feed'];
        },
        'PUT columns' => static fn(): array => ['PUT', 'columns', ['columns' => [['name' => 'Stk.', 'says' => 'quantity'], ['name' => 'Wire', 'says' => null]]]],
        'POST kits/{id}/copies' => static fn(): array => ['POST', 'kits/apprentice-box/copies', ['kits' => ['apprentice-box-2'], 'withoutMore' => true]],
        'POST supplies/stock' => static fn(): array => ['POST', 'supplies/stock', []],
        'POST coverage/kept' => static fn(): array => ['POST', 'coverage/kept', ['kit' => 'pylon-backpack', 'scope' => 'tower-7', 'with' => 'lever-indent', 'rules' => '{"hammerLugs":"accept"}', 'swap' => 'tower-7/heat-15:ring-blue-m5']],
        'PUT rules' => static fn(): array => ['PUT', 'rules', ['hammerLugs' => 'accept']],
        'PUT settings' => static fn(): array => ['PUT', 'settings', ['name' => 'Other', 'sizes' => 'metric', 'length' => 'inch', 'force' => 'lbf', 'theme' => 'dark', 'decimalSign' => 'comma']],
        'POST opening' => static function (): array {
            Shop::query()->update(['is_unnamed' => true]);

            return ['POST', 'opening', ['shop' => 'Other', 'name' => 'Somebody', 'email' => 'somebody@x.example', 'password' => 'long enough it is']];
        },
        'PUT currency' => static fn(): array => ['PUT', 'currency', ['code' => 'SEK']],
        'PUT aliases' => static fn(): array => ['PUT', 'aliases', ['about' => 'wire', 'words' => 'ding', 'id' => 'hookup-12']],
        'DELETE aliases/{alias}' => static function ($test): array {
            $test->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'ding', 'id' => 'hookup-12'])->assertNoContent();

            return ['DELETE', 'aliases/' . $test->getJson('/api/v1/aliases')->json('data.0.alias')];
        },
        'POST plans' => static fn($test): array => ['POST', 'plans', ['seen' => $test->getJson('/api/v1/plan?kit=pylon-backpack&scopes=tower-7')->json('seen')]],
        'PUT plans/{plan}/items/{item}' => static function ($test) use ($plan): array {
            $made = $plan($test);

            return ['PUT', "plans/{$made['id']}/items/{$made['items'][0]['id']}", ['arrived' => true], ['If-Match' => '"' . $made['version'] . '"']];
        },
        'DELETE plans/{plan}' => static function ($test) use ($plan): array {
            $made = $plan($test);

            return ['DELETE', 'plans/' . $made['id'], [], ['If-Match' => '"' . $made['version'] . '"']];
        },
        'POST catalogue/{list}' => static fn(): array => ['POST', 'catalogue/wires', ['ids' => ['thhn-12', 'thhn-10']]],
        'POST catalogue/{list}/{id}' => static fn(): array => ['POST', 'catalogue/wires/thhn-12'],
        'POST tables/{list}/take' => static fn(): array => ['POST', 'tables/wires/take', ['things' => [['thing' => ['id' => 'bell', ...WIRE]], ['thing' => ['id' => 'bell-2', ...WIRE]]]]],
        'POST {list}/{id}/confirm' => static function ($test): array {
            $lead = auth()->user();
            $test->insteadActingAs(personOf($lead->shop, Role::Coordinator));
            $test->postJson('/api/v1/wires', [...WIRE, 'id' => 'proposed'])->assertCreated();
            $test->insteadActingAs($lead);

            return ['POST', 'wires/proposed/confirm'];
        },
        'POST {list}/{id}/merge' => static function ($test) use ($added): array {
            $added($test);
            $test->putJson('/api/v1/aliases', ['about' => 'wire', 'words' => 'ding', 'id' => 'bell'])->assertNoContent();

            return ['POST', 'wires/bell/merge', ['into' => 'hookup-12']];
        },
        'POST history/{entry}/undo' => static fn($test): array => ['POST', 'history/' . $added($test) . '/undo'],
        'POST imports/{import}/apply' => static fn($test): array => ['POST', 'imports/' . $import($test) . '/apply'],
        'POST imports/{import}/undo' => static fn($test): array => ['POST', 'imports/' . $applied($test) . '/undo'],
    ];
}

function standing(): string
{
    return implode(' ', array_map(static fn(string $table): string => (string) DB::scalar("select coalesce(md5(string_agg(t::text, '|' order by t::text)), '') from {$table} t"), [...array_column(WorkbookList::cases(), 'value'), ...KEPT]));
}

/** Has the database fail at so many writing statements from now, once. */
function failsAt(int $number, string $state): object
{
    $fault = new class ($number) {
        public bool $isArmed = true;

        public bool $hasHappened = false;

        public function __construct(public int $left) {}
    };
    DB::connection()->beforeExecuting(static function (string $sql, array $bindings, Connection $connection) use ($fault, $state): void {
        if (!$fault->isArmed || $connection->getName() !== 'pgsql' || preg_match('~^\s*(insert|update|delete|select .* for update)~is', $sql) !== 1 || preg_match('~"(browser_sessions|cache)"~', $sql) === 1) {
            return;
        }
        if (--$fault->left <= 0) {
            $fault->isArmed = false;
            $fault->hasHappened = true;
            throw new QueryException('pgsql', $sql, [], new class ($state) extends PDOException {
                public function __construct(string $state)
                {
                    parent::__construct('SQLSTATE[' . $state . ']');
                    $this->code = $state;
                }
            });
        }
    });

    return $fault;
}

it('writes all or nothing, whatever fails at', function (string $route): void {
    // That somebody is here is noted as seldom as it may be, and never in the way.
    $this->demo()->users()->update(['last_seen_at' => now()->addDay()]);
    $this->actingAs($this->lead($this->demo()));
    $request = writings()[$route]($this);
    [$method, $path] = $request;
    $asked = fn(): TestResponse => is_string($request[2] ?? null)
        ? $this->call($method, '/api/v1/' . $path, server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $request[2])
        : $this->json($method, '/api/v1/' . $path, $request[2] ?? [], $request[3] ?? []);
    $failed = 0;
    do {
        $state = (string) array_keys(FAULTS)[$failed % count(FAULTS)];
        $before = standing();
        $fault = failsAt($failed + 1, $state);
        $response = $asked();
        $fault->isArmed = false;
        if ($fault->hasHappened) {
            $failed++;
            $told = "statement {$failed}, {$state}: " . mb_strimwidth((string) $response->getContent(), 0, 300);
            expect($response->status())->toBe(FAULTS[$state], $told)
                ->and((string) $response->headers->get('Content-Type'))->toBe('application/problem+json', $told)
                ->and((string) $response->json('detail'))->toContain('Nothing was changed')
                ->and(standing())->toBe($before, $told);
        }
    } while ($fault->hasHappened && $failed < 60);
    expect($response->isSuccessful())->toBeTrue((string) $response->getContent())->and($failed)->toBeGreaterThan(0);
})->with(array_keys(writings()));

it('knows every route that writes', function (): void {
    $writing = [];
    foreach (Route::getRoutes() as $route) {
        foreach (array_intersect($route->methods(), ['POST', 'PUT', 'DELETE']) as $method) {
            $writing[] = $method . ' ' . substr($route->uri(), strlen('api/v1/'));
        }
    }
    // These keep nothing of what they are given, but sessions and, of an import, the file.
    $others = ['POST entrance/look', 'DELETE session/others', 'POST session', 'DELETE session', 'POST imports', 'POST sheets', 'POST scopes/{scope}/sheet', 'POST tables/{list}/rows', 'POST tables/{list}/read', 'POST trials/wires', 'POST trials/terminals', 'POST trials/tools', 'POST trials/sessions', 'POST trials/sessions/rotation', 'POST trials/sessions/worth'];
    expect(array_values(array_filter($writing, static fn(string $route): bool => !str_starts_with($route, 'POST _') && !in_array($route, $others, true))))->toEqualCanonicalizing(array_keys(writings()));
});
