<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Rotation\Conflict;
use Gondrik\Core\Rotation\Conflicts;
use Gondrik\Core\Rotation\Course;
use Gondrik\Core\Rotation\OneMore;
use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Rotation\Slot;
use Gondrik\Core\Rotation\Undone;
use Gondrik\Core\Rotation\Wait;
use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Station;
use Gondrik\Core\Workbook\Workbook;

/** How a class goes as plain data, with the names to draw it by; in minutes from the start. */
final readonly class CourseWriter
{
    /** @param Workbook $workbook with the people, stations and exercises of the class */
    public function __construct(private Workbook $workbook) {}

    /** @return array<string, mixed> */
    public function course(Course $course): array
    {
        $session = $course->session;
        $stations = $this->workbook->stationsOf($session);
        $exercises = $this->workbook->exercisesOf($session);
        $names = array_column($this->workbook->register->people, 'name', 'id');

        return [
            'length' => $course->length(),
            'pauses' => array_map(static fn(array $pause): array => ['from' => $pause[0], 'to' => $pause[1]], $session->pauses()),
            'slots' => array_map(get_object_vars(...), $course->slots),
            'people' => array_map(static fn(string $id): array => [
                'id' => $id,
                'name' => $names[$id],
                'end' => $course->end($id),
                'idle' => $course->idle($id),
                'waits' => array_map(static fn(Wait $wait): array => ['from' => $wait->from, 'to' => $wait->to], $course->waits($id)),
            ], $session->people),
            'stations' => array_map(static fn(Station $station): array => [
                'id' => $station->id,
                'name' => $station->name,
                'capacity' => $station->capacity,
                'busy' => $course->busy($station->id),
                'share' => $course->share($station),
            ], $stations),
            'exercises' => array_map(static fn(Exercise $exercise): array => [
                'id' => $exercise->id,
                'name' => $exercise->name,
                'minutes' => $session->rounded($exercise->minutes),
                'stations' => array_values(array_intersect($session->stations, $exercise->stations)),
            ], $exercises),
            'conflicts' => array_map(self::conflict(...), Conflicts::in($course, $stations, $exercises)),
            'undone' => array_map(static fn(Undone $undone): array => ['person' => $undone->person, 'exercise' => $undone->exercise, 'gone' => $undone->isGone], $course->undone($exercises)),
        ];
    }

    /** @return array<string, mixed> without a course where there is none */
    public function rotation(Rotation $rotation): array
    {
        $people = array_column($this->workbook->register->people, 'name', 'id');
        $exercises = array_column($this->workbook->register->exercises, 'name', 'id');

        return [
            'status' => $rotation->status()->value,
            'reason' => $rotation->ring === null ? null : RotationWriter::ring($rotation, $people, $exercises),
            'length' => $rotation->length(),
            'bound' => $rotation->bound(),
            'inTime' => $rotation->isInTime(),
            'bottleneck' => $rotation->bottleneckLength() === null ? null : ['person' => $rotation->bottleneckPerson(), 'stations' => $rotation->bottleneckStations(), 'length' => $rotation->bottleneckLength()],
            'course' => $rotation->ring === null ? $this->course($rotation->course) : null,
        ];
    }

    /**
     * @param list<OneMore> $worth
     *
     * @return array<string, mixed>
     */
    public static function worth(array $worth): array
    {
        return ['worth' => array_map(get_object_vars(...), $worth)];
    }

    /** @return array<string, mixed> */
    private static function conflict(Conflict $conflict): array
    {
        return [
            'code' => $conflict->code->value,
            'slots' => array_map(static fn(Slot $slot): array => ['person' => $slot->person, 'exercise' => $slot->exercise, 'station' => $slot->station], $conflict->slots),
            'from' => $conflict->from,
            'to' => $conflict->to,
        ];
    }
}
