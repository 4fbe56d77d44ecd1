<?php

declare(strict_types=1);

use App\Models\BrowserSession;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Tests\Support\OpenApi;
use Tests\TestCase;

/* What a shop is called and how it tells things; and how a new one gets its name. */

const SETTINGS = ['name' => 'Ropeway North', 'sizes' => 'metric', 'length' => 'inch', 'force' => 'lbf', 'theme' => 'dark', 'decimalSign' => 'comma'];

const OPENING = ['shop' => ' Valley workshop ', 'name' => 'Mira Sand', 'email' => ' Mira@Valley.example ', 'password' => 'wings closed well'];

it('says how the shop is called and tells things, to everybody, and takes that back', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $before = $this->getJson('/api/v1/session')->json('person.settings');
    expect($before)->toBe(['name' => 'Tarnholt Ropeway', 'sizes' => 'gauge', 'length' => 'mm', 'force' => 'N', 'theme' => 'auto', 'decimalSign' => 'point']);
    $changed = $this->putJson('/api/v1/settings', SETTINGS)->assertNoContent();
    expect(OpenApi::mismatch($changed, 'put', '/settings'))->toBe('')
        ->and($this->getJson('/api/v1/history')->json('data.0.changes.0'))->toMatchArray(['list' => 'settings', 'before' => $before, 'after' => SETTINGS]);
    $this->insteadActingAs(personOf($shop, Role::Hand));
    $version = $this->getJson('/api/v1/version');
    $session = $this->getJson('/api/v1/session');
    expect(OpenApi::mismatch($version, 'get', '/version'))->toBe('')
        ->and(OpenApi::mismatch($session, 'get', '/session'))->toBe('')
        ->and($version->json('settings'))->toBe(SETTINGS)
        ->and([$session->json('person.shop'), $session->json('person.settings')])->toBe(['Ropeway North', SETTINGS]);
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson('/api/v1/history/' . $changed->headers->get('Gondrik-Change') . '/undo')->assertForbidden();
    $this->insteadActingAs($this->lead($shop));
    $this->postJson('/api/v1/history/' . $changed->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/version')->json('settings'))->toBe($before);
});

it('leaves what is not said, and wants something said', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->putJson('/api/v1/settings', ['sizes' => 'metric'])->assertNoContent();
    $this->putJson('/api/v1/settings', ['length' => 'inch'])->assertNoContent();
    $this->putJson('/api/v1/settings', ['name' => 'Ropeway South'])->assertNoContent();
    expect($this->getJson('/api/v1/version')->json('settings'))->toBe(['name' => 'Ropeway South', 'sizes' => 'metric', 'length' => 'inch', 'force' => 'N', 'theme' => 'auto', 'decimalSign' => 'point']);
    $this->putJson('/api/v1/settings', [])->assertUnprocessable()->assertJsonPath('problems.0.path', 'name');
});

it('refuses a setting that is none, names it, and changes nothing', function (string $of, mixed $value, string $expected): void {
    $this->actingAs($this->lead($this->demo()));
    $refused = $this->putJson('/api/v1/settings', [...SETTINGS, $of => $value])->assertUnprocessable();
    expect($refused->json('problems.0'))->toMatchArray(['path' => $of])->and($refused->json('problems.0.expected'))->toContain($expected)
        ->and($this->getJson('/api/v1/version')->json('settings.name'))->toBe('Tarnholt Ropeway');
})->with([['sizes', 'awg', 'one of: gauge, metric'], ['length', null, 'one of: mm, inch'], ['force', 3, 'one of: N, lbf'], ['theme', '', 'one of: auto, light, dark'], ['decimalSign', ',', 'one of: point, comma'], ['name', ' ', 'must have a value'], ['name', str_repeat('a', 201), '200'], ['name', "Rope\u{202e}way", 'direction of text']]);

it('writes tables as spreadsheets with a decimal comma take them, and reads them back', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $points = $this->get('/api/v1/tables/wires')->streamedContent();
    $this->putJson('/api/v1/settings', SETTINGS)->assertNoContent();
    $commas = $this->get('/api/v1/tables/wires')->streamedContent();
    $cells = static fn(string $table, string $separator): array => array_map(static fn(string $row): array => str_getcsv($row, $separator, '"', ''), explode("\r\n", trim($table)));
    $differ = array_filter(array_map(null, array_merge(...$cells($points, ',')), array_merge(...$cells($commas, ';'))), static fn(array $pair): bool => $pair[0] !== $pair[1]);
    // Only figures are another; sizes are text, and stay what they are.
    expect($differ)->not->toBe([])
        ->and(array_filter($differ, static fn(array $pair): bool => preg_match('~^\d+\.\d+$~D', $pair[0]) !== 1 || (float) str_replace(',', '.', $pair[1]) !== (float) $pair[0] || !str_contains($pair[1], ',')))->toBe([]);
    $sent = $cells($commas, ';');
    $read = $this->postJson('/api/v1/tables/wires/read', ['columns' => columnsOf($sent[0]), 'rows' => array_slice($sent, 1)]);
    expect(array_unique(array_column($read->assertOk()->json('things'), 'status')))->toBe(['same']);
    foreach (['/api/v1/plan/buying-list?kit=pylon-backpack&scopes=tower-7' => 4, '/api/v1/assets/CR-01/charts.csv' => 5] as $path => $column) {
        $figures = array_column(array_slice($cells($this->get($path)->assertOk()->streamedContent(), ';'), 1), $column);
        expect($figures)->not->toBe([])->and(array_filter($figures, static fn(string $figure): bool => preg_match('~^\d+(,\d+)?$~D', $figure) !== 1))->toBe([]);
    }
});

function newShop(TestCase $test): User
{
    $lead = $test->emptyShop('Workshop');
    Shop::query()->whereKey($lead->shop_id)->update(['is_unnamed' => true]);
    $test->insteadActingAs($lead);

    return $lead;
}

it('has the first lead name the shop and themselves, once', function (): void {
    $lead = newShop($this);
    expect($this->getJson('/api/v1/session')->json('person.shopIsUnnamed'))->toBeTrue();
    BrowserSession::query()->insert(['id' => 'elsewhere', 'user_id' => $lead->id, 'payload' => '', 'last_activity' => time()]);
    $opened = $this->postJson('/api/v1/opening', OPENING)->assertNoContent();
    expect(OpenApi::mismatch($opened, 'post', '/opening'))->toBe('')
        ->and($this->getJson('/api/v1/session')->json('person'))->toMatchArray(['shop' => 'Valley workshop', 'name' => 'Mira Sand', 'email' => 'mira@valley.example', 'role' => 'lead', 'shopIsUnnamed' => false])
        ->and(Hash::check('wings closed well', $lead->refresh()->password))->toBeTrue()
        // Where the printed password was used elsewhere, it is used no more.
        ->and(BrowserSession::query()->where('id', 'elsewhere')->exists())->toBeFalse();
    $this->postJson('/api/v1/opening', [...OPENING, 'shop' => 'Again'])->assertConflict();
    expect($this->getJson('/api/v1/session')->json('person.shop'))->toBe('Valley workshop');
});

it('refuses an address that somebody else has, and what names nothing', function (): void {
    $taken = $this->lead($this->demo())->email;
    newShop($this);
    $this->postJson('/api/v1/opening', [...OPENING, 'email' => $taken])->assertUnprocessable()->assertJsonPath('problems.0.path', 'email');
    foreach (['shop' => ' ', 'name' => '', 'email' => 'nobody', 'password' => 'short'] as $of => $value) {
        $this->postJson('/api/v1/opening', [...OPENING, $of => $value])->assertUnprocessable()->assertJsonPath('problems.0.path', $of);
    }
    expect($this->getJson('/api/v1/session')->json('person.shopIsUnnamed'))->toBeTrue();
    // One's own may stay what it is.
    $this->postJson('/api/v1/opening', [...OPENING, 'email' => 'workshop@example.test'])->assertNoContent();
});

it('names no shop that has a name', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->postJson('/api/v1/opening', OPENING)->assertConflict();
    expect($this->getJson('/api/v1/session')->json('person.shop'))->toBe('Tarnholt Ropeway');
});
