<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Rotation\OneMore;
use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Training\Station;

/** A rotation as plain data, in minutes from the start. */
final readonly class RotationWriter
{
    /**
     * @param array<string, string> $people    names by id
     * @param array<string, string> $exercises names by id
     *
     * @return array<string, mixed>
     */
    public function rotation(Rotation $rotation, array $people, array $exercises): array
    {
        $person = $rotation->bottleneckPerson();

        return [
            'session' => $rotation->session->id,
            'status' => $rotation->status()->value,
            ...$rotation->ring === null ? [] : ['reason' => [
                'code' => 'after.ring',
                'person' => $rotation->ring->person,
                'exercise' => $rotation->ring->exercises[0],
                'text' => self::ring($rotation, $people, $exercises),
            ]],
            'length' => $rotation->length(),
            'bound' => $rotation->bound(),
            'slots' => array_map(get_object_vars(...), $rotation->course->slots),
            'people' => $rotation->ring !== null ? [] : array_map(static fn(string $id): array => ['person' => $id, 'end' => $rotation->course->end($id), 'idle' => $rotation->course->idle($id)], $rotation->session->people),
            'stations' => $rotation->ring !== null ? [] : array_map(static fn(Station $station): array => ['station' => $station->id, 'busy' => $rotation->course->busy($station->id), 'share' => $rotation->course->share($station)], $rotation->stations),
            'bottleneck' => $rotation->bottleneckLength() === null ? null : [...$person === null ? ['stations' => $rotation->bottleneckStations()] : ['person' => $person], 'length' => $rotation->bottleneckLength()],
            'worth' => array_map(static fn(OneMore $more): array => get_object_vars($more), $rotation->worth),
        ];
    }

    /**
     * Why there is none, in a sentence; nothing where there is one.
     *
     * @param array<string, string> $people    names by id
     * @param array<string, string> $exercises names by id
     */
    public static function ring(Rotation $rotation, array $people, array $exercises): string
    {
        if ($rotation->ring === null) {
            return '';
        }
        $of = static fn(string $id): string => '“' . ($exercises[$id] ?? $id) . '”';
        $round = [...$rotation->ring->exercises, $rotation->ring->exercises[0]];

        return ($people[$rotation->ring->person] ?? $rotation->ring->person) . ' would have to go round in a ring: ' . implode(' comes after ', array_map($of, $round)) . '.';
    }
}
