<?php

declare(strict_types=1);

/*
 * Tells how long each runner's tests took together, and the twenty slowest of all, out of the JUnit files of a folder.
 *
 * php setup/slowest.php FOLDER
 */

const MOST = 20;

$tests = $together = [];
foreach (glob($argv[1] . '/*.xml') ?: [] as $file) {
    $document = new DOMDocument();
    if (!@$document->load($file)) {
        continue;
    }
    $runner = basename($file, '.xml');
    foreach ($document->getElementsByTagName('testcase') as $case) {
        $seconds = (float) $case->getAttribute('time');
        $together[$runner] = ($together[$runner] ?? 0.0) + $seconds;
        $tests[] = [$seconds, $runner, preg_replace('~[\\p{Cc}\\s]+~u', ' ', $case->getAttribute('name'))];
    }
}
usort($tests, static fn(array $one, array $other): int => $other[0] <=> $one[0]);
foreach ($together as $runner => $seconds) {
    printf("%7.1f s  %s, all its tests\n", $seconds, $runner);
}
foreach (array_slice($tests, 0, MOST) as [$seconds, $runner, $name]) {
    printf("%7.1f s  %-8s %s\n", $seconds, $runner, mb_strimwidth((string) $name, 0, 110, '…'));
}
