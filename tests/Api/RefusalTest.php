<?php

declare(strict_types=1);

use App\Http\Problems\ErrorLog;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;

/**
 * What of an answer is not as a refusal must be: problem+json with a sentence.
 *
 * @param TestResponse<Symfony\Component\HttpFoundation\Response> $response
 *
 * @return list<string>
 */
function amiss(TestResponse $response, int $status): array
{
    return array_keys(array_filter([
        'status ' . $response->getStatusCode() => $response->getStatusCode() !== $status,
        'type ' . $response->headers->get('Content-Type') => $response->headers->get('Content-Type') !== 'application/problem+json',
        'content ' . $response->getContent() => $response->json('status') !== $status || preg_match('~^[A-Z].*\.$~s', (string) $response->json('detail')) !== 1,
    ]));
}

it('tells what it refuses in a sentence, whatever is asked', function (string $method, string $path, int $status): void {
    $this->actingAs($this->lead($this->demo()));
    expect(amiss($this->call($method, $path, server: ['HTTP_REFERER' => 'http://127.0.0.1/']), $status))->toBe([]);
})->with([
    'no such address' => ['GET', '/api/v1/nothing', 404],
    'the root of the interface' => ['GET', '/api/v1', 404],
    'another method' => ['PUT', '/api/v1/kits', 405],
    'a method of nobody' => ['BREW', '/api/v1/kits', 405],
    'bytes that are no text, in the path' => ['GET', '/api/v1/kits/%ff%fe', 400],
    'bytes that are no text, in the query' => ['GET', '/api/v1/coverage?kit=%ff&scope=tower-7', 422],
    'a NUL in the query' => ['GET', '/api/v1/coverage?kit=a%00b&scope=tower-7', 422],
    'a list in the query' => ['GET', '/api/v1/coverage?kit[]=a&scope=tower-7', 422],
    'a name of the query with a bell' => ['GET', '/api/v1/kits?a%07=1', 422],
    'a step beyond an integer' => ['GET', '/api/v1/coverage/lines/heat-15/steps/99999999999999999999/others?kit=pylon-backpack&scope=tower-7', 404],
    'sanctum, another address' => ['GET', '/sanctum/nothing', 404],
    'sanctum, another method' => ['POST', '/sanctum/csrf-cookie', 405],
    'an import that is none' => ['POST', '/api/v1/imports/00000000-0000-0000-0000-000000000000/apply', 404],
]);

it('takes no control character in what is written', function (array $body, string $path): void {
    $response = $this->postJson('/api/v1/session', $body);
    expect(amiss($response, 422))->toBe([])->and($response->json('problems.0.path'))->toBe($path)->and($response->json('problems.0.expected'))->toContain('control characters');
})->with([
    'a NUL in an address' => [['email' => "lead@tarnholt\0.example", 'password' => 'x'], 'email'],
    'a NUL in a password' => [['email' => 'lead@tarnholt.example', 'password' => "cable\0car"], 'password'],
    'a line break in a password' => [['email' => 'lead@tarnholt.example', 'password' => "cable\ncar"], 'password'],
    'an escape in a name' => [['email' => 'a', 'password' => 'b', "no\x1bte" => 'c'], "no\x1bte"],
    'a name in the midst' => [['email' => 'a', 'password' => 'b', 'a' => ["b\x07" => ['c' => 'd']]], "a/b\x07"],
    'a NUL in a note' => [['email' => 'a', 'password' => 'b', 'note' => "two\0\nlines"], 'note'],
]);

it('takes a note of several lines', function (): void {
    $this->postJson('/api/v1/session', ['email' => 'a', 'password' => 'b', 'note' => "two\n\tlines"])
        ->assertUnprocessable()->assertJsonPath('problems.0.path', 'email');
});

it('takes no file whose name has control characters', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/imports', ['workbook' => UploadedFile::fake()->createWithContent("book\x1b[2J.json", $this->demoText())]);
    expect(amiss($response, 422))->toBe([])->and($response->json('problems.0.expected'))->toContain('name of the file');
});

it('keeps of a file name what is text', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $response = $this->post('/api/v1/imports', ['workbook' => UploadedFile::fake()->createWithContent("b\xffo\xc3ok.json", $this->demoText())])->assertCreated();
    expect($response->json('fileName'))->toBe('b?o?ok.json');
});

it('answers what the database says with what it means', function (string $state, int $status, bool $again): void {
    Route::get('api/v1/broken', static fn() => throw new QueryException('pgsql', 'select 1', [], new class ($state) extends PDOException {
        public function __construct(string $state)
        {
            parent::__construct('SQLSTATE[' . $state . ']');
            $this->code = $state;
        }
    }));
    $response = $this->getJson('/api/v1/broken');
    expect(amiss($response, $status))->toBe([])->and($response->headers->has('Retry-After'))->toBe($again);
})->with([
    'a number too large' => ['22003', 400, false],
    'a uuid that is none' => ['22P02', 400, false],
    'no connection' => ['08006', 503, true],
    'going down' => ['57P01', 503, true],
    'coming up' => ['57P03', 503, true],
    'too many connections' => ['53300', 503, true],
    'a full disk' => ['53100', 507, false],
    'waited for each other' => ['40P01', 503, true],
    'waited too long' => ['55P03', 503, true],
    'a constraint' => ['23505', 500, false],
    'an unknown column' => ['42703', 500, false],
]);

it('says so when the database is not there at all', function (): void {
    config(['database.connections.pgsql.port' => 1]);
    DB::purge();
    $health = $this->getJson('/api/v1/health')->assertStatus(503)->assertJsonPath('ok', false)->assertJsonPath('database.ok', false);
    $kits = $this->getJson('/api/v1/kits');
    // The connection of the test itself, for what it takes back afterwards.
    config(['database.connections.pgsql.port' => env('DB_PORT')]);
    DB::purge();
    expect(amiss($kits, 503))->toBe([])
        ->and(Tests\Support\OpenApi::mismatch($health, 'get', '/health'))->toBe('');
});

it('logs a statement that failed without its values', function (): void {
    Log::spy();
    $error = new QueryException('pgsql', 'insert into imports (content) values (?)', [str_repeat('a whole file ', 1000)], new PDOException("SQLSTATE[23505]: duplicate\nDETAIL: Key (content)=(a whole file) exists"));
    ErrorLog::query($error);
    Log::shouldHaveReceived('error')->once()->withArgs(static fn(string $message, array $context): bool => !str_contains($message . json_encode($context), 'a whole file') && $context['statement'] === 'insert into imports (content) values (?)');
});

it('brings in nothing with which the shop could not leave again', function (): void {
    $this->actingAs($this->emptyShop());
    $kits = static fn(string $prefix): string => (string) json_encode(['gondrik' => 1, 'kits' => array_map(static fn(int $n): array => ['id' => $prefix . $n, 'name' => 'Kit', 'tools' => [], 'note' => str_repeat('o', 2000)], range(1, 2600))]);
    $this->postJson('/api/v1/imports/' . $this->upload($kits('a'))->assertCreated()->json('id') . '/apply')->assertOk();
    $response = $this->upload($kits('b'));
    expect(amiss($response, 422))->toBe([])->and($response->json('problems.0.expected'))->toMatch('~the shop would have 1\d\.\d MB~');
});

it('refuses a number beyond all numbers', function (string $method, string $path, string $body): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $version = $shop->refresh()->getAttribute('version');
    $response = $this->call($method, '/api/v1' . $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => '"0123456789abcdef"'], content: $body);
    expect(amiss($response, 422))->toBe([])->and((string) $response->getContent())->toContain('number')
        ->and($shop->refresh()->getAttribute('version'))->toBe($version);
})->with([
    ['POST', '/scopes/tower-7/lines', '{"wire":"hookup-12","terminal":"ring-yellow-m6","quantity":1e999}'],
    ['PUT', '/scopes/tower-7/lines/heat-15', '{"wire":"hookup-12","terminal":"ring-yellow-m6","quantity":1,"torque":1e999}'],
    ['POST', '/wires', '{"name":"a","size":"12 AWG","construction":"solid","insulation":"pvc","insulationOd":-1e999}'],
    ['POST', '/trials/tools', '{"name":"a","kind":"cutter","capabilities":[{"op":"cut","single":"12 AWG","maxOd":1e999}]}'],
    ['POST', '/scopes/tower-7/sheet', '{"rows":[["a"]],"columns":[{"index":1e999,"says":"wire"}]}'],
    ['PUT', '/plans/1/items/1', '{"hasArrived":1e999}'],
    ['POST', '/kits', '{"name":"a","tools":[],"budget":[[1e999]]}'],
]);

it('refuses a wire of no strands as any that is none', function (): void {
    $this->actingAs($this->lead($this->demo()));
    foreach ([0, -1] as $strands) {
        $response = $this->postJson('/api/v1/trials/wires', ['name' => 'a', 'size' => '12 AWG', 'construction' => 'stranded', 'insulation' => 'pvc', 'strands' => $strands]);
        expect(amiss($response, 422))->toBe([])->and($response->json('problems.0.path'))->toContain('strands');
    }
});

it('keeps out of the log what is refused in its ordinary course', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    Log::spy();
    $stale = ['If-Match' => '"0123456789abcdef"'];
    $wire = $this->getJson('/api/v1/wires/hookup-12');
    $this->putJson('/api/v1/wires/hookup-12', [...$wire->json(), 'name' => 'b'], $stale)->assertStatus(412);
    $this->deleteJson('/api/v1/wires/hookup-12', headers: ['If-Match' => $wire->headers->get('ETag')])->assertStatus(409);
    $this->postJson('/api/v1/wires', [])->assertStatus(422);
    $this->getJson('/api/v1/wires/gone')->assertStatus(404);
    foreach (['error', 'critical', 'alert', 'emergency', 'warning', 'log'] as $level) {
        Log::shouldNotHaveReceived($level);
    }
});
