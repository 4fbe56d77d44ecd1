<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Output\DayWriter;
use Gondrik\Core\Output\ReportWriter;
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
        $many = InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY;
        $this->addArgument('workbook', InputArgument::REQUIRED, 'Workbook file (JSON)')
            ->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('why', null, InputOption::VALUE_REQUIRED, 'In JSON, tell the tools not chosen for steps with gaps, or for all', 'gaps')
            ->addOption('on', null, InputOption::VALUE_REQUIRED, 'The day: of a tracked kit what counts then; without it all is on paper')
            ->addOption('with', null, $many, 'Id of a tool as if it came to the kit; may be given several times')
            ->addOption('without', null, $many, 'Id of a tool as if it were not there; may be given several times')
            ->addOption('rule', null, $many, 'A house rule as if it were so: KEY=VALUE; may be given several times')
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
            $rules = $workbook->rulesFor($scope, $asked->rules());
            [$with, $without] = $asked->supposed($workbook);
            $stands = $workbook->onDay()->kit($kit, $asked->day('on'), $rules, $with, $without);
        } catch (InvalidWorkbook|\InvalidArgumentException $error) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($error->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::NOT_VALID;
        }
        $report = Coverage::of($stands->kit, $scope, $rules);
        $format === 'json'
            ? $output->writeln($this->json($report, $stands, $why === 'all'), OutputInterface::OUTPUT_RAW)
            : (new TextReport($output))->write($report, $stands);

        return $report->isWhole() ? self::SUCCESS : self::GAPS;
    }

    private function json(Report $report, KitOnDay $stands, bool $all): string
    {
        $others = new Others($report->kit, $report->rules);
        $writer = new ReportWriter(
            others: static fn(StepCover $cover): ?array => $all || $cover->status !== Status::Covered ? $others->of($cover) : null,
            tellsAssets: $stands->day !== null,
        );
        $written = $writer->report($report);

        return json_encode([...$written, ...$stands->day === null ? [] : (new DayWriter())->kit($stands)], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
