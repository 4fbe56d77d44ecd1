<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik matrix WORKBOOK: every kit against every scope. */
#[AsCommand('matrix', 'Checks kits against scopes, each against each. Exit 0; 2: not a valid question.')]
final class MatrixCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('kit', null, self::MANY, 'Id of a kit; may be given several times; without one, all')
            ->addOption('scope', null, self::MANY, 'Id of a scope; may be given several times; without one, all');
        $this->addSupposed()->addHand()->addRule()->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $kits = $asked->some('kit', $workbook->kits);
        $scopes = $asked->some('scope', $workbook->scopes);
        $day = $asked->day('on');
        $rules = $asked->rules();
        [$with, $without] = $asked->supposed($workbook);
        $worker = $asked->worker($workbook, $day);
        $shop = $workbook->onDay();
        $reports = [];
        foreach ($kits as $kit) {
            foreach ($scopes as $scope) {
                $inForce = $workbook->rulesFor($scope, $rules);
                $reports[] = Coverage::of($shop->kit($kit, $day, $inForce, $with, $without)->kit->with($worker), $scope, $inForce);
            }
        }
        $format === 'json'
            ? self::json($output, [
                'on' => $day?->plain(),
                'kits' => array_map(static fn(Kit $kit): string => $kit->id, $kits),
                'scopes' => array_map(static fn(Scope $scope): string => $scope->id, $scopes),
                'cells' => array_map(self::cell(...), $reports),
            ])
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
