<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Import;
use Illuminate\Console\Command;

/** Forgets files that were looked at and not applied after a day, and applied ones when taking them back has had its time. */
final class PruneImports extends Command
{
    private const DAYS_UNAPPLIED = 1;

    private const DAYS_APPLIED = 90;

    protected $signature = 'imports:prune';

    protected $description = 'Forget import files whose time is over';

    public function handle(): int
    {
        $unapplied = Import::query()->whereNull('applied_at')->whereNull('undone_at')->where('created_at', '<', now()->subDays(self::DAYS_UNAPPLIED))->delete();
        $old = Import::query()->where('created_at', '<', now()->subDays(self::DAYS_APPLIED))->delete();
        $this->line(sprintf('%d import files forgotten.', (int) $unapplied + (int) $old));

        return self::SUCCESS;
    }
}
