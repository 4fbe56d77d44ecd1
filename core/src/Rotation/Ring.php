<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;

/** An order that goes round: what one person would have to do before it is done. */
final readonly class Ring
{
    /** @param non-empty-list<string> $exercises ids, each after the next, the last after the first */
    private function __construct(public string $person, public array $exercises) {}

    /**
     * The first that is found: by the people, then by the exercises of the session; null where there is none.
     *
     * @param list<Exercise> $exercises of the session
     */
    public static function in(Session $session, array $exercises): ?self
    {
        foreach ($session->people as $person) {
            $after = [];
            foreach ($exercises as $exercise) {
                if ($exercise->isFor($person)) {
                    $after[$exercise->id] = $exercise->after;
                }
            }
            foreach ($exercises as $exercise) {
                $ring = isset($after[$exercise->id]) ? self::through($exercise->id, $after) : null;
                if ($ring !== null) {
                    return new self($person, $ring);
                }
            }
        }

        return null;
    }

    /**
     * The shortest way round from an exercise to itself.
     *
     * @param array<string, list<string>> $after what comes before each that the person does
     *
     * @return non-empty-list<string>|null
     */
    private static function through(string $start, array $after): ?array
    {
        $ways = [[$start]];
        $seen = [];
        while ($ways !== []) {
            $way = array_shift($ways);
            foreach ($after[$way[count($way) - 1]] as $earlier) {
                if ($earlier === $start) {
                    return $way;
                }
                if (isset($after[$earlier]) && !isset($seen[$earlier])) {
                    $seen[$earlier] = true;
                    $ways[] = [...$way, $earlier];
                }
            }
        }

        return null;
    }
}
