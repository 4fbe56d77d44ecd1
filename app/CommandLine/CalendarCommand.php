<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Calendar\Calendar;
use Gondrik\Core\Calendar\CalendarDay;
use Gondrik\Core\Output\DayWriter;
use Gondrik\Core\Wording\Sentence;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik calendar WORKBOOK: what a kit covers of a scope from day to day. */
#[AsCommand('calendar', 'Tells on which days what a kit covers changes. Exit 0: all covered on every day; 1: holes or faulty lines on one; 2: not valid.')]
final class CalendarCommand extends WorkbookCommand
{
    /** More than ten years are no plan. */
    private const MOST_DAYS = 3_660;

    protected function configure(): void
    {
        parent::configure();
        $this->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('from', null, InputOption::VALUE_REQUIRED, 'The first day')
            ->addOption('days', null, InputOption::VALUE_REQUIRED, 'So many days from it on', '365');
        $this->addRule()->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $kit = $asked->kit($workbook);
        $scope = $asked->scope($workbook);
        $from = $asked->day('from') ?? throw new \InvalidArgumentException('--from is missing: say the first day, like 2027-03-14');
        $many = $asked->amount('days') ?? 0;
        if ($many < 1 || $many > self::MOST_DAYS) {
            throw new \InvalidArgumentException('--days "' . $many . '": must be a whole number from 1 to ' . self::MOST_DAYS);
        }
        $rules = $workbook->rulesFor($scope, $asked->rules());
        $days = (new Calendar($workbook->onDay(), $kit, $scope, $rules))->days($from, $many);
        $answer = ['kit' => $kit->id, 'scope' => $scope->id, 'from' => $from->plain(), 'to' => $from->plus($many - 1)->plain(), 'days' => (new DayWriter())->days($days)];
        $format === 'json'
            ? self::json($output, $answer)
            : $output->writeln([$kit->name . ' × ' . $scope->name . ', ' . $answer['from'] . ' to ' . $answer['to'], ...array_merge(...array_map(self::told(...), $days))], OutputInterface::OUTPUT_RAW);

        return array_filter($days, static fn(CalendarDay $day): bool => $day->headline->hole > 0 || $day->headline->faulty > 0) === [] ? self::SUCCESS : self::OPEN;
    }

    /** @return list<string> */
    private static function told(CalendarDay $day): array
    {
        $headline = $day->headline;
        $told = [sprintf('%s  %d of %d covered, %d makeshift, %d in a hole, %d faulty', $day->on, $headline->covered, $headline->terminations, $headline->makeshift, $headline->hole, $headline->faulty)];
        foreach ($day->changes as $change) {
            $told[] = '            ' . $change->asset->id . ', ' . $change->asset->tool->name . ': ' . ($change->standing->code === null ? 'counts from here on.' : (new Sentence())->away($change->standing));
        }

        return $told;
    }
}
