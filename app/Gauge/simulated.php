<?php

declare(strict_types=1);

/* bin/gauge. */

require __DIR__ . '/../../vendor/autoload.php';

use App\Gauge\SimulatedGaugeCommand;
use Symfony\Component\Console\Application;

$application = new Application('gauge');
$application->add(new SimulatedGaugeCommand());
$application->setDefaultCommand('gauge', true)->run();
