<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Output\RotationWriter;
use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Rotation\RotationStatus;
use Gondrik\Core\Value\Clock;
use Gondrik\Core\Wording\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik rotation WORKBOOK: who of a class is when at which station. */
#[AsCommand('rotation', 'Tells who of a class is when at which station. Exit 0; 1: there is no such rotation, or it is not done when it is to be; 2: not a valid question.')]
final class RotationCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('session', null, InputOption::VALUE_REQUIRED, 'Id of the session')
            ->addOption('time-limit', null, InputOption::VALUE_REQUIRED, 'Seconds for each question', '10')
            ->addOption('now', null, InputOption::VALUE_REQUIRED, 'A time, as 09:10: what the timetable that is kept has begun by then stays, and only the rest is planned')
            ->addOption('more', null, self::MANY, 'Id of a station of which is asked what one place more is worth; may be given several times');
        $this->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $seconds = $asked->seconds('time-limit');
        $workbook = $asked->workbook();
        $session = $asked->session($workbook);
        $rotation = $workbook->rotation($session, $seconds, $asked->stationsOf($session, 'more'), $asked->minutesOf($session, 'now'));
        $people = array_column($workbook->register->people, 'name', 'id');
        $exercises = array_column($workbook->register->exercises, 'name', 'id');
        $format === 'json'
            ? self::json($output, (new RotationWriter())->rotation($rotation, $people, $exercises))
            : $output->writeln(self::told($rotation, $people, $exercises), OutputInterface::OUTPUT_RAW);

        return $rotation->isInTime() ? self::SUCCESS : self::OPEN;
    }

    /**
     * @param array<string, string> $people    names by id
     * @param array<string, string> $exercises names by id
     *
     * @return list<string>
     */
    private static function told(Rotation $rotation, array $people, array $exercises): array
    {
        if ($rotation->ring !== null) {
            return [RotationWriter::ring($rotation, $people, $exercises)];
        }
        $session = $rotation->session;
        $stations = array_column($rotation->stations, 'name', 'id');
        $clock = static fn(int $minutes): string => (string) Clock::at($session->begins()->minutes + $minutes);
        $lines = [
            sprintf('%s takes %s, from %s to %s.', $session->name, Words::counted((int) $rotation->length(), 'minute'), $clock(0), $clock((int) $rotation->length())),
            $rotation->status() === RotationStatus::Optimal ? 'There is no shorter one.' : sprintf('Whether there is a shorter one is not known; none is shorter than %d minutes.', $rotation->bound()),
            ...$rotation->isInTime() ? [] : [sprintf('It was to be done by %s.', $session->until)],
        ];
        if ($rotation->bottleneckLength() !== null) {
            $who = $rotation->bottleneckPerson();
            $who = $who === null ? implode(', ', array_map(static fn(string $id): string => $stations[$id], $rotation->bottleneckStations())) : $people[$who];
            $lines[] = sprintf('What makes it last: %s, %d minutes by itself.', $who, $rotation->bottleneckLength());
        }
        foreach ($rotation->worth as $more) {
            $lines[] = sprintf('With one more place at %s: %d minutes.', $stations[$more->station], $more->length);
        }
        foreach ($session->people as $person) {
            $lines[] = $people[$person] . ': done at ' . $clock($rotation->course->end($person)) . ', waits ' . Words::counted($rotation->course->idle($person), 'minute');
            foreach ($rotation->course->of($person) as $slot) {
                $lines[] = '  ' . $clock($slot->from) . '–' . $clock($slot->to) . ' ' . $exercises[$slot->exercise] . ' (' . $stations[$slot->station] . ')';
            }
        }

        return $lines;
    }
}
