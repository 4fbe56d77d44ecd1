<?php

declare(strict_types=1);

namespace App\History;

/** What a line of the history shows of an entry; all of it stands beside, to be taken back. */
final class Shown
{
    /** Of an entry with very many changes the first are told, and how many there are. */
    private const CHANGES = 20;

    /** Bytes of one change as JSON; of a larger one only what it is called. */
    private const LONGEST = 20_000;

    /**
     * @param list<array<string, mixed>> $changes as Change writes them
     * @param array<string, mixed>       $more    besides the changes
     *
     * @return array{changes: list<array<string, mixed>>, count: int, more: object}
     */
    public static function of(array $changes, array $more): array
    {
        return ['changes' => array_map(self::cut(...), array_slice($changes, 0, self::CHANGES)), 'count' => count($changes), 'more' => (object) $more];
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private static function cut(array $change): array
    {
        if (strlen(json_encode($change, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)) <= self::LONGEST) {
            return $change;
        }
        $named = static fn(mixed $thing): ?array => $thing instanceof \stdClass ? ['id' => $thing->id ?? null, 'name' => $thing->name ?? null] : null;

        return [...array_intersect_key($change, ['list' => true, 'scope' => true, 'id' => true]), 'before' => $named($change['before']), 'after' => $named($change['after'])];
    }
}
