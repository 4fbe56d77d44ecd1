<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use Tests\TestCase;

uses(TestCase::class);

arch('controllers hold no rules of the job')
    ->expect('App\Http\Controllers')
    ->not->toUse([
        'Gondrik\Core\Size',
        'Gondrik\Core\Rules',
        'Gondrik\Core\Wire',
        'Gondrik\Core\Terminal',
        'Gondrik\Core\Tool',
        'Gondrik\Core\Scope',
        'Gondrik\Core\Match\KitMatcher',
        'Gondrik\Core\Verdict\Fit',
        'Gondrik\Core\Verdict\Reason',
    ]);

arch('models know rows, not rules')->expect('App\Models')->not->toUse('Gondrik\Core');

arch('only imports, and the demo through them, put workbooks into shops')
    ->expect('App\Imports\WorkbookImport')
    ->toOnlyBeUsedIn(['App\Http\Controllers\ImportController', 'App\Imports', 'App\Demo']);

/*
 * The rooms of the application, each with those it may use: always such as stand above it in this list, so that there is no way
 * round. What Laravel asks for by its own names (Http, Console, Providers, Policies, Session) stands last.
 */
const APP_ROOMS = [
    'Gauge' => [],
    'Models' => [],
    'History' => ['Models'],
    'Reading' => ['Models'],
    'Writing' => ['Models', 'History', 'Reading'],
    'People' => ['Models', 'Reading'],
    'Register' => ['Models', 'History', 'Reading', 'Writing', 'People'],
    'Things' => ['Models', 'History', 'Reading', 'Writing'],
    'Lines' => ['Models', 'History', 'Reading', 'Writing'],
    'Classes' => ['Models', 'Reading', 'Writing'],
    'Imports' => ['Models', 'History', 'Reading', 'Writing'],
    'Planning' => ['Models', 'History', 'Reading', 'Writing'],
    'Supplies' => ['Models', 'History', 'Reading', 'Writing'],
    'Demo' => ['Models', 'Imports'],
    'Sheets' => [],
    'LongQuestions' => [],
    'Print' => [],
    'Session' => [],
    'Policies' => ['Models'],
    'CommandLine' => ['Planning'],
    'Console' => ['Gauge', 'Models', 'History'],
    'Http' => ['Gauge', 'Models', 'History', 'Reading', 'Writing', 'Things', 'Lines', 'Classes', 'Imports', 'Planning', 'People', 'Register', 'Supplies', 'Demo', 'Sheets', 'LongQuestions', 'Print'],
    'Providers' => ['Gauge', 'Models', 'Session', 'Policies'],
];

it('has rooms that use only the rooms above them', function (): void {
    expect(array_map(basename(...), glob(app_path('*'), GLOB_ONLYDIR) ?: []))->toEqualCanonicalizing(array_keys(APP_ROOMS));
    $above = [];
    foreach (APP_ROOMS as $room => $may) {
        expect(array_values(array_diff($may, $above)))->toBe([], $room . ' names a room that does not stand above it');
        $above[] = $room;
        $uses = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path($room), FilesystemIterator::SKIP_DOTS)) as $file) {
            preg_match_all('~(?<![\w\\\\])App\\\\([A-Z]\w+)~', (string) file_get_contents((string) $file), $named);
            $uses = [...$uses, ...$named[1]];
        }
        expect(array_values(array_unique(array_diff($uses, [$room]))))->toEqualCanonicalizing($may, $room);
    }
});

/*
 * A shop's rows are reached through the shop and written through its store, so that no query can forget whose they are.
 * Beside them stand the shops and people themselves, and what looks after all shops at once.
 */
it('reads no row without its shop and writes none past its store', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path(), FilesystemIterator::SKIP_DOTS)) as $file) {
        $name = substr((string) $file, strlen(app_path()) + 1);
        $code = (string) file_get_contents((string) $file);
        $isStore = in_array($name, ['Writing/ShopStore.php', 'Writing/LogStore.php'], true);
        if (preg_match('~\b(Wire|Terminal|Tool|Kit|KitTool|Scope|Line|ListRow)::(query|where|find|all|first|create|with|on|destroy)~', $code) === 1
            || (preg_match('~\bImport::(?!class)~', $code) === 1 && $name !== 'Console/Commands/PruneImports.php')
            || (preg_match('~DB::(table|select|insert|update|delete|unprepared)\(~', $code) === 1 && !$isStore && $name !== 'Console/Commands/PruneSessions.php')) {
            $found[] = $name;
        }
        // The store itself names the shop in every statement that changes or reads rows.
        if ($isStore) {
            preg_match_all('~DB::table\([^;]*;~s', $code, $statements);
            foreach ($statements[0] as $statement) {
                $namesShop = str_contains($statement, "where('shop_id', " . '$shop->id)') || preg_match('~->(insert|upsert)\(~', $statement) === 1;
                expect($namesShop)->toBeTrue($statement);
            }
        }
    }
    expect($found)->toBe([]);
});

it('lets migrations name no class of the code that could change under them', function (): void {
    foreach (glob(database_path('migrations/*.php')) ?: [] as $file) {
        expect(preg_match('~^use (App|Gondrik)~m', (string) file_get_contents($file)))->toBe(0, $file);
    }
});

it('asks a policy on every route behind the sign-in', function (): void {
    foreach (Route::getRoutes() as $route) {
        $middleware = $route->gatherMiddleware();
        if (in_array('auth:sanctum', $middleware, true) && $route->uri() !== 'api/v1/session') {
            expect(array_filter($middleware, static fn($name): bool => is_string($name) && str_starts_with($name, 'can:')))->not->toBe([], $route->uri());
        }
    }
});

arch('the application is strict about types')->expect('App')->toUseStrictTypes();

arch('classes of the application are final or abstract')->expect('App')->classes()->toBeFinal()->ignoring(['App\Models\ListRow', 'App\Http\Controllers\Controller', 'App\CommandLine\WorkbookCommand']);

arch('nothing is left behind')->expect(['dd', 'dump', 'ray', 'var_dump'])->not->toBeUsed();
