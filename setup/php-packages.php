<?php

declare(strict_types=1);

/*
 * php setup/php-packages.php          says which installed PHP packages differ from setup/php-packages.txt; exit code 1 where one does
 * php setup/php-packages.php --write  writes that list from what is installed (composer pin)
 */

require __DIR__ . '/../vendor/autoload.php';

use Composer\InstalledVersions;

const PINS = __DIR__ . '/php-packages.txt';

$installed = [];
foreach (InstalledVersions::getInstalledPackages() as $name) {
    // What another package stands in for has no version of its own.
    $version = InstalledVersions::getPrettyVersion($name);
    if ($version !== null && $name !== InstalledVersions::getRootPackage()['name']) {
        $installed[] = $name . ' ' . $version;
    }
}
sort($installed);
$pinned = array_values(array_filter(array_map(trim(...), (array) file(PINS)), static fn(string $row): bool => $row !== '' && !str_starts_with($row, '#')));

if (($argv[1] ?? '') === '--write') {
    file_put_contents(PINS, "# Every PHP package and its exact version: setup/packages.sh installs by it, bin/test compares, composer pin writes it anew.\n" . implode("\n", $installed) . "\n");
    exit(0);
}
foreach (array_diff($installed, $pinned) as $package) {
    fwrite(STDERR, $package . " is installed and not pinned so: composer pin\n");
}
foreach (array_diff($pinned, $installed) as $package) {
    fwrite(STDERR, $package . " is pinned and not installed so\n");
}
exit($installed === $pinned ? 0 : 1);
