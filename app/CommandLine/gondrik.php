<?php

declare(strict_types=1);

use App\CommandLine\CheckCommand;
use Symfony\Component\Console\Application;

$autoload = __DIR__ . '/../../vendor/autoload.php';
if (!is_file($autoload)) {
    fwrite(STDERR, "Packages are missing: run bin/start or bin/test once.\n");
    exit(2);
}
require $autoload;

$application = new Application('gondrik');
$application->add(new CheckCommand());
$application->setAutoExit(false);
$application->setCatchExceptions(false);
try {
    exit($application->run());
} catch (\Symfony\Component\Console\Exception\ExceptionInterface $error) {
    fwrite(STDERR, $error->getMessage() . "\n");
    exit(2);
}
