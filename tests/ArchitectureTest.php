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
    ->expect('App\Workbook\WorkbookImport')
    ->toOnlyBeUsedIn(['App\Workbook', 'App\Demo']);

/*
 * A shop's rows are reached through the shop and written through its store, so that no query can forget whose they are.
 * Beside them stand the shops and people themselves, and what looks after all shops at once.
 */
it('reads no row without its shop and writes none past its store', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path(), FilesystemIterator::SKIP_DOTS)) as $file) {
        $name = substr((string) $file, strlen(app_path()) + 1);
        $code = (string) file_get_contents((string) $file);
        $isStore = $name === 'Workbook/ShopStore.php';
        if (preg_match('~\b(Wire|Terminal|Tool|Kit|KitTool|Scope|Line|CatalogueItem)::(query|where|find|all|first|create|with|on|destroy)~', $code) === 1
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

arch('classes of the application are final or abstract')->expect('App')->classes()->toBeFinal()->ignoring(['App\Models\CatalogueItem', 'App\Http\Controllers\Controller']);

arch('nothing is left behind')->expect(['dd', 'dump', 'ray', 'var_dump'])->not->toBeUsed();
