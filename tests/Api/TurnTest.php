<?php

declare(strict_types=1);

use App\Http\Middleware\TakesTurns;
use App\LongQuestions\Queue;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;

/* One long question at a time for each person, two for each shop, so many for all; what is not its turn is told so. */

const PLAN = '/api/v1/plan?kit=apprentice-box&scopes=boards';

/** Takes a place as another request does, until the connection ends. */
function takesPlaces(Queue $queue, int ...$places): PDO
{
    $settings = config('database.connections.pgsql');
    $other = new PDO("pgsql:host={$settings['host']};port={$settings['port']};dbname={$settings['database']}", $settings['username'], $settings['password']);
    foreach ($places as $place) {
        $taken = $other->query("select pg_try_advisory_lock({$queue->value}, {$place})");
        expect($taken === false ? false : $taken->fetchColumn())->toBeTrue();
    }

    return $other;
}

function isItsTurn(TestResponse $response): bool
{
    if ($response->status() === 200) {
        return true;
    }
    $response->assertStatus(503)->assertHeader('Content-Type', 'application/problem+json')->assertHeader('Retry-After', '1')->assertHeader('Refresh', '1')
        ->assertJsonPath('type', 'urn:gondrik:problem:waits');

    return false;
}

it('answers one long question of a person at a time, and those of others meanwhile', function (): void {
    $shop = $this->demo();
    [$lead, $coordinator] = [$this->lead($shop), User::query()->where(['shop_id' => $shop->id, 'role' => Role::Coordinator])->firstOrFail()];
    // Theirs is under way, and two more stand in a worker till it is their turn.
    $busy = takesPlaces(Queue::Person, $lead->id);
    $waiting = takesPlaces(Queue::Waiting, 2 * $lead->id, 2 * $lead->id + 1);
    $this->actingAs($lead);
    expect(isItsTurn($this->getJson(PLAN)))->toBeFalse()
        ->and($this->getJson('/api/v1/kits')->status())->toBe(200);
    $this->insteadActingAs($coordinator);
    expect(isItsTurn($this->getJson(PLAN)))->toBeTrue();
    $busy = $waiting = null;
    $this->insteadActingAs($lead);
    expect(isItsTurn($this->getJson(PLAN)))->toBeTrue()->and(isItsTurn($this->getJson(PLAN)))->toBeTrue();
});

it('lets a question stand a moment till it is its turn, and then takes it', function (): void {
    $shop = $this->demo();
    $lead = $this->lead($shop);
    $busy = takesPlaces(Queue::Person, $lead->id);
    // It goes on when the other ends, which here is a statement that sleeps.
    $busy->exec('set statement_timeout = 0; select 1');
    $ends = proc_open(['psql', '-qAt', '-c', "select pg_sleep(0.5), pg_terminate_backend({$busy->query('select pg_backend_pid()')->fetchColumn()})"], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, null, [
        'PGHOST' => (string) config('database.connections.pgsql.host'), 'PGPORT' => (string) config('database.connections.pgsql.port'),
        'PGDATABASE' => (string) config('database.connections.pgsql.database'), 'PGUSER' => (string) config('database.connections.pgsql.username'),
        'PGPASSWORD' => (string) config('database.connections.pgsql.password'), 'PATH' => (string) getenv('PATH'),
    ]);
    expect(isItsTurn($this->actingAs($lead)->getJson(PLAN)))->toBeTrue();
    proc_close($ends);
});

it('gives a shop its share and no more', function (): void {
    $shop = $this->demo();
    $lead = $this->lead($shop);
    $waiting = takesPlaces(Queue::Waiting, 2 * $lead->id, 2 * $lead->id + 1);
    $this->actingAs($lead);
    $one = takesPlaces(Queue::Shop, 2 * $shop->id);
    expect(isItsTurn($this->getJson(PLAN)))->toBeTrue();
    $two = takesPlaces(Queue::Shop, 2 * $shop->id + 1);
    expect(isItsTurn($this->getJson(PLAN)))->toBeFalse();
    $stranger = $this->emptyShop()->refresh();
    $this->insteadActingAs($stranger);
    expect($this->getJson('/api/v1/plan?scopes=boards')->status())->toBe(422);
});

it('works on so many together and no more', function (): void {
    $shop = $this->demo();
    $lead = $this->lead($shop);
    config()->set('gondrik.long_questions_at_once', 2);
    $waiting = takesPlaces(Queue::Waiting, 2 * $lead->id, 2 * $lead->id + 1);
    $this->actingAs($lead);
    $all = takesPlaces(Queue::Everybody, 0, 1);
    expect(isItsTurn($this->getJson(PLAN)))->toBeFalse();
    // Nothing of it stays taken by who was refused.
    expect(DB::scalar("select count(*) from pg_locks where locktype = 'advisory' and database = (select oid from pg_database where datname = current_database())"))->toBe(4);
    $all = null;
    expect(isItsTurn($this->getJson(PLAN)))->toBeTrue();
});

it('leaves to workers of their own what takes turns, and nothing else', function (): void {
    preg_match_all('~^\s*"(\~\^[^"]+)" long;$~m', (string) file_get_contents(base_path('setup/nginx.conf')), $rules);
    expect($rules[1])->toHaveCount(3);
    $isLong = static fn(string $address): bool => array_filter($rules[1], static fn(string $rule): bool => preg_match('@' . substr($rule, 1) . '@', $address) === 1) !== [];
    $seen = 0;
    foreach (Route::getRoutes() as $route) {
        foreach (array_diff($route->methods(), ['OPTIONS']) as $method) {
            $address = $method . ' /' . preg_replace('~\{\w+\}~', 'a', $route->uri());
            $takesTurns = in_array(TakesTurns::class, $route->gatherMiddleware(), true);
            $seen += $takesTurns ? 1 : 0;
            expect($isLong($address))->toBe($takesTurns, $address);
        }
    }
    expect($seen)->toBeGreaterThan(15);
});
