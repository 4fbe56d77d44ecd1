<?php

declare(strict_types=1);

use App\Models\BrowserSession;
use App\Models\Role;
use App\Models\User;
use App\People\AskedIn;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Testing\TestResponse;
use Tests\Support\OpenApi;
use Tests\TestCase;

/* Who comes in: by a link, once, and for how long; and who goes. */

const WISH = ['name' => 'Nela Sorge', 'email' => ' Nela@Tarnholt.example ', 'role' => 'hand', 'person' => 'nela-sorge'];

beforeEach(function (): void {
    Notification::fake();
    $this->travelTo($this->demoDay() . ' 12:00:00');
    $this->withHeader('Origin', 'http://localhost');
});

function askedIn(TestCase $test, array $more = []): TestResponse
{
    $test->insteadActingAs($test->lead($test->demo()));

    return $test->postJson('/api/v1/accounts', [...WISH, ...$more]);
}

/** @return array<string, string> what the page makes of a link */
function enteredBy(TestResponse $made): array
{
    parse_str((string) parse_url((string) $made->json('link'), PHP_URL_FRAGMENT), $of);

    return array_map(strval(...), $of);
}

it('asks somebody in by a link, which is shown and mailed, and lets them come in once', function (): void {
    $made = askedIn($this)->assertCreated();
    expect(OpenApi::mismatch($made, 'post', '/accounts'))->toBe('')
        ->and($made->json('account'))->toMatchArray(['name' => 'Nela Sorge', 'email' => 'nela@tarnholt.example', 'role' => 'hand', 'person' => 'nela-sorge', 'joinedAt' => null, 'isYou' => false])
        ->and($made->json('until'))->toStartWith((string) $this->demoDay()->plus(7));
    $user = User::query()->where('email', 'nela@tarnholt.example')->firstOrFail();
    Notification::assertSentTo($user, AskedIn::class, static fn(AskedIn $sent): bool => $sent->toMail()->actionUrl === $made->json('link') && str_contains(implode(' ', $sent->toMail()->introLines), 'Ivo Marell asks you into the shop Tarnholt Ropeway'));

    $this->insteadActingAs(null);
    // Who was only asked in has no password to come in with, and one that is known somehow is none.
    $user->update(['password' => 'any password']);
    $this->postJson('/api/v1/session', ['email' => 'nela@tarnholt.example', 'password' => 'any password'])->assertUnprocessable();
    $look = $this->postJson('/api/v1/entrance/look', enteredBy($made))->assertOk();
    expect(OpenApi::mismatch($look, 'post', '/entrance/look'))->toBe('')->and($look->json())->toBe(['name' => 'Nela Sorge', 'shop' => 'Tarnholt Ropeway', 'role' => 'hand']);
    $this->postJson('/api/v1/entrance', [...enteredBy($made), 'password' => 'too short'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'password');
    $in = $this->postJson('/api/v1/entrance', [...enteredBy($made), 'password' => 'wings closed well'])->assertOk();
    expect(OpenApi::mismatch($in, 'post', '/entrance'))->toBe('')->and($in->json('person'))->toMatchArray(['name' => 'Nela Sorge', 'person' => 'nela-sorge', 'role' => 'hand']);
    $this->getJson('/api/v1/kits')->assertOk();
    $this->postJson('/api/v1/entrance', [...enteredBy($made), 'password' => 'wings closed again'])->assertGone();
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/session', ['email' => 'nela@tarnholt.example', 'password' => 'wings closed well'])->assertOk();
});

it('tells of a link that leads nowhere always the same', function (): void {
    $made = enteredBy(askedIn($this));
    $this->insteadActingAs(null);
    $said = fn(array $of): array => $this->postJson('/api/v1/entrance/look', $of)->assertGone()->json();
    $nobody = $said([...$made, 'email' => 'nobody@tarnholt.example']);
    expect($said([...$made, 'token' => 'another']))->toBe($nobody)
        ->and($said([...$made, 'by' => 'reset']))->toBe($nobody)
        ->and($said([...$made, 'email' => 'lead@tarnholt.example']))->toBe($nobody);
    $this->travelTo($this->demoDay()->plus(7) . ' 11:59:00');
    $this->postJson('/api/v1/entrance/look', $made)->assertOk();
    $this->travelTo($this->demoDay()->plus(7) . ' 12:01:00');
    expect($said($made))->toBe($nobody);
});

it('makes a new link that puts the one before out of use, for a new password as soon as somebody has come in', function (): void {
    $first = askedIn($this);
    $id = $first->json('account.id');
    $second = $this->postJson("/api/v1/accounts/$id/link")->assertOk();
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/entrance/look', enteredBy($first))->assertGone();
    $this->postJson('/api/v1/entrance', [...enteredBy($second), 'password' => 'wings closed well'])->assertOk();
    BrowserSession::query()->forceCreate(['id' => 'elsewhere', 'user_id' => $id, 'payload' => '', 'last_activity' => 0]);
    $this->insteadActingAs($this->lead($this->demo()));
    $reset = $this->postJson("/api/v1/accounts/$id/link")->assertOk();
    expect(enteredBy($reset)['by'])->toBe('reset')->and($reset->json('until'))->toStartWith((string) $this->demoDay()->plus(1));
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/entrance', [...enteredBy($reset), 'password' => 'another long one'])->assertOk();
    // A new password ends what was signed in with the old one.
    expect(BrowserSession::query()->where('id', 'elsewhere')->exists())->toBeFalse();
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/session', ['email' => 'nela@tarnholt.example', 'password' => 'wings closed well'])->assertUnprocessable();
});

it('refuses to ask in what cannot be', function (array $more, string $path): void {
    expect(askedIn($this, $more)->assertUnprocessable()->json('problems.0.path'))->toBe($path)
        ->and(User::query()->where('email', 'nela@tarnholt.example')->exists())->toBeFalse();
})->with([
    'an address that comes in already' => [['email' => 'HAND@tarnholt.example'], 'email'],
    'no address' => [['email' => 'nela'], 'email'],
    'no name' => [['name' => ' '], 'name'],
    'a role that there is not' => [['role' => 'owner'], 'role'],
    'a person that there is not' => [['person' => 'zoe'], 'person'],
    'a person who has an account' => [['person' => 'beno-tashe'], 'person'],
]);

it('changes what somebody may do and who they are', function (): void {
    $id = askedIn($this)->json('account.id');
    $changed = $this->putJson("/api/v1/accounts/$id", ['name' => 'Nela S.', 'role' => 'coordinator', 'person' => null])->assertOk();
    expect(OpenApi::mismatch($changed, 'put', '/accounts/{account}'))->toBe('')->and($changed->json())->toMatchArray(['name' => 'Nela S.', 'role' => 'coordinator', 'person' => null]);
    $all = $this->getJson('/api/v1/accounts')->assertOk();
    expect(OpenApi::mismatch($all, 'get', '/accounts'))->toBe('')
        ->and(array_column($all->json('data'), 'isYou', 'name'))->toBe(['Ivo Marell' => true, 'Sanna Quist' => false, 'Beno Tashe' => false, 'Nela S.' => false]);
});

it('keeps one lead who has come in', function (): void {
    $lead = $this->lead($this->demo());
    $other = askedIn($this, ['role' => 'lead'])->json('account.id');
    $lower = ['name' => 'Ivo Marell', 'role' => 'coordinator', 'person' => 'ivo-marell'];
    // Who was only asked in leads nothing yet.
    $this->putJson("/api/v1/accounts/$lead->id", $lower)->assertConflict()->assertJsonPath('title', 'The shop needs a lead');
    $this->deleteJson("/api/v1/accounts/$lead->id")->assertConflict();
    User::query()->whereKey($other)->update(['joined_at' => now()]);
    $this->putJson("/api/v1/accounts/$lead->id", $lower)->assertOk();
    $this->insteadActingAs(User::query()->findOrFail($other));
    $this->deleteJson("/api/v1/accounts/$other")->assertConflict();
});

it('takes somebody out, with all that they come in by and nothing of what they did, and brings them back', function (): void {
    $hand = personOf($this->demo(), Role::Hand);
    $token = $hand->createToken('script')->plainTextToken;
    BrowserSession::query()->forceCreate(['id' => 'theirs', 'user_id' => $hand->id, 'payload' => '', 'last_activity' => 0]);
    $this->insteadActingAs($this->lead($this->demo()));
    $this->deleteJson("/api/v1/accounts/$hand->id")->assertNoContent();
    expect(BrowserSession::query()->where('id', 'theirs')->exists())->toBeFalse()
        ->and($hand->tokens()->count())->toBe(0)
        ->and($this->demo()->users()->whereKey($hand->id)->value('name'))->toBe('Beno Tashe');
    $left = array_column($this->getJson('/api/v1/accounts')->json('data'), null, 'name')['Beno Tashe'];
    expect($left['leftAt'])->not->toBeNull();
    $this->postJson("/api/v1/accounts/$hand->id/link")->assertConflict();
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/session', ['email' => 'hand@tarnholt.example', 'password' => 'cable-car'])->assertUnprocessable();
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $token])->assertUnauthorized();
    $this->insteadActingAs($this->lead($this->demo()));
    $this->postJson("/api/v1/accounts/$hand->id/back")->assertOk()->assertJsonPath('leftAt', null)->assertJsonPath('person', 'beno-tashe');
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/session', ['email' => 'hand@tarnholt.example', 'password' => 'cable-car'])->assertOk();
});

it('gives the address of somebody who has left to the next, and then does not bring them back', function (): void {
    $hand = personOf($this->demo(), Role::Hand);
    $this->insteadActingAs($this->lead($this->demo()));
    $this->deleteJson("/api/v1/accounts/$hand->id")->assertNoContent();
    $next = askedIn($this, ['email' => 'hand@tarnholt.example', 'person' => 'beno-tashe'])->assertCreated();
    $this->postJson("/api/v1/accounts/$hand->id/back")->assertUnprocessable()->assertJsonPath('problems.0.path', 'email');
    // With an address of their own they come back, but not as who somebody else is by now.
    $hand->update(['email' => 'once@tarnholt.example']);
    $this->postJson("/api/v1/accounts/$hand->id/back")->assertOk()->assertJsonPath('person', null);
    $this->insteadActingAs(null);
    $this->postJson('/api/v1/entrance', [...enteredBy($next), 'password' => 'another long one'])->assertOk()->assertJsonPath('person.id', $next->json('account.id'));
});

it('takes no password of which the end would count for nothing', function (): void {
    $hand = personOf($this->demo(), Role::Hand);
    $this->insteadActingAs($hand);
    $change = fn(string $password): TestResponse => $this->putJson('/api/v1/session/password', ['current' => 'cable-car', 'password' => $password]);
    $change(str_repeat('ö', 37))->assertUnprocessable()->assertJsonPath('problems.0.path', 'password');
    $change(str_repeat('a', 73))->assertUnprocessable();
    $change(str_repeat('ö', 36))->assertNoContent();
});

it('changes one\'s own password by the one that holds, and ends what is signed in elsewhere', function (): void {
    $hand = personOf($this->demo(), Role::Hand);
    BrowserSession::query()->forceCreate(['id' => 'elsewhere', 'user_id' => $hand->id, 'payload' => '', 'last_activity' => 0]);
    $this->insteadActingAs($hand);
    $this->putJson('/api/v1/session/password', ['current' => 'a guess', 'password' => 'another long one'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'current');
    $this->putJson('/api/v1/session/password', ['current' => 'cable-car', 'password' => 'short'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'password');
    expect(BrowserSession::query()->where('id', 'elsewhere')->exists())->toBeTrue();
    $this->putJson('/api/v1/session/password', ['current' => 'cable-car', 'password' => 'another long one'])->assertNoContent();
    expect(Hash::check('another long one', $hand->refresh()->password))->toBeTrue()
        ->and(BrowserSession::query()->where('id', 'elsewhere')->exists())->toBeFalse();
});

it('signs one out everywhere else, and nobody besides', function (): void {
    [$hand, $lead] = [personOf($this->demo(), Role::Hand), $this->lead($this->demo())];
    foreach (['mine' => $hand, 'another' => $lead] as $id => $whose) {
        BrowserSession::query()->forceCreate(['id' => $id, 'user_id' => $whose->id, 'payload' => '', 'last_activity' => 0]);
    }
    $this->insteadActingAs($hand);
    $this->deleteJson('/api/v1/session/others')->assertNoContent();
    expect(BrowserSession::query()->whereIn('id', ['mine', 'another'])->pluck('id')->all())->toBe(['another']);
});

it('makes tokens for scripts, named and dated, shown once, and ends them', function (): void {
    $this->insteadActingAs(personOf($this->demo(), Role::Hand));
    $made = $this->postJson('/api/v1/tokens', ['name' => 'nightly list', 'until' => $this->demoDay()->plus(3)->plain()])->assertCreated();
    expect(OpenApi::mismatch($made, 'post', '/tokens'))->toBe('');
    $listed = $this->getJson('/api/v1/tokens')->assertOk();
    expect(OpenApi::mismatch($listed, 'get', '/tokens'))->toBe('')
        ->and($listed->json('data'))->toHaveCount(1)
        ->and($listed->json('data.0'))->toMatchArray(['name' => 'nightly list', 'until' => $this->demoDay()->plus(3)->plain(), 'lastUsedAt' => null])
        ->and($listed->getContent())->not->toContain((string) $made->json('secret'));
    $this->postJson('/api/v1/tokens', ['name' => 'late', 'until' => $this->demoDay()->plus(-1)->plain()])->assertUnprocessable();
    $with = ['Authorization' => 'Bearer ' . $made->json('secret')];
    $this->insteadActingAs(null);
    $this->getJson('/api/v1/kits', $with)->assertOk();
    // Of somebody else it is none.
    $this->insteadActingAs($this->lead($this->demo()));
    $this->deleteJson('/api/v1/tokens/' . $made->json('token.id'))->assertNotFound();
    $this->insteadActingAs(personOf($this->demo(), Role::Hand));
    $this->deleteJson('/api/v1/tokens/' . $made->json('token.id'))->assertNoContent();
    $this->insteadActingAs(null);
    $this->getJson('/api/v1/kits', $with)->assertUnauthorized();
});

it('lets a token in up to and with its last day', function (): void {
    $this->insteadActingAs(personOf($this->demo(), Role::Hand));
    $secret = $this->postJson('/api/v1/tokens', ['name' => 'list', 'until' => $this->demoDay()->plus(3)->plain()])->json('secret');
    $this->insteadActingAs(null);
    $this->travelTo($this->demoDay()->plus(3) . ' 23:00:00');
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $secret])->assertOk();
    $this->insteadActingAs(null);
    $this->travelTo($this->demoDay()->plus(4) . ' 01:00:00');
    $this->getJson('/api/v1/kits', ['Authorization' => 'Bearer ' . $secret])->assertUnauthorized();
});

it('notes when somebody was last here, once in a while', function (): void {
    $hand = personOf($this->demo(), Role::Hand);
    $seen = fn(): ?string => $hand->refresh()->last_seen_at?->format('H:i');
    $this->insteadActingAs($hand);
    $this->getJson('/api/v1/kits')->assertOk();
    expect($seen())->toBe('12:00');
    foreach (['12:04:00' => '12:00', '12:06:00' => '12:06'] as $at => $noted) {
        $this->travelTo($this->demoDay() . ' ' . $at);
        $this->insteadActingAs($hand->refresh());
        $this->getJson('/api/v1/kits')->assertOk();
        expect($seen())->toBe($noted);
    }
});

it('slows down who tries links', function (): void {
    foreach (range(1, 6) as $try) {
        $this->postJson('/api/v1/entrance/look', ['by' => 'invitation', 'email' => 'nela@tarnholt.example', 'token' => 'guess ' . $try])->assertGone();
    }
    $this->postJson('/api/v1/entrance/look', ['by' => 'invitation', 'email' => 'nela@tarnholt.example', 'token' => 'guess'])->assertTooManyRequests();
});
