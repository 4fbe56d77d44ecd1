<?php

declare(strict_types=1);

namespace App\Print;

use Gondrik\Core\Rotation\Course;
use Gondrik\Core\Rotation\Slot;
use Gondrik\Core\Rotation\Wait;
use Gondrik\Core\Value\Clock;
use Gondrik\Core\Workbook\Workbook;

/** The timetable of a class on paper: a sheet for each person, to be carried and ticked off, or for each station, to be hung up there. */
final readonly class ClassSheet
{
    /** @var array<string, string> by id */
    private array $people;

    /** @var array<string, string> by id */
    private array $stations;

    /** @var array<string, string> by id */
    private array $exercises;

    /** @param Workbook $workbook with all that the session names */
    public function __construct(private Course $course, Workbook $workbook)
    {
        $this->people = array_column($workbook->register->people, 'name', 'id');
        $this->stations = array_column($workbook->register->stations, 'name', 'id');
        $this->exercises = array_column($workbook->register->exercises, 'name', 'id');
    }

    /** @return list<array{of: string, said: string, head: array{string, string}, rows: list<array{from: string, to: string, what: string, where: string, done: bool}>}> */
    public function ofPeople(): array
    {
        return array_map(fn(string $person): array => [
            'of' => $this->people[$person],
            'said' => $this->course->of($person) === [] ? 'Nothing is planned.' : 'Done at ' . $this->clock($this->course->end($person)) . '.',
            'head' => ['What', 'Where'],
            'rows' => $this->inOrder([
                ...array_map(fn(Slot $slot): array => [$slot->from, $slot->to, $this->exercises[$slot->exercise], $this->stations[$slot->station], true], $this->course->of($person)),
                ...array_map(static fn(Wait $wait): array => [$wait->from, $wait->to, 'Free: a look at the tables, the practice log, judging pieces', '', false], $this->course->waits($person)),
                ...$this->pausesUntil($this->course->end($person)),
            ]),
        ], $this->course->session->people);
    }

    /** @return list<array{of: string, said: string, head: array{string, string}, rows: list<array{from: string, to: string, what: string, where: string, done: bool}>}> */
    public function ofStations(): array
    {
        return array_map(fn(string $station): array => [
            'of' => $this->stations[$station],
            'said' => $this->course->at($station) === [] ? 'Nobody is planned here.' : 'In use for ' . $this->course->busy($station) . ' minutes.',
            'head' => ['Who', 'What'],
            'rows' => $this->inOrder([
                ...array_map(fn(Slot $slot): array => [$slot->from, $slot->to, $this->people[$slot->person], $this->exercises[$slot->exercise], true], $this->course->at($station)),
                ...$this->pausesUntil(max([0, ...array_map(static fn(Slot $slot): int => $slot->to, $this->course->at($station))])),
            ]),
        ], $this->course->session->stations);
    }

    /** @return list<array{int, int, string, string, bool}> */
    private function pausesUntil(int $end): array
    {
        return array_map(
            static fn(array $pause): array => [$pause[0], $pause[1], 'Break', '', false],
            array_values(array_filter($this->course->session->pauses(), static fn(array $pause): bool => $pause[0] < $end)),
        );
    }

    /**
     * @param list<array{int, int, string, string, bool}> $rows
     *
     * @return list<array{from: string, to: string, what: string, where: string, done: bool}>
     */
    private function inOrder(array $rows): array
    {
        sort($rows);

        return array_map(fn(array $row): array => ['from' => $this->clock($row[0]), 'to' => $this->clock($row[1]), 'what' => $row[2], 'where' => $row[3], 'done' => $row[4]], $rows);
    }

    private function clock(int $minutes): string
    {
        return (string) Clock::at($this->course->session->begins()->minutes + $minutes);
    }
}
