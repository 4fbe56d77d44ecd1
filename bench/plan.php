<?php

declare(strict_types=1);

/*
 * The covering problem behind planning against CBC (Debian package coinor-cbc): 20 problems made by hand and 200 made-up shops
 * of up to 300 steps and 200 tools. Each must come to the same figures; told are the times as ratios, ours to CBC's, both asked
 * for every level of the order in which plans are preferred.
 */

use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Tests\Support\CbcSolver;
use Gondrik\Core\Tests\Support\CoveringProblems;
use Gondrik\Core\Value\Deadline;

require __DIR__ . '/../vendor/autoload.php';

const SHOPS = 200;

/** @return array{float, float} seconds, ours and CBC's */
function raced(string $name, Instance $instance): array
{
    $start = hrtime(true);
    $worth = (new Optimum(Deadline::never()))->of($instance)?->worth;
    $ours = (hrtime(true) - $start) / 1e9;
    $cbc = new CbcSolver();
    $found = $cbc->solve($instance);
    $figures = $worth === null ? null : ['won' => $worth->won, 'money' => $worth->money, 'fine' => $worth->fine, 'count' => $worth->count, 'mass' => $worth->mass];
    if ($figures !== $found) {
        fwrite(STDERR, $name . ': ' . json_encode($figures) . ', and CBC finds ' . json_encode($found) . "\n");
        exit(1);
    }

    return [$ours, $cbc->cbc->seconds];
}

$ratios = [];
$slowest = [0.0, ''];
foreach ([...CoveringProblems::byHand(), ...array_combine(array_map(static fn(int $seed): string => 'shop ' . $seed, range(1, SHOPS)), array_map(CoveringProblems::random(...), range(1, SHOPS)))] as $name => $instance) {
    [$ours, $cbc] = raced($name, $instance);
    $ratios[] = $ours / $cbc;
    $slowest = max($slowest, [$ours, $name]);
}
sort($ratios);
$at = static fn(float $share): float => $ratios[(int) floor($share * (count($ratios) - 1))];
printf("plans       %d problems come to the same figures as CBC's\n", count($ratios));
printf("time        ratio to CBC: median %.2f, nine of ten below %.2f, worst %.2f\n", $at(0.5), $at(0.9), $at(1.0));
printf("slowest     %s, %.1f s; memory %.0f MB at most\n", $slowest[1], $slowest[0], memory_get_peak_usage(true) / 1048576);
