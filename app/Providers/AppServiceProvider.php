<?php

declare(strict_types=1);

namespace App\Providers;

use App\Gauge\Gauges;
use App\Models\AccessToken;
use App\Models\Shop;
use App\Policies\ShopPolicy;
use App\Session\SparingSessionHandler;
use App\Session\StartSession;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as BaseStartSession;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Gauges::class, static fn(): Gauges => new Gauges(config()->string('gauges.gauges') === '' ? '' : config()->string('gauges.socket')));
        $this->app->singleton(BaseStartSession::class, static fn(Application $app): StartSession => new StartSession($app->make(SessionManager::class)));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Session::extend('database', static fn(Application $app): SparingSessionHandler => new SparingSessionHandler(
            DB::connection(),
            config()->string('session.table'),
            config()->integer('session.lifetime'),
            $app,
        ));
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        RateLimiter::for('sign-in', static function (Request $request): array {
            $email = $request->input('email');

            return [
                self::perMinute('sign_ins_in_all', 'everybody'),
                self::perMinute('sign_ins_per_address', 'address ' . $request->ip()),
                self::perMinute('sign_ins_per_account', 'account ' . hash('sha256', is_string($email) ? mb_strtolower(trim($email)) : '')),
            ];
        });
        RateLimiter::for('uploads', static fn(Request $request): Limit => self::perMinute('uploads_per_minute', 'uploads ' . $request->user()?->getAuthIdentifier()));
        RateLimiter::for('feeds', static fn(Request $request): Limit => self::perMinute('feeds_per_minute', 'feeds ' . $request->ip()));
        Gate::policy(Shop::class, ShopPolicy::class);
    }

    private static function perMinute(string $limit, string $whose): Limit
    {
        return Limit::perMinute(config()->integer('gondrik.' . $limit))->by($whose);
    }
}
