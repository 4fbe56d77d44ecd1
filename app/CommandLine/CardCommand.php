<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\CardWriter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik card WORKBOOK: the set-up card of one line with one kit, without a database. */
#[AsCommand('card', 'Writes the set-up card of one line. Exit 0: complete; 1: a step is a hole or the line is faulty; 2: not valid.')]
final class CardCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('line', null, InputOption::VALUE_REQUIRED, 'Id of the line');
        $this->addHand()->addRule()->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $scope = $asked->scope($workbook);
        $rules = $workbook->rulesFor($scope, $asked->rules());
        $report = Coverage::of($workbook->onDay()->kit($asked->kit($workbook), null, $rules)->kit->with($asked->worker($workbook)), $scope, $rules);
        $cover = self::line($report, $asked->option('line'));
        $card = SetUpCard::of($report, $cover);
        $written = (new CardWriter())->card($card);
        $format === 'json'
            ? self::json($output, $written)
            : (new TextCard($output))->write($card, $written);

        return $card->isComplete() ? self::SUCCESS : self::OPEN;
    }

    private static function line(Report $report, string $id): LineCover
    {
        $ids = [];
        foreach ($report->lines as $cover) {
            if ($cover->line->id === $id) {
                return $cover;
            }
            $ids[] = $cover->line->id;
        }

        throw new \InvalidArgumentException('--line "' . $id . '": no line of the scope has this id; there are ' . ($ids === [] ? 'none' : implode(', ', $ids)));
    }
}
