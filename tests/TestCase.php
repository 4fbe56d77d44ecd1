<?php

declare(strict_types=1);

namespace Tests;

use App\Demo\DemoShop;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Value\Day;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Each worker has a database of its own, and turns are taken in it.
        config(['database.connections.turns.database' => DB::getDatabaseName()]);
        // The session middleware answers only to the page's own address.
        $this->withHeaders(['Referer' => 'http://127.0.0.1/', 'Accept' => 'application/json']);
    }

    /** The demo, which stands in every database of the tests; whatever a test does to it is taken back after it. */
    public function demo(): Shop
    {
        return Shop::query()->where('is_demo', true)->firstOrFail();
    }

    /** As on the first day. */
    public function withoutShops(): void
    {
        // The log stays, whoever asks: only for a test there is none.
        foreach (['alter table log_entries disable trigger user', 'delete from loans', 'delete from log_entries', 'alter table log_entries enable trigger user', 'delete from assets'] as $statement) {
            DB::statement($statement);
        }
        Shop::query()->delete();
    }

    public function lead(Shop $shop): User
    {
        return $shop->users()->where('role', Role::Lead)->firstOrFail();
    }

    public function emptyShop(string $name = 'Elsewhere', Role $role = Role::Lead): User
    {
        $shop = Shop::query()->create(['name' => $name]);

        return User::query()->create(['shop_id' => $shop->id, 'name' => 'Somebody', 'email' => mb_strtolower($name) . '@example.test', 'password' => 'long enough', 'role' => $role, 'joined_at' => now()])->refresh();
    }

    /** Somebody else at the same machine, or nobody: nothing is left of who was there before. */
    public function insteadActingAs(?User $person): void
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        if ($person !== null) {
            $this->actingAs($person);
        }
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    public function upload(string $content): TestResponse
    {
        return $this->post('/api/v1/imports', ['workbook' => UploadedFile::fake()->createWithContent('book.json', $content)]);
    }

    /**
     * What there is to do about a kit, seen and accepted.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function acceptPlan(string $asked): TestResponse
    {
        return $this->postJson('/api/v1/plans', ['seen' => $this->getJson('/api/v1/plan?' . $asked)->assertOk()->json('seen')]);
    }

    /**
     * Says of something in a plan as it was seen that it has come, or has not after all.
     *
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $plan
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function arrive(TestResponse $plan, int $item, bool $has = true): TestResponse
    {
        return $this->putJson('/api/v1/plans/' . $plan->json('id') . '/items/' . $item, ['arrived' => $has], ['If-Match' => '"' . $plan->json('version') . '"']);
    }

    /** The day on which the demo was loaded, of which its story is: it may have gone when a test is run. */
    public function demoDay(): Day
    {
        $driver = $this->demo()->listed('assets')->where('code', 'TQ-03')->value('bought');

        return Day::read($driver)->plus(980);
    }

    public function demoText(): string
    {
        return DemoShop::asOf($this->demoDay());
    }
}
