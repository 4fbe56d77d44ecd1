<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;

it('does the same work for an address that nobody has as for a wrong password', function (string $email): void {
    $this->demo();
    $counting = new class (app('hash')->driver()) implements Hasher {
        public int $rounds = 0;

        public function __construct(private readonly Hasher $hasher) {}

        public function info($hashedValue): array
        {
            return $this->hasher->info($hashedValue);
        }

        public function make($value, array $options = []): string
        {
            $this->rounds++;

            return $this->hasher->make($value, $options);
        }

        public function check($value, $hashedValue, array $options = []): bool
        {
            $this->rounds++;

            return $this->hasher->check($value, $hashedValue, $options);
        }

        public function needsRehash($hashedValue, array $options = []): bool
        {
            return $this->hasher->needsRehash($hashedValue, $options);
        }
    };
    Hash::swap($counting);
    $this->postJson('/api/v1/session', ['email' => $email, 'password' => 'guess'])->assertUnprocessable();
    expect($counting->rounds)->toBe(1);
})->with(['lead@tarnholt.example', 'nobody@tarnholt.example']);

it('slows everybody down together when too many try', function (): void {
    config(['gondrik.sign_ins_in_all' => 3]);
    foreach (range(1, 3) as $try) {
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.' . $try])->postJson('/api/v1/session', ['email' => "person{$try}@example.test", 'password' => 'guess'])->assertUnprocessable();
    }
    $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.9'])->postJson('/api/v1/session', ['email' => 'other@example.test', 'password' => 'guess'])
        ->assertTooManyRequests()->assertHeader('Retry-After')->assertHeader('Content-Type', 'application/problem+json');
});

it('signs nobody in who does not come from the page', function (array $headers): void {
    $this->demo();
    $this->flushHeaders()->withHeaders(['Accept' => 'application/json', ...$headers])
        ->postJson('/api/v1/session', ['email' => 'lead@tarnholt.example', 'password' => 'cable-car'])
        ->assertStatus(400)->assertHeader('Content-Type', 'application/problem+json')->assertCookieMissing('gondrik_session');
})->with(['no origin at all' => [[]], 'another origin' => [['Origin' => 'https://elsewhere.example']], 'another page' => [['Referer' => 'https://elsewhere.example/x']]]);

it('ends the token of a script that signs out, and no other', function (): void {
    $lead = $this->lead($this->demo());
    [$one, $other] = [$lead->createToken('one')->plainTextToken, $lead->createToken('other')->plainTextToken];
    $this->flushHeaders()->deleteJson('/api/v1/session', [], ['Authorization' => 'Bearer ' . $one])->assertNoContent();
    auth()->forgetGuards();
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $one])->assertUnauthorized();
    auth()->forgetGuards();
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $other])->assertOk();
});

it('takes no token that has not the form of one', function (string $token): void {
    $this->demo();
    $this->flushHeaders()->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $token])->assertUnauthorized();
})->with(['nonsense', '|', '1|', 'one|abc', '99999999999999999999999|abc', '-1|abc', "1|a\u{e9}", '1|' . "a'; drop table users", str_repeat('9', 5000) . '|a', '1 |abc', '0x1|abc']);

it('gives cookies for https alone whenever the request is https', function (string $proxy, bool $isSecure): void {
    config(['app.env' => 'production']);
    Illuminate\Http\Middleware\TrustProxies::at(array_filter([$proxy]));
    $response = $this->withHeaders(['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '10.1.1.1'])->get('http://127.0.0.1/sanctum/csrf-cookie')->assertNoContent();
    Illuminate\Http\Middleware\TrustProxies::flushState();
    $cookies = collect($response->headers->getCookies());
    expect($cookies)->toHaveCount(2)
        ->and($cookies->every(static fn($cookie): bool => $cookie->isSecure() === $isSecure))->toBeTrue()
        ->and($cookies->firstWhere(static fn($cookie): bool => $cookie->getName() === 'gondrik_session')?->isHttpOnly())->toBeTrue();
})->with(['a proxy that whoever runs this has named' => ['127.0.0.1', true], 'anybody who says so' => ['', false]]);

it('writes a session only when something in it has changed, or to keep it alive', function (): void {
    $this->demo();
    $signedIn = $this->postJson('/api/v1/session', ['email' => 'lead@tarnholt.example', 'password' => 'cable-car'])->assertOk();
    $cookie = $signedIn->getCookie('gondrik_session', decrypt: false)?->getValue();
    $get = function (string $path) use ($cookie): TestResponse {
        auth()->forgetGuards();
        session()->forgetDrivers();
        app()->forgetInstance('session.store');

        return $this->withCredentials()->withUnencryptedCookie('gondrik_session', (string) $cookie)->getJson('/api/v1/' . $path);
    };
    $get('kits')->assertOk();
    $written = [];
    DB::listen(static function ($query) use (&$written): void {
        if (preg_match('~^(insert|update|delete) .*"browser_sessions"~', $query->sql) === 1) {
            $written[] = $query->sql;
        }
    });
    foreach (range(1, 5) as $ignored) {
        $get('kits')->assertOk();
        $get('session')->assertJsonPath('person.role', 'lead');
    }
    expect($written)->toBe([]);
    $this->travel(2)->minutes();
    $get('kits')->assertOk();
    expect($written)->toHaveCount(1);
    $this->travel(13)->hours();
    $get('kits')->assertUnauthorized();
});

it('keeps no session of somebody who only looks, and lets them sign in all the same', function (): void {
    $this->demo();
    $page = ['Referer' => 'http://127.0.0.1/'];
    foreach (['/api/v1/session', '/api/v1/reasons', '/api/v1/kits'] as $path) {
        $response = $this->get($path, [...$page, 'Accept' => 'application/json']);
        expect(array_map(static fn($cookie): string => $cookie->getName(), $response->headers->getCookies()))->toBe([], $path);
    }
    expect(DB::table('browser_sessions')->count())->toBe(0);
    $begun = $this->get('/sanctum/csrf-cookie', $page)->assertNoContent();
    expect(DB::table('browser_sessions')->count())->toBe(1)
        ->and(array_map(static fn($cookie): string => $cookie->getName(), $begun->headers->getCookies()))->toEqualCanonicalizing(['XSRF-TOKEN', 'gondrik_session']);
});

it('takes a cookie of a session that is over from who still has it', function (): void {
    $this->demo();
    $response = $this->withUnencryptedCookie('gondrik_session', str_repeat('a', 40))->withUnencryptedCookie('XSRF-TOKEN', 'old')->get('/api/v1/session', ['Referer' => 'http://127.0.0.1/', 'Accept' => 'application/json']);
    $cleared = array_filter($response->headers->getCookies(), static fn($cookie): bool => $cookie->isCleared());
    expect(array_map(static fn($cookie): string => $cookie->getName(), array_values($cleared)))->toEqualCanonicalizing(['XSRF-TOKEN', 'gondrik_session'])
        ->and(DB::table('browser_sessions')->count())->toBe(0);
});

it('lets nobody in between keep what may come with a cookie', function (string $path): void {
    expect($this->get('/api/v1/' . $path)->assertOk()->headers->get('Cache-Control'))->toContain('private')->not->toContain('public');
})->with(['openapi.json', 'workbook.schema.json', 'reasons']);

it('forgets sessions and counters by the clock, and no others', function (): void {
    $session = static fn(string $id, int $hours): array => ['id' => $id, 'payload' => '', 'last_activity' => now()->subHours($hours)->getTimestamp()];
    DB::table('browser_sessions')->insert([$session('old', 13), $session('young', 11)]);
    DB::table('cache')->insert([['key' => 'old', 'value' => '', 'expiration' => now()->getTimestamp() - 60], ['key' => 'young', 'value' => '', 'expiration' => now()->getTimestamp() + 60]]);
    $this->artisan('sessions:prune')->expectsOutput('1 sessions and 1 counters forgotten.')->assertSuccessful();
    expect(DB::table('browser_sessions')->pluck('id')->all())->toBe(['young'])->and(DB::table('cache')->pluck('key')->all())->toBe(['young']);
    // What is scheduled is what there is to be done.
    $this->artisan('schedule:list')->expectsOutputToContain('sessions:prune')->assertSuccessful();
    $this->artisan('schedule:list')->expectsOutputToContain('imports:prune')->assertSuccessful();
    $this->artisan('schedule:list')->expectsOutputToContain('sanctum:prune-expired')->assertSuccessful();
});

it('lets a hand look, without what things cost, and export nothing', function (): void {
    $shop = $this->demo();
    $shop->tools()->where('code', 'diagonal-200')->update(['price' => 4200, 'per_use' => 10, 'per_month' => 300]);
    $shop->terminals()->update(['price' => 17]);
    $costs = ['price' => 4200, 'perUse' => 10, 'perMonth' => 300];
    foreach (Role::cases() as $role) {
        $this->insteadActingAs(User::query()->where(['shop_id' => $shop->id, 'role' => $role])->firstOrFail());
        $cover = $this->getJson('/api/v1/coverage?kit=pylon-backpack&scope=tower-7')->assertOk();
        $mayKnow = $role !== Role::Hand;
        expect(array_intersect_key($cover->json('tools.diagonal-200'), $costs))->toBe($mayKnow ? $costs : [])
            ->and($cover->json('tools.diagonal-200.name'))->toBe('Diagonal cutter 200 mm')
            ->and($cover->json('terminals.ring-yellow-m6.price'))->toBe($mayKnow ? 17 : null);
        $workbook = $this->get('/api/v1/workbook');
        $mayKnow
            ? $workbook->assertOk()->assertSee('"price": 4200', escape: false)
            : $workbook->assertForbidden()->assertHeader('Content-Type', 'application/problem+json');
    }
});

it('gives one version of a terminal to all, whether they see its price or not', function (): void {
    $shop = $this->demo();
    $shop->terminals()->update(['price' => 17]);
    $versions = [];
    foreach (Role::cases() as $role) {
        $this->insteadActingAs(User::query()->where(['shop_id' => $shop->id, 'role' => $role])->firstOrFail());
        $listed = array_column($this->getJson('/api/v1/terminals?most=200')->assertOk()->json('data'), null, 'id')['ring-yellow-m6'];
        $alone = $this->getJson('/api/v1/terminals/ring-yellow-m6')->assertOk();
        expect($alone->json())->toEqual($listed)
            ->and($alone->json('price'))->toBe($role === Role::Hand ? null : 17);
        $versions[] = $alone->headers->get('ETag');
    }
    expect(array_unique($versions))->toHaveCount(1);
});

it('lets a coordinator take back the import of a lead, and keeps who it was', function (): void {
    $shop = $this->demo();
    $lead = $this->lead($shop);
    $coordinator = $shop->users()->where('role', Role::Coordinator)->firstOrFail();
    $this->actingAs($lead);
    $document = json_decode($this->demoText());
    $document->kits[0]->name = 'Another name';
    $id = $this->upload((string) json_encode($document))->json('id');
    $this->postJson("/api/v1/imports/{$id}/apply")->assertOk();
    $this->flushSession();
    $this->actingAs($coordinator)->postJson("/api/v1/imports/{$id}/undo")->assertNoContent();
    $import = $shop->imports()->findOrFail($id);
    expect($import->undone_by)->toBe($coordinator->id)->and($import->user_id)->toBe($lead->id);
});

it('runs as a role that owns its tables and may nothing beyond', function (): void {
    $role = DB::selectOne('select rolsuper, rolcreaterole, rolcreatedb, rolreplication, rolbypassrls from pg_roles where rolname = current_user');
    $foreign = DB::select("select relname from pg_class where relnamespace = 'public'::regnamespace and pg_get_userbyid(relowner) <> current_user");
    expect(array_filter((array) $role))->toBe([])->and($foreign)->toBe([]);
});
