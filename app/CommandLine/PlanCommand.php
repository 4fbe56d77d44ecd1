<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Planning\AskedPlan;
use App\Planning\ShopPlan;
use Gondrik\Core\Covering\Deadline;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik plan WORKBOOK: what to add to a kit, for the least money, without a database. */
#[AsCommand('plan', 'Plans what to add to a kit. Exit 0: nothing stays open; 1: something does; 2: not a valid question.')]
final class PlanCommand extends Command
{
    private const OPEN = 1;

    private const NOT_VALID = 2;

    private const SECONDS = '120';

    protected function configure(): void
    {
        $many = InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY;
        $this->addArgument('workbook', InputArgument::REQUIRED, 'Workbook file (JSON)')
            ->addOption('scope', null, $many, 'Id of a scope; may be given several times')
            ->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit; without one, an empty kit')
            ->addOption('budget', null, InputOption::VALUE_REQUIRED, 'At most so many cents')
            ->addOption('mass', null, InputOption::VALUE_REQUIRED, 'At most so many grams, the whole kit')
            ->addOption('makeshift', null, InputOption::VALUE_NONE, 'Makeshift counts')
            ->addOption('without', null, $many, 'Id of a tool not to buy; may be given several times')
            ->addOption('with', null, $many, 'Id of a tool to buy in any case; may be given several times')
            ->addOption('rule', null, $many, 'A house rule as if it were so: KEY=VALUE; may be given several times')
            ->addOption('time-limit', null, InputOption::VALUE_REQUIRED, 'Seconds, after which the best found is told', self::SECONDS)
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = new WorkbookQuestion($input);
        try {
            $format = $asked->oneOf('format', ['text', 'json']);
            $seconds = $asked->seconds('time-limit');
            $question = $this->question($asked, $asked->workbook());
        } catch (InvalidWorkbook|\InvalidArgumentException $error) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($error->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::NOT_VALID;
        }
        $planner = new Planner($question, Deadline::in($seconds));
        $plan = $planner->plan();
        // The curve asks most, so it comes last where time is short.
        $curve = $planner->curve();
        $format === 'json'
            ? $output->writeln(json_encode((new PlanWriter())->plan($plan, $curve), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW)
            : (new TextPlan($output))->write($plan, $curve);

        return $plan->isWhole() ? self::SUCCESS : self::OPEN;
    }

    /** @throws \InvalidArgumentException */
    private function question(WorkbookQuestion $asked, Workbook $workbook): PlanQuestion
    {
        $plan = new AskedPlan(
            kit: $asked->isStated('kit') ? $asked->kit($workbook)->id : null,
            scopes: array_column($asked->scopes($workbook), 'id'),
            with: array_column($asked->tools('with', $workbook), 'id'),
            without: array_column($asked->tools('without', $workbook), 'id'),
            budget: $asked->amount('budget'),
            mass: $asked->amount('mass'),
            takesMakeshift: $asked->isSet('makeshift'),
            takesSingleSteps: true,
        );
        try {
            return (new ShopPlan($workbook, $asked->rules()))->question($plan);
        } catch (InvalidWorkbook $broken) {
            $problem = $broken->problems[0];

            throw new \InvalidArgumentException('--' . $problem->path . ' "' . $problem->value . '": ' . $problem->expected);
        }
    }
}
