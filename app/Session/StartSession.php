<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as BaseStartSession;

/** An API sends nobody back to where they came from, so it does not keep that in the session either. */
final class StartSession extends BaseStartSession
{
    protected function storeCurrentUrl(Request $request, $session): void {}
}
