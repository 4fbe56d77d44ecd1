<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** An instance without limits as parts that have nothing to do with each other. */
final class Parts
{
    /** @return list<array{Instance, list<int>}> each with the items it has in the whole */
    public static function of(Instance $instance): array
    {
        $parent = array_keys($instance->items);
        $find = static function (int $item) use (&$parent): int {
            while ($parent[$item] !== $item) {
                $item = $parent[$item] = $parent[$parent[$item]];
            }

            return $item;
        };
        $join = static function (array $items) use (&$parent, $find): void {
            foreach ($items as $item) {
                $parent[$find($item)] = $find($items[0]);
            }
        };
        foreach ([...$instance->must, ...array_merge(...array_map(static fn(Group $group): array => $group->rows, $instance->fine))] as $row) {
            $join($instance->rows[$row]);
        }
        foreach ($instance->fine as $group) {
            $join(array_merge(...array_map(static fn(int $row): array => $instance->rows[$row], $group->rows)));
        }
        foreach ($instance->items as $index => $item) {
            foreach ($item->needs as $either) {
                $join([$index, ...$either]);
            }
        }
        $parts = [];
        foreach (array_keys($instance->items) as $item) {
            $parts[$find($item)]['items'][] = $item;
        }
        foreach ($instance->must as $row) {
            $parts[$instance->rows[$row] === [] ? -1 : $find($instance->rows[$row][0])]['must'][] = $row;
        }
        foreach ($instance->fine as $group) {
            $of = array_merge(...array_map(static fn(int $row): array => $instance->rows[$row], $group->rows));
            if ($of !== []) {
                $parts[$find($of[0])]['fine'][] = $group;
            }
        }

        return array_map(static fn(array $part): array => self::part($instance, $part['items'] ?? [], $part['must'] ?? [], $part['fine'] ?? []), array_values(array_filter($parts, static fn(array $part): bool => isset($part['must']) || isset($part['fine']))));
    }

    /**
     * @param list<int>   $names
     * @param list<int>   $must
     * @param list<Group> $fine
     *
     * @return array{Instance, list<int>}
     */
    private static function part(Instance $instance, array $names, array $must, array $fine): array
    {
        $at = array_flip($names);
        $rows = $rowAt = [];
        foreach ([...$must, ...array_merge(...array_map(static fn(Group $group): array => $group->rows, $fine))] as $row) {
            if (!isset($rowAt[$row])) {
                $rowAt[$row] = count($rows);
                $rows[] = array_map(static fn(int $item): int => $at[$item], $instance->rows[$row]);
            }
        }
        $items = array_map(static function (int $name) use ($instance, $at): Item {
            $item = $instance->items[$name];

            return new Item($item->money, $item->mass, $item->isCounted, array_map(static fn(array $either): array => array_map(static fn(int $other): int => $at[$other], $either), $item->needs));
        }, $names);

        return [new Instance(
            $items,
            $rows,
            array_map(static fn(int $row): int => $rowAt[$row], $must),
            [],
            array_map(static fn(Group $group): Group => new Group($group->weight, array_map(static fn(int $row): int => $rowAt[$row], $group->rows)), $fine),
        ), $names];
    }
}
