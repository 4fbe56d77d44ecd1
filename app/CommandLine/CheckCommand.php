<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik check WORKBOOK: a kit against a scope, without a database. */
#[AsCommand('check', 'Checks what a kit covers of a scope. Exit 0: all of it; 1: holes or faulty lines; 2: not a valid question.')]
final class CheckCommand extends Command
{
    private const GAPS = 1;

    private const NOT_VALID = 2;

    protected function configure(): void
    {
        $this->addArgument('workbook', InputArgument::REQUIRED, 'Workbook file (JSON)')
            ->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('why', null, InputOption::VALUE_REQUIRED, 'In JSON, tell the tools not chosen for steps with gaps, or for all', 'gaps')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = new WorkbookQuestion($input);
        try {
            $why = $asked->oneOf('why', ['gaps', 'all']);
            $format = $asked->oneOf('format', ['text', 'json']);
            $workbook = $asked->workbook();
            $kit = $asked->kit($workbook);
            $scope = $asked->scope($workbook);
        } catch (InvalidWorkbook|\InvalidArgumentException $error) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($error->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::NOT_VALID;
        }
        $rules = $workbook->rulesFor($scope);
        $report = Coverage::onPaper($kit, $scope, $rules);
        $format === 'json'
            ? $output->writeln($this->json($report, $rules, $why === 'all'), OutputInterface::OUTPUT_RAW)
            : (new TextReport($output))->write($report);

        return $report->isWhole() ? self::SUCCESS : self::GAPS;
    }

    private function json(Report $report, HouseRules $rules, bool $all): string
    {
        $others = new Others($report->kit, $rules);
        $writer = new ReportWriter(others: static fn(StepCover $cover): ?array => $all || $cover->status !== Status::Covered ? $others->of($cover) : null);

        return json_encode($writer->report($report), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
