<?php

declare(strict_types=1);

/*
 * How long a report takes: scopes of 10, 100 and 1,000 lines against kits of 30 and 300 tools, all made up. Every number is
 * the best of several runs in this one process; "ratio" is computing the report against json_encode-ing it. With a number
 * (`php bench/coverage.php 2`) it makes the largest report that many times and no more, for a tool that counts instructions:
 * callgrind's count for 2 less that for 1 is what one report costs.
 */

use Gondrik\Bench\BenchWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Workbook\SchemaCheck;
use Gondrik\Core\Workbook\Workbook;
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

function workbook(int $lines, int $tools): Workbook
{
    return (new WorkbookCodec())->readStored(BenchWorkbook::of($lines, $tools));
}

/** @return array<string, mixed> */
function report(Workbook $workbook): array
{
    $scope = $workbook->scopes[0];

    return (new ReportWriter())->report(Coverage::onPaper($workbook->kits[0], $scope, $workbook->rulesFor($scope)));
}

/** A step against every tool that has its operation, whether it was looked at or known to be the same. */
function checks(Workbook $workbook): int
{
    $steps = new Steps(new Operations($workbook->rulesFor($workbook->scopes[0])));
    $checks = 0;
    foreach ($workbook->scopes[0]->lines as $line) {
        foreach ($steps->of($line) as $step) {
            foreach ($workbook->kits[0]->tools as $entry) {
                $checks += $entry->tool->capabilitiesFor($step->operation) === [] ? 0 : 1;
            }
        }
    }

    return $checks;
}

if (isset($argv[1])) {
    $workbook = workbook(1000, 300);
    for ($n = 0; $n < (int) $argv[1]; $n++) {
        report($workbook);
    }
    exit(0);
}

printf("%6s %6s %10s %10s %8s %10s %10s %14s %10s\n", 'lines', 'tools', 'report ms', 'encode ms', 'ratio', 'bytes', 'memory MB', 'checks/s', 'us/line');
foreach ([30, 300] as $tools) {
    foreach ([10, 100, 1000] as $lines) {
        $workbook = workbook($lines, $tools);
        memory_reset_peak_usage();
        [$report, $data] = best(static fn(): array => report($workbook));
        $memory = memory_get_peak_usage() / 2 ** 20;
        [$encode, $text] = best(static fn(): string => json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        printf("%6d %6d %10.2f %10.2f %8.2f %10d %10.1f %14s %10.1f\n", $lines, $tools, $report, $encode, $report / $encode, strlen($text), $memory, number_format(checks($workbook) / $report * 1000), 1000 * $report / $lines);
    }
}
echo "checks/s counts a step against every tool that has its operation, whether it was looked at or known to be the same\n";

/** A workbook of so many wires that are none. */
function wrong(int $wires): stdClass
{
    return (object) ['gondrik' => 1, 'wires' => array_fill(0, $wires, new stdClass())];
}

[[$few], [$many]] = array_map(static fn(int $wires): array => best(static fn(): array => (new SchemaCheck())->problems(wrong($wires))), [1_000, 100_000]);
printf("100,000 wrong wires are refused in %.2f times the time of 1,000: the check ends at the most problems (aim: at most 3)\n", $many / $few);

/** A workbook of one tool with so many of the shortest capability. */
function capable(int $capabilities): stdClass
{
    return (object) ['gondrik' => 1, 'tools' => [(object) ['id' => 't', 'name' => 'T', 'kind' => 'soldering-iron', 'capabilities' => array_fill(0, $capabilities, (object) ['op' => 'solder'])]]];
}

/** A workbook of one kit with so many entries. */
function packed(int $entries): stdClass
{
    return (object) ['gondrik' => 1, 'kits' => [(object) ['id' => 'k', 'name' => 'K', 'tools' => array_fill(0, $entries, (object) ['tool' => 't'])]]];
}

[[$plain], [$conditional]] = array_map(static fn(stdClass $document): array => best(static fn(): array => (new SchemaCheck())->problems($document)), [packed(20_000), capable(20_000)]);
printf("20,000 capabilities are looked at in %.2f times the time of 20,000 entries of a kit: what an operation asks is asked once (aim: at most 3; ten conditions deep: 12)\n", $conditional / $plain);
