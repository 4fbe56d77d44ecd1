<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\History\Journal;
use Illuminate\Console\Command;

/** Lets go of what is long ago: of two years everything is kept, of what is older one entry for each thing and month. */
final class ThinHistory extends Command
{
    protected $signature = 'history:thin';

    protected $description = 'Keep of old entries of the history the last of each month for each thing';

    public function handle(Journal $journal): int
    {
        $this->line(sprintf('%d entries of the history let go.', $journal->thin(now()->subYears(Journal::WHOLE_YEARS)->startOfMonth())));

        return self::SUCCESS;
    }
}
