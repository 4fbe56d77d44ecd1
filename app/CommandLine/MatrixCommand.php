<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\CoverMatrix;
use Gondrik\Core\Coverage\MatrixCell;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
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
        $cells = CoverMatrix::of(
            $kits,
            $scopes,
            static fn(Scope $scope): HouseRules => $workbook->rulesFor($scope, $rules),
            static fn(Kit $kit, HouseRules $inForce): KitAsItStands => $shop->kit($kit, $day, $inForce, $with, $without)->kit->with($worker),
        );
        $format === 'json'
            ? self::json($output, [
                'on' => $day?->plain(),
                'kits' => array_map(static fn(Kit $kit): string => $kit->id, $kits),
                'scopes' => array_map(static fn(Scope $scope): string => $scope->id, $scopes),
                'cells' => array_map(ReportWriter::cell(...), $cells),
            ])
            : self::table($output, $cells);

        return self::SUCCESS;
    }

    /** @param list<MatrixCell> $cells */
    private static function table(OutputInterface $output, array $cells): void
    {
        $rows = array_map(static fn(MatrixCell $cell): array => [
            $cell->kit->name,
            $cell->scope->name,
            $cell->headline->covered . ' of ' . $cell->headline->terminations,
            $cell->headline->makeshift,
            $cell->headline->hole,
            $cell->headline->faulty,
            $cell->holes,
        ], $cells);
        (new Table($output))->setStyle('compact')->setHeaders(['Kit', 'Scope', 'Covered', 'Makeshift', 'In a hole', 'Faulty', 'Holes'])->setRows($rows)->render();
    }
}
