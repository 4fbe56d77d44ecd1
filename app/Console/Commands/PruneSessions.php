<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Session;

/** Forgets sessions and counters of tries whose time is over: by the clock, so that no request pays for it. */
final class PruneSessions extends Command
{
    protected $signature = 'sessions:prune';

    protected $description = 'Forget sessions and counters whose time is over';

    public function handle(): int
    {
        $sessions = Session::getHandler()->gc(config()->integer('session.lifetime') * 60);
        $counters = DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
        $this->line(sprintf('%d sessions and %d counters forgotten.', (int) $sessions, $counters));

        return self::SUCCESS;
    }
}
