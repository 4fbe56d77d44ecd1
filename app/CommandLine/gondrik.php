<?php

declare(strict_types=1);

use App\CommandLine\CalcCommand;
use App\CommandLine\CalendarCommand;
use App\CommandLine\CardCommand;
use App\CommandLine\ChartCommand;
use App\CommandLine\CheckCommand;
use App\CommandLine\LabourCommand;
use App\CommandLine\LineCommand;
use App\CommandLine\MatrixCommand;
use App\CommandLine\PeopleCommand;
use App\CommandLine\PlanCommand;
use App\CommandLine\RotationCommand;
use App\CommandLine\SuppliesCommand;
use Symfony\Component\Console\Application;

$autoload = __DIR__ . '/../../vendor/autoload.php';
if (!is_file($autoload)) {
    fwrite(STDERR, "Packages are missing: run bin/start or bin/test once.\n");
    exit(2);
}
require $autoload;

// What PHP itself breaks off is told in a sentence too.
ini_set('display_errors', '0');
ini_set('log_errors', '0');
register_shutdown_function(static function (): void {
    $error = error_get_last();
    if ($error !== null && ($error['type'] & (E_ERROR | E_CORE_ERROR | E_COMPILE_ERROR)) !== 0) {
        $isTooMuch = preg_match('~^(Allowed memory size|Maximum execution time)~', $error['message']) === 1;
        fwrite(STDERR, ($isTooMuch ? 'gondrik: given up, this takes too much time or memory' : 'gondrik: ' . $error['message']) . "\n");
        exit(2);
    }
});

$application = new Application('gondrik');
$application->add(new CalcCommand());
$application->add(new CalendarCommand());
$application->add(new CardCommand());
$application->add(new ChartCommand());
$application->add(new CheckCommand());
$application->add(new LabourCommand());
$application->add(new LineCommand());
$application->add(new MatrixCommand());
$application->add(new PeopleCommand());
$application->add(new PlanCommand());
$application->add(new RotationCommand());
$application->add(new SuppliesCommand());
$application->setAutoExit(false);
$application->setCatchExceptions(false);
try {
    exit($application->run());
} catch (\Symfony\Component\Console\Exception\ExceptionInterface $error) {
    fwrite(STDERR, $error->getMessage() . "\n");
    exit(2);
}
