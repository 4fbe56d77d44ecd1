<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Bench\Asked;
use Gondrik\Core\Bench\Calculation;
use Gondrik\Core\Bench\Calculator;
use Gondrik\Core\Output\FigureWriter;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\PlainText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik calc WHAT: the arithmetic of the bench, every value with its source. It needs no workbook and no database. */
#[AsCommand('calc', 'Reckons what one looks up at the bench. Exit 0: answered; 2: not a valid question.')]
final class CalcCommand extends Command
{
    private const NOT_VALID = 2;

    protected function configure(): void
    {
        $this->addArgument('what', InputArgument::REQUIRED, implode(', ', array_column(Calculation::cases(), 'value')))
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
        foreach (Calculation::allOptions() as $name) {
            $of = array_filter(Calculation::cases(), static fn(Calculation $one): bool => in_array($name, $one->options(), true));
            $how = in_array($name, Calculation::flags(), true) ? InputOption::VALUE_NONE : InputOption::VALUE_REQUIRED;
            $this->addOption($name, null, $how, 'For ' . implode(', ', array_column($of, 'value')));
        }
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $format = (new WorkbookQuestion($input))->oneOf('format', ['text', 'json']);
            $what = (string) $input->getArgument('what');
            $calculation = Calculation::tryFrom($what)
                ?? throw new \InvalidArgumentException((PlainText::flaw($what) === null ? '"' . $what . '"' : 'This') . ' is nothing to reckon; there are ' . implode(', ', array_column(Calculation::cases(), 'value')));
            $answer = (new FigureWriter())->answer((new Calculator())->answer($calculation, $this->asked($input)));
        } catch (Invalid $error) {
            $said = $error->value === null ? '' : ' "' . $error->value . '"';

            return $this->refuse($output, '--' . $error->field . $said . ($error->value === null ? ' ' : ': ') . $error->expected);
        } catch (\InvalidArgumentException $error) {
            return $this->refuse($output, $error->getMessage());
        }
        $format === 'json'
            ? $output->writeln(json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW)
            : (new TextFigures($output))->write($answer);

        return self::SUCCESS;
    }

    private function asked(InputInterface $input): Asked
    {
        $values = [];
        foreach (Calculation::allOptions() as $name) {
            $value = $input->getOption($name);
            if ($value !== null && $value !== false) {
                $values[$name] = $value === true ? '' : (string) $value;
            }
        }

        return new Asked($values);
    }

    private function refuse(OutputInterface $output, string $why): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($why, OutputInterface::OUTPUT_RAW);

        return self::NOT_VALID;
    }
}
