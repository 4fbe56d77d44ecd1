<?php

declare(strict_types=1);

/*
 * How long a report takes: scopes of 10, 100 and 1,000 lines against kits of 30 and 300 tools, all made up. Every number is
 * the best of several runs in this one process; "ratio" is computing the report against json_encode-ing it.
 */

use Gondrik\Bench\BenchWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Workbook\WorkbookCodec;

require __DIR__ . '/../vendor/autoload.php';

const RUNS = 5;

/** @return array{float, mixed} least milliseconds of several runs, and the last result */
function best(Closure $run): array
{
    $least = INF;
    $result = null;
    for ($n = 0; $n < RUNS; $n++) {
        $start = hrtime(true);
        $result = $run();
        $least = min($least, (hrtime(true) - $start) / 1e6);
    }

    return [$least, $result];
}

printf("%6s %6s %10s %10s %8s %10s %14s %10s\n", 'lines', 'tools', 'report ms', 'encode ms', 'ratio', 'memory MB', 'checks/s', 'us/line');
foreach ([30, 300] as $tools) {
    foreach ([10, 100, 1000] as $lines) {
        $workbook = (new WorkbookCodec())->readStored(BenchWorkbook::of($lines, $tools));
        $scope = $workbook->scopes[0];
        $kit = $workbook->kits[0];
        $rules = $workbook->rulesFor($scope);
        memory_reset_peak_usage();
        [$report, $data] = best(static fn(): array => (new ReportWriter())->report(Coverage::of($kit, $scope, $rules)));
        $memory = memory_get_peak_usage() / 2 ** 20;
        [$encode] = best(static fn(): string => json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        $checks = 0;
        foreach ($scope->lines as $line) {
            foreach (Steps::of($line, $rules) as $step) {
                foreach ($kit->tools as $entry) {
                    $checks += $entry->tool->capabilitiesFor($step->operation) === [] ? 0 : 1;
                }
            }
        }
        printf("%6d %6d %10.2f %10.2f %8.2f %10.1f %14s %10.1f\n", $lines, $tools, $report, $encode, $report / $encode, $memory, number_format($checks / $report * 1000), 1000 * $report / $lines);
    }
}
echo "checks/s counts a step against every tool that has its operation, whether it was looked at or known to be the same\n";
