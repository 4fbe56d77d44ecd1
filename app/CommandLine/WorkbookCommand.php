<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A question about a workbook: answered as text or JSON, or told by what it names where it is none. */
abstract class WorkbookCommand extends Command
{
    /** Answered, and something is open. */
    protected const OPEN = 1;

    protected const NOT_VALID = 2;

    /** An option that may be given several times. */
    protected const MANY = InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY;

    /**
     * The exit code.
     *
     * @throws InvalidWorkbook|\InvalidArgumentException where it is no valid question
     */
    abstract protected function answer(WorkbookQuestion $asked, OutputInterface $output): int;

    protected function configure(): void
    {
        $this->addArgument('workbook', InputArgument::REQUIRED, 'Workbook file (JSON)');
    }

    protected function addFormat(): static
    {
        return $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function addRule(): static
    {
        return $this->addOption('rule', null, self::MANY, 'A house rule as if it were so: KEY=VALUE; may be given several times');
    }

    protected function addHand(): static
    {
        return $this->addOption('hand', null, InputOption::VALUE_REQUIRED, 'Id of a person who works with it: their hand in place of the kit\'s, and what they are signed off for');
    }

    /** What is asked of a day, and as if tools came or were not there. */
    protected function addSupposed(): static
    {
        return $this->addOption('on', null, InputOption::VALUE_REQUIRED, 'The day: of a tracked kit what counts then; without it all is on paper')
            ->addOption('with', null, self::MANY, 'Id of a tool as if it came to the kit; may be given several times')
            ->addOption('without', null, self::MANY, 'Id of a tool as if it were not there; may be given several times');
    }

    final protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return $this->answer(new WorkbookQuestion($input), $output);
        } catch (InvalidWorkbook|\InvalidArgumentException $error) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($error->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::NOT_VALID;
        }
    }

    /** @param array<string, mixed> $answer */
    protected static function json(OutputInterface $output, array $answer): void
    {
        $output->writeln(json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);
    }
}
