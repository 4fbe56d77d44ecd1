<?php

declare(strict_types=1);

use App\Http\Middleware\RefuseControlCharacters;
use App\Http\Problems\ErrorLog;
use App\Http\Problems\ProblemRenderer;
use App\People\LastLead;
use App\Providers\AppServiceProvider;
use App\Writing\ChangedMeanwhile;
use App\Writing\InUse;
use App\Writing\StaleVersion;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;

// Everything that is written at run time lies under one folder, so that the code can be read-only to the web server.
$var = getenv('GONDRIK_VAR') ?: dirname(__DIR__) . '/var/start';
foreach (['services', 'packages', 'config', 'routes-v7', 'events'] as $cache) {
    $key = 'APP_' . strtoupper(explode('-', $cache)[0]) . '_CACHE';
    $_ENV[$key] ??= $var . '/cache/' . $cache . '.php';
}
if (!is_dir($var . '/cache')) {
    mkdir($var . '/cache', 0o775, true);
}

return Application::configure(basePath: dirname(__DIR__))
    ->withProviders([AppServiceProvider::class], withBootstrapProviders: false)
    ->withRouting(api: __DIR__ . '/../routes/api.php', apiPrefix: 'api/v1')
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withSchedule(static function (Schedule $schedule): void {
        $schedule->command('imports:prune')->hourly();
        $schedule->command('sessions:prune')->hourly();
        $schedule->command('history:thin')->daily();
        $schedule->command('sanctum:prune-expired')->daily();
    })
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->statefulApi();
        $middleware->appendToGroup('api', RefuseControlCharacters::class);
        // A proxy that speaks https for us is believed only when whoever runs this says that there is one.
        $middleware->trustProxies(at: array_filter(explode(',', (string) env('TRUSTED_PROXY', ''))));
        $middleware->redirectGuestsTo(static fn(): null => null);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        // What is refused in its ordinary course is an answer, no error of ours: the log has what somebody should read.
        $exceptions->dontReport([InvalidWorkbook::class, StaleVersion::class, ChangedMeanwhile::class, InUse::class, LastLead::class]);
        $exceptions->report(ErrorLog::query(...))->stop();
        // By the path as it was sent: one that is no text is ours to refuse too.
        $isOurs = static fn(Request $request): bool => preg_match('~^/(api|sanctum)(/|$)~', $request->getPathInfo()) === 1;
        $exceptions->shouldRenderJsonWhen($isOurs);
        $exceptions->render(static fn(Throwable $error, Request $request) => $isOurs($request) ? (new ProblemRenderer())->render($error) : null);
    })
    ->create()
    ->useEnvironmentPath($var)
    ->useStoragePath($var . '/storage');
