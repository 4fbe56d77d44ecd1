<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik matrix WORKBOOK: every kit against every scope. */
#[AsCommand('matrix', 'Checks kits against scopes, each against each. Exit 0; 2: not a valid question.')]
final class MatrixCommand extends Command
{
    private const NOT_VALID = 2;

    protected function configure(): void
    {
        $many = InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY;
        $this->addArgument('workbook', InputArgument::REQUIRED, 'Workbook file (JSON)')
            ->addOption('kit', null, $many, 'Id of a kit; may be given several times; without one, all')
            ->addOption('scope', null, $many, 'Id of a scope; may be given several times; without one, all')
            ->addOption('on', null, InputOption::VALUE_REQUIRED, 'The day: of a tracked kit what counts then; without it all is on paper')
            ->addOption('with', null, $many, 'Id of a tool as if it came to each kit; may be given several times')
            ->addOption('without', null, $many, 'Id of a tool as if it were not there; may be given several times')
            ->addOption('rule', null, $many, 'A house rule as if it were so: KEY=VALUE; may be given several times')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = new WorkbookQuestion($input);
        try {
            $format = $asked->oneOf('format', ['text', 'json']);
            $workbook = $asked->workbook();
            $kits = $asked->some('kit', $workbook->kits);
            $scopes = $asked->some('scope', $workbook->scopes);
            $day = $asked->day('on');
            $rules = $asked->rules();
            [$with, $without] = $asked->supposed($workbook);
        } catch (InvalidWorkbook|\InvalidArgumentException $error) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($error->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::NOT_VALID;
        }
        $shop = $workbook->onDay();
        $reports = [];
        foreach ($kits as $kit) {
            foreach ($scopes as $scope) {
                $inForce = $workbook->rulesFor($scope, $rules);
                $reports[] = Coverage::of($shop->kit($kit, $day, $inForce, $with, $without)->kit, $scope, $inForce);
            }
        }
        $format === 'json'
            ? $output->writeln(json_encode([
                'on' => $day?->plain(),
                'kits' => array_map(static fn(Kit $kit): string => $kit->id, $kits),
                'scopes' => array_map(static fn(Scope $scope): string => $scope->id, $scopes),
                'cells' => array_map(self::cell(...), $reports),
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW)
            : self::table($output, $reports);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function cell(Report $report): array
    {
        return ['kit' => $report->kit->of->id, 'scope' => $report->scope->id, 'headline' => ReportWriter::headline($report->headline), 'holes' => count($report->holes)];
    }

    /** @param list<Report> $reports */
    private static function table(OutputInterface $output, array $reports): void
    {
        $rows = array_map(static fn(Report $report): array => [
            $report->kit->of->name,
            $report->scope->name,
            $report->headline->covered . ' of ' . $report->headline->terminations,
            $report->headline->makeshift,
            $report->headline->hole,
            $report->headline->faulty,
            count($report->holes),
        ], $reports);
        (new Table($output))->setStyle('compact')->setHeaders(['Kit', 'Scope', 'Covered', 'Makeshift', 'In a hole', 'Faulty', 'Holes'])->setRows($rows)->render();
    }
}
