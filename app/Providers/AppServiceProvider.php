<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Shop;
use App\Policies\ShopPolicy;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** For one account, and for one address whatever the account. */
    private const SIGN_INS_PER_MINUTE = 6;

    private const SIGN_INS_PER_ADDRESS = 30;

    private const UPLOADS_PER_MINUTE = 30;

    public function boot(): void
    {
        Model::shouldBeStrict();
        RateLimiter::for('sign-in', static function (Request $request): array {
            $email = $request->input('email');

            return [
                Limit::perMinute(self::SIGN_INS_PER_MINUTE)->by('account ' . hash('sha256', is_string($email) ? mb_strtolower(trim($email)) : '')),
                Limit::perMinute(self::SIGN_INS_PER_ADDRESS)->by('address ' . $request->ip()),
            ];
        });
        RateLimiter::for('uploads', static fn(Request $request): Limit => Limit::perMinute(self::UPLOADS_PER_MINUTE)->by('uploads ' . $request->user()?->getAuthIdentifier()));
        Gate::policy(Shop::class, ShopPolicy::class);
    }
}
