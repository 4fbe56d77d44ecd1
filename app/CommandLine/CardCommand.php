<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\CardWriter;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik card WORKBOOK: the set-up card of one line with one kit, without a database. */
#[AsCommand('card', 'Writes the set-up card of one line. Exit 0: complete; 1: a step is a hole or the line is faulty; 2: not valid.')]
final class CardCommand extends Command
{
    private const INCOMPLETE = 1;

    private const NOT_VALID = 2;

    protected function configure(): void
    {
        $this->addArgument('workbook', InputArgument::REQUIRED, 'Workbook file (JSON)')
            ->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('line', null, InputOption::VALUE_REQUIRED, 'Id of the line')
            ->addOption('rule', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'A house rule as if it were so: KEY=VALUE; may be given several times')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = new WorkbookQuestion($input);
        try {
            $format = $asked->oneOf('format', ['text', 'json']);
            $workbook = $asked->workbook();
            $scope = $asked->scope($workbook);
            $rules = $workbook->rulesFor($scope, $asked->rules());
            $report = Coverage::of($workbook->onDay()->kit($asked->kit($workbook), null, $rules)->kit, $scope, $rules);
            $cover = self::line($report, $asked->option('line'));
        } catch (InvalidWorkbook|\InvalidArgumentException $error) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($error->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::NOT_VALID;
        }
        $card = SetUpCard::of($report, $cover);
        $written = (new CardWriter())->card($card);
        $format === 'json'
            ? $output->writeln(json_encode($written, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW)
            : (new TextCard($output))->write($card, $written);

        return $card->isComplete() ? self::SUCCESS : self::INCOMPLETE;
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
