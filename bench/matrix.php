<?php

declare(strict_types=1);

/*
 * How long the matrix takes: 20 kits of 40 tools against 30 scopes of 50 lines, all made up. Every number is the best of several runs
 * in this one process; "ratio" is the same by one report for each cell against the matrix.
 */

use Gondrik\Bench\BenchWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\CoverMatrix;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__ . '/../vendor/autoload.php';

function shop(int $kits, int $scopes, int $lines): Workbook
{
    $document = BenchWorkbook::of($scopes * $lines, 200);
    $all = $document->scopes[0]->lines;
    $document->scopes = array_map(static fn(int $n): \stdClass => (object) ['id' => 's' . $n, 'name' => 'Scope ' . $n, 'lines' => array_slice($all, $n * $lines, $lines)], range(0, $scopes - 1));
    $random = new Randomizer(new Mt19937(4));
    $document->kits = array_map(static fn(int $n): \stdClass => (object) ['id' => 'k' . $n, 'name' => 'Kit ' . $n, 'tools' => array_map(static fn(int $tool): \stdClass => (object) ['tool' => $document->tools[$tool]->id], $random->pickArrayKeys($document->tools, 40))], range(1, $kits));

    return (new WorkbookCodec())->readStored($document);
}

/** @return array{float, int} least milliseconds of several runs, and the terminations in holes */
function best(int $runs, Closure $run): array
{
    $least = INF;
    $holes = 0;
    for ($n = 0; $n < $runs; $n++) {
        $start = hrtime(true);
        $holes = $run();
        $least = min($least, (hrtime(true) - $start) / 1e6);
    }

    return [$least, $holes];
}

$shop = shop(20, 30, 50);
[$matrix, $found] = best(5, static fn(): int => array_sum(array_map(
    static fn($cell): int => $cell->headline->hole,
    CoverMatrix::of($shop->kits, $shop->scopes, $shop->rulesFor(...), static fn(Kit $kit, HouseRules $rules): KitAsItStands => KitAsItStands::onPaper($kit)),
)));
[$reports, $same] = best(1, static function () use ($shop): int {
    $holes = 0;
    foreach ($shop->kits as $kit) {
        foreach ($shop->scopes as $scope) {
            $holes += Coverage::onPaper($kit, $scope, $shop->rulesFor($scope))->headline->hole;
        }
    }

    return $holes;
});
if ($found !== $same) {
    throw new LogicException("the matrix has $found terminations in holes, the reports $same");
}
printf("%8s %8s %8s %10s %12s %8s\n", 'kits', 'scopes', 'lines', 'matrix ms', 'reports ms', 'ratio');
printf("%8d %8d %8d %10.1f %12.1f %8.1f\n", 20, 30, 50, $matrix, $reports, $reports / $matrix);
