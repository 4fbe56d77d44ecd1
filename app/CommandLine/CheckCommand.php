<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Output\ReportFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik check WORKBOOK: a kit against a scope, without a database. */
#[AsCommand('check', 'Checks what a kit covers of a scope. Exit 0: all of it; 1: holes or faulty lines; 2: not a valid question.')]
final class CheckCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('why', null, InputOption::VALUE_REQUIRED, 'In JSON, tell the tools not chosen for steps with gaps, or for all', 'gaps');
        $this->addSupposed()->addHand()->addRule()->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $why = $asked->oneOf('why', ['gaps', 'all']);
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $kit = $asked->kit($workbook);
        $scope = $asked->scope($workbook);
        $rules = $workbook->rulesFor($scope, $asked->rules());
        [$with, $without] = $asked->supposed($workbook);
        $day = $asked->day('on');
        $stands = $workbook->onDay()->kit($kit, $day, $rules, $with, $without)->with($asked->worker($workbook, $day));
        $report = Coverage::of($stands->kit, $scope, $rules);
        $format === 'json'
            ? self::json($output, (new ReportFile(all: $why === 'all'))->of($report, $stands))
            : (new TextReport($output))->write($report, $stands);

        return $report->isWhole() ? self::SUCCESS : self::OPEN;
    }
}
