<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Testing\TestResponse;
use Sabre\VObject\ElementList;
use Sabre\VObject\Node;
use Symfony\Component\Process\Process;
use Tests\TestCase;

// The release of this library that is to be had was written before PHP asked for return types: what PHP says of that when it loads
// these two is nothing of ours, and everything else that is deprecated fails.
$level = error_reporting(E_ALL & ~E_DEPRECATED);
class_exists(Node::class);
class_exists(ElementList::class);
error_reporting($level);

uses(TestCase::class, DatabaseTransactions::class)->in('Api');

/** A line that the demo does not have yet. */
const LINE = ['wire' => 'hookup-12', 'terminal' => 'ring-yellow-m6', 'quantity' => 14, 'wet' => true];

/** A wire that the demo does not have yet. */
const WIRE = ['name' => 'Bell wire 0.5', 'size' => '0.5 mm2', 'construction' => 'solid', 'insulation' => 'pvc'];

function personOf(Shop $shop, Role $role): User
{
    return $shop->users()->where('role', $role)->firstOrFail();
}

/** What a PDF says, by Debian's poppler. */
function pdfText(string $pdf): string
{
    $process = new Symfony\Component\Process\Process(['pdftotext', '-layout', '-', '-'], input: $pdf);
    $process->mustRun();

    return $process->getOutput();
}

/**
 * @param list<string> $head of a table
 *
 * @return list<array{index: int, says: string}> as the API wants it
 */
function columnsOf(array $head): array
{
    return array_map(static fn(string $name, int $index): array => ['index' => $index, 'says' => $name], $head, array_keys($head));
}

/** @return list<list<string>> */
function csvRows(TestResponse $response): array
{
    $file = fopen('php://memory', 'w+b');
    fwrite($file, $response->streamedContent());
    rewind($file);
    $rows = [];
    while (($cells = fgetcsv($file, null, ',', '"', '')) !== false) {
        $rows[] = $cells;
    }

    return $rows;
}

/** @param list<string> $arguments */
function gondrik(array $arguments): Process
{
    $process = new Process([dirname(__DIR__) . '/bin/gondrik', ...$arguments]);
    $process->run();

    return $process;
}
