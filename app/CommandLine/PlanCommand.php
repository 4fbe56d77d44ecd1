<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Planning\AskedPlan;
use App\Planning\ShopPlan;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Value\Deadline;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik plan WORKBOOK: what to add to a kit, for the least money, without a database. */
#[AsCommand('plan', 'Plans what to add to a kit. Exit 0: nothing stays open; 1: something does; 2: not a valid question.')]
final class PlanCommand extends WorkbookCommand
{
    private const SECONDS = '120';

    protected function configure(): void
    {
        parent::configure();
        $this->addOption('scope', null, self::MANY, 'Id of a scope; may be given several times')
            ->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit; without one, an empty kit')
            ->addOption('budget', null, InputOption::VALUE_REQUIRED, 'At most so many cents')
            ->addOption('mass', null, InputOption::VALUE_REQUIRED, 'At most so many grams, the whole kit')
            ->addOption('makeshift', null, InputOption::VALUE_NONE, 'Makeshift counts')
            ->addOption('without', null, self::MANY, 'Id of a tool not to buy; may be given several times')
            ->addOption('with', null, self::MANY, 'Id of a tool to buy in any case; may be given several times')
            ->addOption('on', null, InputOption::VALUE_REQUIRED, 'Day on which the kit is planned for; what is lent or past a due may be called back or renewed')
            ->addOption('time-limit', null, InputOption::VALUE_REQUIRED, 'Seconds, after which the best found is told', self::SECONDS);
        $this->addHand()->addRule()->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $seconds = $asked->seconds('time-limit');
        $question = $this->question($asked, $asked->workbook());
        $planner = new Planner($question, Deadline::in($seconds));
        $plan = $planner->plan();
        // The curve asks most, so it comes last where time is short.
        $curve = $planner->curve();
        $format === 'json'
            ? self::json($output, (new PlanWriter())->plan($plan, $curve))
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
            means: [Means::Buy, Means::Renew, Means::CallBack],
            takesSingleSteps: true,
            on: $asked->day('on'),
        );
        try {
            return (new ShopPlan($workbook, $asked->rules(), $asked->worker($workbook, $plan->on)))->question($plan);
        } catch (InvalidWorkbook $broken) {
            $problem = $broken->problems[0];

            throw new \InvalidArgumentException('--' . $problem->path . ' "' . $problem->value . '": ' . $problem->expected);
        }
    }
}
