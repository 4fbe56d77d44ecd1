<?php

declare(strict_types=1);

use App\Http\Controllers\CoverageController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\ReferenceController;
use App\Http\Controllers\ScopeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ToolController;
use App\Http\Controllers\WorkbookController;
use App\Http\Middleware\RoomForImports;
use App\Models\Shop;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

Route::get('health', [HealthController::class, 'show'])->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::get('openapi.json', [ReferenceController::class, 'openApi']);
Route::get('workbook.schema.json', [ReferenceController::class, 'workbookSchema']);
Route::get('reasons', [ReferenceController::class, 'reasons']);

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');

Route::middleware('auth:sanctum')->group(static function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::middleware('can:read,' . Shop::class)->group(static function (): void {
        Route::get('kits', [KitController::class, 'index']);
        Route::get('tools', [ToolController::class, 'index']);
        Route::get('scopes', [ScopeController::class, 'index']);
        Route::get('scopes/{scope}/lines', [LineController::class, 'index']);
        Route::get('scopes/{scope}/entry', [LineController::class, 'read']);
        Route::get('coverage', [CoverageController::class, 'show']);
        Route::get('coverage/lines/{line}/steps/{step}/others', [CoverageController::class, 'others'])->whereNumber('step');
    });
    Route::get('workbook', [WorkbookController::class, 'show'])->middleware('can:export,' . Shop::class);
    Route::middleware('can:setUp,' . Shop::class)->group(static function (): void {
        Route::post('scopes/{scope}/lines', [LineController::class, 'store']);
        Route::put('scopes/{scope}/lines/{line}', [LineController::class, 'update']);
        Route::delete('scopes/{scope}/lines/{line}', [LineController::class, 'destroy']);
    });
    Route::middleware(['can:setUp,' . Shop::class, RoomForImports::class])->group(static function (): void {
        Route::post('imports', [ImportController::class, 'store'])->middleware('throttle:uploads');
        Route::post('imports/{import}/apply', [ImportController::class, 'apply'])->whereUuid('import');
        Route::post('imports/{import}/undo', [ImportController::class, 'undo'])->whereUuid('import');
    });
});
