<?php

declare(strict_types=1);

/*
 * How long a year takes: 365 days, 50 lines and 120 things, all made up. Every number is the best of several runs in this one
 * process; "ratio" is the whole year against one report of the same kit on one day.
 */

use Gondrik\Core\Calendar\Calendar;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Tests\Support\GeneratedThings;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\WorkbookCodec;

require __DIR__ . '/../vendor/autoload.php';

/** @return array{float, mixed} least milliseconds of several runs, and the last result */
function best(Closure $run): array
{
    $least = INF;
    $result = null;
    for ($n = 0; $n < 5; $n++) {
        $start = hrtime(true);
        $result = $run();
        $least = min($least, (hrtime(true) - $start) / 1e6);
    }

    return [$least, $result];
}

printf("%8s %8s %8s %10s %10s %8s\n", 'assets', 'entries', 'changes', 'year ms', 'day ms', 'ratio');
foreach ([[24, 60], [120, 400], [1000, 3000]] as [$assets, $entries]) {
    $shop = (new WorkbookCodec())->readStored(GeneratedThings::of(1, $assets, $entries, 50));
    $rules = $shop->rulesFor($shop->scopes[0]);
    $from = Day::read('2027-01-01');
    [$year, $days] = best(static fn(): array => (new Calendar($shop->onDay(), $shop->kits[0], $shop->scopes[0], $rules))->days($from, 365));
    [$day] = best(static fn() => Coverage::of($shop->onDay()->kit($shop->kits[0], $from, $rules)->kit, $shop->scopes[0], $rules));
    printf("%8d %8d %8d %10.1f %10.1f %8.1f\n", $assets, count($shop->register->log), count($days) - 1, $year, $day, $year / $day);
}
