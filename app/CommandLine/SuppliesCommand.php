<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Output\SuppliesWriter;
use Gondrik\Core\Supplies\Buying;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik supplies WORKBOOK: what is on the shelf, what the work asks for, what to buy. */
#[AsCommand('supplies', 'Tells what is short of terminals, tubes and the rest, and the cheapest packs and boxes. Exit 0; 1: something is short that cannot be bought; 2: not a valid question.')]
final class SuppliesCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('scope', null, self::MANY, 'Id of a scope; may be given several times; without one, all')
            ->addOption('on', null, InputOption::VALUE_REQUIRED, 'The day; without it today');
        $this->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $scopes = $asked->some('scope', $workbook->scopes);
        $supplies = $workbook->supplies($scopes, $asked->day('on') ?? WorkbookQuestion::today());
        $format === 'json'
            ? self::json($output, (new SuppliesWriter())->supplies($supplies, count($workbook->register->boxes) <= Buying::EXACT))
            : $output->writeln(TextSupplies::lines($supplies, array_column($workbook->register->boxes, 'name', 'id')), OutputInterface::OUTPUT_RAW);

        return $supplies->isOpen() ? self::OPEN : self::SUCCESS;
    }
}
