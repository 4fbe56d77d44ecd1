<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\User;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    private const SIGN_INS_PER_MINUTE = 6;

    public function boot(): void
    {
        Model::shouldBeStrict();
        RateLimiter::for('sign-in', static fn(Request $request): Limit => Limit::perMinute(self::SIGN_INS_PER_MINUTE)
            ->by(mb_strtolower((string) $request->input('email')) . '|' . $request->ip()));
        Gate::define('change-shop', static fn(User $user): bool => $user->role->maySetUpTheShop());
    }
}
