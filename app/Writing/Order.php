<?php

declare(strict_types=1);

namespace App\Writing;

/** Ids one after the other, while some come, go and are moved: the lines of a scope, the things of a list. */
final class Order
{
    /** @param list<string> $ids */
    public function __construct(private array $ids) {}

    /** @return list<string> */
    public function ids(): array
    {
        return $this->ids;
    }

    /** @return string id of the line before it, "" for the first */
    public function before(string $id): string
    {
        $at = array_search($id, $this->ids, true);

        return is_int($at) && $at > 0 ? $this->ids[$at - 1] : '';
    }

    /** @param string|null $follows id of the line before it, "" for the first place; at the end where it is null or gone */
    public function add(string $id, ?string $follows): void
    {
        $at = $follows === null || $follows === '' ? false : array_search($follows, $this->ids, true);
        if ($follows === '') {
            array_unshift($this->ids, $id);
        } elseif ($at === false) {
            $this->ids[] = $id;
        } else {
            array_splice($this->ids, (int) $at + 1, 0, [$id]);
        }
    }

    public function remove(string $id): void
    {
        $this->ids = array_values(array_filter($this->ids, static fn(string $other): bool => $other !== $id));
    }

    /**
     * Those named come in this order in the places that they have together; all others stay.
     *
     * @param list<string> $ids
     */
    public function arrange(array $ids): void
    {
        $there = array_values(array_intersect($ids, $this->ids));
        $isMoved = array_fill_keys($there, true);
        $next = 0;
        $this->ids = array_map(static function (string $id) use ($isMoved, $there, &$next): string {
            return isset($isMoved[$id]) ? $there[$next++] : $id;
        }, $this->ids);
    }
}
