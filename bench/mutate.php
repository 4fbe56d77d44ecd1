<?php

declare(strict_types=1);

/*
 * Makes the small changes of bench/mutations.php in the rules, one at a time, in a copy of the core, and asks the tests
 * each time whether they notice. A change that lives is a rule that no case holds. `composer mutate`, and with a number only
 * from there on.
 */

use Symfony\Component\Process\Process;

require __DIR__ . '/../vendor/autoload.php';

const ROOT = __DIR__ . '/..';
const COPY = ROOT . '/var/mutate';

/** By room, quick tests first: most changes do not get past the case tables. */
const SUITES = [
    'Planning' => ['WayTest|LendingTest', 'SubstitutesTest|CoveringTest', 'PlanTest|DemoPlanTest'],
    'Entry' => ['EntryTest', 'SheetTest'],
    'Sheet' => ['SheetTest'],
    'Listing' => ['ListingTest'],
    'Card' => ['CardTest'],
    'Catalogue' => ['CatalogueTest'],
];
const OTHER_SUITES = ['MatchTest|LineTest|KitTest|SizeTest|ScopeTest', 'CoverageTest|RulerTest|ReportWriterTest', 'MonotonyTest|WorkbookTest|GaugeTest'];

function shell(string $command): void
{
    (new Process(['bash', '-c', $command], ROOT, timeout: 600))->mustRun();
}

function isNoticed(string $file): bool
{
    foreach (SUITES[explode('/', $file)[1]] ?? OTHER_SUITES as $filter) {
        $run = new Process(['vendor/bin/pest', '--testsuite=core', '--compact', '--bail', '--filter', $filter], COPY, timeout: 600);
        if ($run->run() !== 0) {
            return true;
        }
    }

    return false;
}

shell('rm -rf var/mutate && mkdir -p var/mutate && cp -r core composer.json phpunit.xml var/mutate/ && cp -al vendor var/mutate/vendor && mkdir -p var/mutate/tests var/mutate/database && cp -r tests/Pest.php tests/TestCase.php var/mutate/tests/ && cp -r database/demo var/mutate/database/');
/** @var list<array{string, string, string}> $mutations file below core, what stands there, what is put in its place */
$mutations = require __DIR__ . '/mutations.php';
$from = (int) ($argv[1] ?? 1);
$living = [];
foreach ($mutations as $number => [$file, $stands, $put]) {
    if ($number + 1 < $from) {
        continue;
    }
    $path = COPY . '/core/' . $file;
    $source = (string) file_get_contents($path);
    if (substr_count($source, $stands) !== 1) {
        printf("%3d  %s: \"%s\" does not stand there just once any more\n", $number + 1, $file, $stands);
        $living[] = $number + 1;
        continue;
    }
    file_put_contents($path, str_replace($stands, $put, $source));
    $noticed = isNoticed($file);
    file_put_contents($path, $source);
    printf("%3d  %-9s %s: %s → %s\n", $number + 1, $noticed ? 'noticed' : 'LIVES', $file, trim($stands), trim($put));
    if (!$noticed) {
        $living[] = $number + 1;
    }
}
shell('rm -rf var/mutate');
printf("%d changes, %d noticed, %d live\n", count($mutations), count($mutations) - count($living), count($living));
exit($living === [] ? 0 : 1);
