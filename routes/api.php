<?php

declare(strict_types=1);

use App\Http\Controllers\AcceptedPlanController;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\BesideController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CoverageController;
use App\Http\Controllers\CoverageFileController;
use App\Http\Controllers\DueController;
use App\Http\Controllers\EntranceController;
use App\Http\Controllers\GaugeController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LabourController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\MatrixController;
use App\Http\Controllers\OwnAccountController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ReferenceController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\RotationController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\ScopeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\SkillController;
use App\Http\Controllers\SuppliesController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\ThingController;
use App\Http\Controllers\ToolController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\WordController;
use App\Http\Controllers\WorkbookController;
use App\Http\Middleware\NotesWhoIsHere;
use App\Http\Middleware\RoomForImports;
use App\Http\Middleware\TakesTurns;
use App\Models\Shop;
use App\Register\DueFeed;
use App\Things\Proposals;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

Route::get('health', [HealthController::class, 'show'])->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::get('openapi.json', [ReferenceController::class, 'openApi']);
Route::get('workbook.schema.json', [ReferenceController::class, 'workbookSchema']);
Route::get('reasons', [ReferenceController::class, 'reasons']);
Route::get('reasons/examples', [ReferenceController::class, 'examples']);
Route::get('reference', [ReferenceController::class, 'tables']);
Route::get('reference/{table}.csv', [ReferenceController::class, 'tableAsCsv'])->where('table', '[a-z-]+');
Route::get('reference/{table}', [ReferenceController::class, 'table'])->where('table', '[a-z-]+');
Route::get('calculations/{what}', [ReferenceController::class, 'calculate'])->where('what', '[a-z-]+');

Route::get('feeds/{key}.ics', [DueController::class, 'feed'])->where('key', DueFeed::KEY)->middleware('throttle:feeds')->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
// By a link that a lead has made.
Route::post('entrance/look', [EntranceController::class, 'show'])->middleware('throttle:sign-in');
Route::post('entrance', [EntranceController::class, 'store'])->middleware('throttle:sign-in');

$models = array_column(BuiltIn::LISTS, 'value');
$tables = [...$models, WorkbookList::Kits->value, WorkbookList::People->value, WorkbookList::Assets->value];

Route::middleware(['auth:sanctum', NotesWhoIsHere::class])->group(static function () use ($models, $tables): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::middleware('can:read,' . Shop::class)->group(static function () use ($models): void {
        Route::delete('session/others', [OwnAccountController::class, 'endOthers']);
        Route::put('session/password', [OwnAccountController::class, 'changePassword'])->middleware('throttle:sign-in');
        Route::get('tokens', [OwnAccountController::class, 'tokens']);
        Route::post('tokens', [OwnAccountController::class, 'makeToken']);
        Route::delete('tokens/{token}', [OwnAccountController::class, 'endToken'])->whereNumber('token');
        Route::get('version', [ShopController::class, 'version']);
        Route::get('kits', [KitController::class, 'index']);
        Route::get('kits/{id}/copies', [KitController::class, 'copies']);
        Route::get('tools', [ToolController::class, 'index']);
        Route::get('scopes', [ScopeController::class, 'index']);
        Route::get('scopes/{scope}/lines', [LineController::class, 'index']);
        Route::get('scopes/{scope}/entry', [LineController::class, 'read']);
        Route::get('coverage', [CoverageController::class, 'show']);
        Route::get('coverage.csv', [CoverageFileController::class, 'table'])->middleware(TakesTurns::class);
        Route::get('coverage.json', [CoverageFileController::class, 'data'])->middleware(TakesTurns::class);
        Route::get('coverage.pdf', [CoverageFileController::class, 'print'])->middleware(TakesTurns::class);
        Route::get('coverage/beside', [BesideController::class, 'show']);
        Route::get('coverage/bag', [CoverageController::class, 'bag'])->middleware(TakesTurns::class);
        Route::get('labour', [LabourController::class, 'show'])->middleware(TakesTurns::class);
        Route::get('matrix', [MatrixController::class, 'show'])->middleware(TakesTurns::class);
        Route::get('supplies', [SuppliesController::class, 'show'])->middleware(TakesTurns::class);
        Route::get('rules', [RulesController::class, 'show']);
        Route::get('rules/tried', [RulesController::class, 'tried'])->middleware(TakesTurns::class);
        Route::get('card', [CardController::class, 'show']);
        Route::get('cards', [CardController::class, 'index']);
        Route::get('cards.pdf', [CardController::class, 'print'])->middleware(TakesTurns::class);
        Route::get('coverage/lines/{line}/steps/{step}/others', [CoverageController::class, 'others'])->whereNumber('step');
        Route::get('aliases', [WordController::class, 'aliases']);
        foreach (WorkbookList::cases() as $list) {
            // Tools, kits and scopes tell more of each.
            if (!in_array($list, [WorkbookList::Tools, WorkbookList::Kits, WorkbookList::Scopes], true)) {
                Route::get($list->value, [ThingController::class, 'index'])->defaults('list', $list->value);
            }
        }
        foreach (BuiltIn::LISTS as $list) {
            Route::post('trials/' . $list->value, [TrialController::class, $list->one()]);
        }
        Route::post('trials/sessions', [RotationController::class, 'tried']);
        Route::post('trials/sessions/rotation', [RotationController::class, 'shortest'])->middleware(TakesTurns::class);
        Route::post('trials/sessions/worth', [RotationController::class, 'worth'])->middleware(TakesTurns::class);
        Route::get('sessions/{id}/sheets.pdf', [RotationController::class, 'print'])->middleware(TakesTurns::class);
        Route::get('sessions/{id}/calendar.ics', [RotationController::class, 'calendar']);
        Route::get('{list}/{id}/uses', [ThingController::class, 'uses'])->whereIn('list', $models);
        Route::get('today', [RegisterController::class, 'today'])->middleware(TakesTurns::class);
        Route::get('wall', [RegisterController::class, 'wall']);
        Route::get('wall/busiest', [RegisterController::class, 'busiest'])->middleware(TakesTurns::class);
        Route::get('labels.pdf', [RegisterController::class, 'labels'])->middleware(TakesTurns::class);
        Route::get('dues.pdf', [DueController::class, 'print'])->middleware(TakesTurns::class);
        Route::get('assets/{id}/log', [RegisterController::class, 'timeline']);
        Route::get('assets/{id}/charts', [RegisterController::class, 'charts']);
        Route::get('assets/{id}/resting', [RegisterController::class, 'resting'])->middleware(TakesTurns::class);
        Route::get('assets/{id}/charts.csv', [RegisterController::class, 'chartsAsTable']);
        Route::get('assets/{id}/doubt', [RegisterController::class, 'inDoubt'])->middleware(TakesTurns::class);
        Route::get('skills', [SkillController::class, 'index'])->middleware(TakesTurns::class);
        Route::get('people/{id}/skills', [SkillController::class, 'show']);
        Route::get('pulls/compared', [RegisterController::class, 'compared']);
        Route::get('gauges', [GaugeController::class, 'index']);
        Route::get('gauges/{gauge}/pull', [GaugeController::class, 'pull'])->where('gauge', '[a-z0-9-]{1,40}');
        // Who may write what is asked of each entry.
        Route::post('log', [RegisterController::class, 'store']);
        Route::get('log.csv', [RegisterController::class, 'table'])->middleware(TakesTurns::class);
        Route::post('log.csv', [RegisterController::class, 'take'])->middleware(TakesTurns::class);
        Route::get('calendar', [CalendarController::class, 'show']);
        Route::get('proposals', [ThingController::class, 'proposed']);
        Route::get('catalogue/closing', [CatalogueController::class, 'closing']);
        Route::get('catalogue/{list}', [CatalogueController::class, 'index'])->whereIn('list', $models);
    });
    // What things cost is for those who set the shop up.
    Route::middleware('can:export,' . Shop::class)->group(static function () use ($tables): void {
        Route::get('workbook', [WorkbookController::class, 'show']);
        Route::get('workbook.zip', [WorkbookController::class, 'package'])->middleware(TakesTurns::class);
        Route::get('skills/without', [SkillController::class, 'without'])->middleware(TakesTurns::class);
        Route::get('supplies/order.csv', [SuppliesController::class, 'order'])->middleware(TakesTurns::class);
        Route::get('supplies/order.pdf', [SuppliesController::class, 'printedOrder'])->middleware(TakesTurns::class);
        Route::get('history', [HistoryController::class, 'index']);
        Route::get('history.json', [HistoryController::class, 'file'])->middleware(TakesTurns::class);
        Route::get('plans', [AcceptedPlanController::class, 'index']);
        Route::middleware(TakesTurns::class)->group(static function (): void {
            Route::get('plan', [PlanController::class, 'show']);
            Route::get('plan/curve', [PlanController::class, 'curve']);
            Route::get('plan/unpriced', [PlanController::class, 'unpriced']);
            Route::get('plan/substitutes', [PlanController::class, 'substitutes']);
            Route::get('plan/buying-list', [PlanController::class, 'buyingList']);
            Route::get('plan/buying-list.pdf', [PlanController::class, 'printedBuyingList']);
        });
        Route::get('scopes/{scope}/table', [TableController::class, 'lines']);
        Route::get('tables/{list}', [TableController::class, 'show'])->whereIn('list', $tables);
    });
    Route::middleware(['can:writeList,' . Shop::class . ',list', TakesTurns::class])->group(static function () use ($tables): void {
        Route::post('tables/{list}/rows', [TableController::class, 'rows'])->whereIn('list', $tables)->middleware('throttle:uploads');
        Route::post('tables/{list}/read', [TableController::class, 'read'])->whereIn('list', $tables);
        Route::post('tables/{list}/take', [TableController::class, 'take'])->whereIn('list', $tables);
    });
    Route::middleware('can:writeModels,' . Shop::class)->group(static function () use ($models): void {
        Route::post('catalogue/{list}', [CatalogueController::class, 'takeAll'])->whereIn('list', $models);
        Route::post('{list}/{id}/confirm', [ThingController::class, 'confirm'])->whereIn('list', array_column(Proposals::LISTS, 'value'));
        Route::post('assets/{id}/proven', [RegisterController::class, 'prove']);
        Route::get('accounts', [AccountController::class, 'index']);
        Route::post('accounts', [AccountController::class, 'store'])->middleware('throttle:uploads');
        Route::put('accounts/{account}', [AccountController::class, 'update'])->whereNumber('account');
        Route::delete('accounts/{account}', [AccountController::class, 'destroy'])->whereNumber('account');
        Route::post('accounts/{account}/link', [AccountController::class, 'link'])->whereNumber('account')->middleware('throttle:uploads');
        Route::post('accounts/{account}/back', [AccountController::class, 'bringBack'])->whereNumber('account');
        Route::put('currency', [ShopController::class, 'price']);
        Route::put('rules', [RulesController::class, 'set']);
        Route::put('settings', [ShopController::class, 'set']);
        Route::post('opening', [ShopController::class, 'open'])->middleware('throttle:sign-in');
        Route::post('{list}/{id}/merge', [ThingController::class, 'merge'])->whereIn('list', $models);
    });
    Route::post('catalogue/{list}/{id}', [CatalogueController::class, 'take'])->whereIn('list', $models)->middleware('can:proposeTo,' . Shop::class . ',list');
    foreach (WorkbookList::cases() as $list) {
        $reads = $list === WorkbookList::Tools ? 'export' : 'read';
        Route::get($list->value . '/{id}', [ThingController::class, 'show'])->defaults('list', $list->value)->middleware('can:' . $reads . ',' . Shop::class);
        $makes = in_array($list, Proposals::LISTS, true) || !$list->isOfModels() ? 'setUp' : 'writeModels';
        Route::post($list->value, [ThingController::class, 'store'])->defaults('list', $list->value)->middleware('can:' . $makes . ',' . Shop::class);
        Route::middleware('can:' . ($list->isOfModels() ? 'writeModels' : 'setUp') . ',' . Shop::class)->group(static function () use ($list): void {
            Route::put($list->value . '/{id}', [ThingController::class, 'update'])->defaults('list', $list->value);
            Route::delete($list->value . '/{id}', [ThingController::class, 'destroy'])->defaults('list', $list->value);
        });
    }
    Route::middleware('can:setUp,' . Shop::class)->group(static function (): void {
        Route::post('kits/{id}/copies', [KitController::class, 'bring']);
        Route::post('supplies/stock', [SuppliesController::class, 'begin']);
        Route::post('coverage/kept', [CoverageController::class, 'keep']);
        Route::post('scopes/{scope}/lines', [LineController::class, 'store']);
        Route::put('scopes/{scope}/lines/{line}', [LineController::class, 'update']);
        Route::delete('scopes/{scope}/lines/{line}', [LineController::class, 'destroy']);
        Route::post('scopes/{scope}/changes', [LineController::class, 'edit']);
        Route::post('scopes/{scope}/copy', [ScopeController::class, 'copy']);
        Route::post('scopes/{scope}/merge', [ScopeController::class, 'merge']);
        Route::post('scopes/{scope}/sheet', [SheetController::class, 'read'])->middleware(TakesTurns::class);
        Route::post('sheets', [SheetController::class, 'rows'])->middleware([TakesTurns::class, 'throttle:uploads']);
        Route::put('columns', [WordController::class, 'nameColumns']);
        Route::put('aliases', [WordController::class, 'call']);
        Route::delete('aliases/{alias}', [WordController::class, 'forget'])->whereNumber('alias');
        Route::post('plans', [AcceptedPlanController::class, 'store']);
        Route::put('plans/{plan}/items/{item}', [AcceptedPlanController::class, 'arrive'])->whereNumber(['plan', 'item']);
        Route::delete('plans/{plan}', [AcceptedPlanController::class, 'destroy'])->whereNumber('plan');
        Route::get('proposal', [ThingController::class, 'propose']);
        Route::get('feed', [DueController::class, 'state']);
        Route::post('feed', [DueController::class, 'renew']);
        Route::delete('feed', [DueController::class, 'takeBack']);
        Route::post('history/{entry}/undo', [HistoryController::class, 'undo'])->whereNumber('entry');
    });
    Route::middleware(['can:setUp,' . Shop::class, TakesTurns::class, RoomForImports::class])->group(static function (): void {
        Route::post('imports', [ImportController::class, 'store'])->middleware('throttle:uploads');
        Route::post('imports/{import}/apply', [ImportController::class, 'apply'])->whereUuid('import');
        Route::post('imports/{import}/undo', [ImportController::class, 'undo'])->whereUuid('import');
    });
});
