<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Hash;

it('signs in, says who it is, and signs out', function (): void {
    $this->demo();
    $this->postJson('/api/v1/session', ['email' => ' Lead@Tarnholt.example', 'password' => 'cable-car'])
        ->assertOk()->assertJsonPath('person.role', 'lead')->assertJsonPath('person.shop', 'Tarnholt Ropeway');
    $this->getJson('/api/v1/session')->assertJsonPath('person.name', 'Ivo Marell');
    $this->getJson('/api/v1/kits')->assertOk();
    $this->deleteJson('/api/v1/session')->assertNoContent();
    auth()->forgetGuards();
    $this->getJson('/api/v1/session')->assertJsonPath('person', null);
    $this->getJson('/api/v1/kits')->assertUnauthorized()->assertHeader('Content-Type', 'application/problem+json');
});

it('refuses a wrong password without saying which of the two is wrong', function (): void {
    $this->demo();
    $wrong = $this->postJson('/api/v1/session', ['email' => 'lead@tarnholt.example', 'password' => 'guess'])->assertUnprocessable();
    $nobody = $this->postJson('/api/v1/session', ['email' => 'nobody@tarnholt.example', 'password' => 'guess'])->assertUnprocessable();
    expect($wrong->json('problems.0.expected'))->toBe($nobody->json('problems.0.expected'));
});

it('slows down who tries too often', function (): void {
    $this->demo();
    foreach (range(1, 6) as $try) {
        $this->postJson('/api/v1/session', ['email' => 'lead@tarnholt.example', 'password' => 'guess ' . $try])->assertUnprocessable();
    }
    $this->postJson('/api/v1/session', ['email' => 'LEAD@tarnholt.example', 'password' => 'cable-car'])
        ->assertTooManyRequests()->assertJsonPath('title', 'Too many tries');
    $this->postJson('/api/v1/session', ['email' => 'hand@tarnholt.example', 'password' => 'cable-car'])->assertOk();
});

it('offers the demo accounts only while the demo data is loaded', function (): void {
    $this->withoutShops();
    $this->emptyShop();
    $this->getJson('/api/v1/session')->assertJsonPath('demo', []);
    $this->seed(DemoSeeder::class);
    $this->getJson('/api/v1/session')->assertJsonCount(3, 'demo');
});

it('loads the demo once and leaves what was changed since', function (): void {
    $shop = $this->demo();
    $shop->wires()->where('code', 'flex-1')->update(['name' => 'Renamed by somebody']);
    $this->seed(DemoSeeder::class);
    expect($shop->wires()->where('code', 'flex-1')->value('name'))->toBe('Renamed by somebody')->and(User::query()->count())->toBe(3);
});

it('keeps passwords hashed', function (): void {
    $stored = User::query()->findOrFail($this->lead($this->demo())->id)->password;
    expect($stored)->not->toContain('cable-car')->and(Hash::check('cable-car', $stored))->toBeTrue();
});

it('lets scripts in with a token', function (): void {
    $token = $this->lead($this->demo())->createToken('script')->plainTextToken;
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $token])->assertOk();
    auth()->forgetGuards();
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer nonsense'])->assertUnauthorized();
});

it('opens the first shop once, with a password that is shown once', function (): void {
    $this->withoutShops();
    $this->artisan('shop:open', ['name' => 'Valley'])->expectsOutputToContain('Sign in as lead@localhost')->assertSuccessful();
    $this->artisan('shop:open', ['name' => 'Second'])->expectsOutputToContain('open already')->assertSuccessful();
    expect(User::query()->count())->toBe(1);
});

it('opens no shop whose name has control characters', function (): void {
    $this->withoutShops();
    $this->artisan('shop:open', ['name' => "Val\0ley"])->expectsOutputToContain('The name must have no control characters')->assertFailed();
    $this->artisan('shop:open', ['--email' => "a\x1b@b.c"])->assertFailed();
    expect(User::query()->count())->toBe(0);
});

it('ends a token', function (): void {
    $token = $this->lead($this->demo())->createToken('script')->plainTextToken;
    $this->travel(91)->days();
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $token])->assertUnauthorized();
});

it('slows down one address, whatever accounts it tries', function (): void {
    foreach (range(1, 30) as $try) {
        $this->postJson('/api/v1/session', ['email' => 'person' . $try . '@example.test', 'password' => 'guess'])->assertUnprocessable();
    }
    $this->postJson('/api/v1/session', ['email' => 'another@example.test', 'password' => 'guess'])->assertTooManyRequests();
});

it('lets no other origin read', function (): void {
    $this->getJson('/api/v1/session', ['Origin' => 'https://elsewhere.example'])->assertHeaderMissing('Access-Control-Allow-Origin');
});

it('refuses a sign-in with a list for an address', function (): void {
    $this->postJson('/api/v1/session', ['email' => ['a'], 'password' => 'b'])->assertUnprocessable();
});
