<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Covering\Group;
use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Item;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Covering problems that look like shops: operations with sizes in a row, tools that span some of them, dies that need a frame. */
final class CoveringProblems
{
    /**
     * Up to 300 steps and 200 tools. Every third has a budget, every fifth a limit of mass, every fourth looks at fine groups.
     */
    public static function random(int $seed): Instance
    {
        $random = new Randomizer(new Mt19937($seed));
        $operations = $random->getInt(2, 10);
        $sizes = $random->getInt(3, 30);
        $tools = $random->getInt(max(8, $operations * 2), 200);
        $covers = $items = [];
        $frames = [];
        for ($tool = 0; $tool < $tools; $tool++) {
            $needs = [];
            $price = 100 * $random->getInt(5, 120);
            if ($frames !== [] && $random->getInt(1, 9) === 1) {
                $needs[] = [$frames[$random->getInt(0, count($frames) - 1)]];
                $price = intdiv($price, 400) * 100;
            } elseif ($random->getInt(1, 20) === 1) {
                $frames[] = $tool;
                $price *= 5;
            }
            $items[] = new Item($price, 10 * $random->getInt(5, 90), true, $needs);
            // Most tools do one operation, some combine two; a few sizes in the middle are left out.
            foreach (range(1, $random->getInt(1, 4) === 1 ? 2 : 1) as $_) {
                $operation = $random->getInt(0, $operations - 1);
                $from = $random->getInt(0, $sizes - 1);
                $to = min($sizes - 1, $from + $random->getInt(0, intdiv($sizes, 2)));
                for ($size = $from; $size <= $to; $size++) {
                    if ($random->getInt(1, 12) !== 1) {
                        $covers[$operation * $sizes + $size][$tool] = $tool;
                    }
                }
            }
        }

        return self::instance($random, $items, $covers, $operations, $sizes, $seed);
    }

    /**
     * @param list<Item>                  $items
     * @param array<int, array<int, int>> $covers
     */
    private static function instance(Randomizer $random, array $items, array $covers, int $operations, int $sizes, int $seed): Instance
    {
        $rows = array_map(static function (int $row) use ($covers): array {
            $of = array_values($covers[$row] ?? []);
            sort($of);

            return $of;
        }, range(0, $operations * $sizes - 1));
        $lines = [];
        for ($line = $random->getInt(8, 80); $line > 0; $line--) {
            $size = $random->getInt(0, $sizes - 1);
            $steps = [];
            foreach (range(1, $random->getInt(2, 5)) as $_) {
                $steps[] = $random->getInt(0, $operations - 1) * $sizes + max(0, min($sizes - 1, $size + $random->getInt(-1, 1)));
            }
            $lines[] = new Group($random->getInt(1, 60), array_values(array_unique($steps)));
        }
        $isLimited = $seed % 3 === 0 || $seed % 5 === 0;
        $fine = $seed % 4 === 0 ? array_map(static fn(Group $line): Group => new Group($line->weight, array_values(array_unique([...$line->rows, $random->getInt(0, $operations * $sizes - 1)]))), array_slice($lines, 0, 20)) : [];
        $wanted = array_values(array_unique(array_merge(...array_map(static fn(Group $line): array => $line->rows, $lines))));

        return new Instance(
            $items,
            $rows,
            $isLimited ? [] : array_values(array_filter($wanted, static fn(int $row): bool => $rows[$row] !== [])),
            $isLimited ? $lines : [],
            $fine,
            $seed % 3 === 0 ? 100 * $random->getInt(30, 900) : null,
            $seed % 5 === 0 ? 10 * $random->getInt(60, 900) : null,
        );
    }

    /** @return array<string, Instance> each with a trap for whoever takes the nearest way */
    public static function byHand(): array
    {
        $one = static fn(int $money, int $mass = 0, array $needs = []): Item => new Item($money, $mass, true, $needs);
        $crown = static fn(int $n): array => array_map(static fn(int $row): array => array_values(array_diff(range(0, $n - 1), [$row])), range(0, $n - 1));
        $ring = static fn(int $n): array => array_map(static function (int $row) use ($n): array {
            $pair = [$row, ($row + 1) % $n];
            sort($pair);

            return $pair;
        }, range(0, $n - 1));
        // Greedy takes the large ones: rows parted into two halves, and into blocks that halve.
        $greedy = static function (int $n): array {
            $rows = [];
            for ($half = 0; $half < 2; $half++) {
                for ($block = 0, $left = 2 ** $n; $left >= 1; $block++, $left = intdiv($left, 2)) {
                    for ($k = 0; $k < $left; $k++) {
                        $rows[] = [$half, 2 + $block];
                    }
                }
            }

            return $rows;
        };
        $steiner = [[0, 1, 2], [0, 3, 4], [0, 5, 6], [1, 3, 5], [1, 4, 6], [2, 3, 6], [2, 4, 5]];
        $nine = [];
        foreach ([[0, 1, 2], [3, 4, 5], [6, 7, 8], [0, 3, 6], [1, 4, 7], [2, 5, 8], [0, 4, 8], [1, 5, 6], [2, 3, 7], [0, 5, 7], [1, 3, 8], [2, 4, 6]] as $row) {
            sort($row);
            $nine[] = $row;
        }
        $alike = static fn(int $n, int $money = 100): array => array_fill(0, $n, $one($money));
        $must = static fn(array $rows): array => array_keys($rows);

        return [
            'nothing to do' => new Instance([$one(100)], [[0]]),
            'one tool, one step' => new Instance([$one(100)], [[0]], [0]),
            'two alike, the first is taken' => new Instance($alike(2), [[0, 1]], [0]),
            'an odd ring needs one more than half' => new Instance($alike(9), $ring(9), $must($ring(9))),
            'an even ring' => new Instance($alike(10), $ring(10), $must($ring(10))),
            'a long odd ring with prices' => new Instance(array_map(static fn(int $n): Item => $one(100 + 7 * ($n % 5)), range(0, 30)), $ring(31), $must($ring(31))),
            'all but one: two of many' => new Instance($alike(12), $crown(12), $must($crown(12))),
            'Steiner triples of seven' => new Instance($alike(7), $steiner, $must($steiner)),
            'Steiner triples of nine' => new Instance($alike(9), $nine, $must($nine)),
            'the large ones mislead' => new Instance($alike(8, 1000), $greedy(5), $must($greedy(5))),
            'a frame and its dies against hand tools' => new Instance([$one(40000), $one(9000, 0, [[0]]), $one(9000, 0, [[0]]), $one(9000, 0, [[0]]), $one(20000), $one(20000), $one(20000)], [[1, 4], [2, 5], [3, 6]], [0, 1, 2]),
            'the same frame for two dies only' => new Instance([$one(40000), $one(9000, 0, [[0]]), $one(9000, 0, [[0]]), $one(20000), $one(20000)], [[1, 3], [2, 4]], [0, 1]),
            'either of two frames' => new Instance([$one(500), $one(400), $one(100, 0, [[0, 1]]), $one(650)], [[2, 3]], [0]),
            'requiring each other in a ring' => new Instance([$one(100, 0, [[1]]), $one(100, 0, [[2]]), $one(100, 0, [[0]]), $one(350)], [[0, 3]], [0]),
            'a budget one cent too small' => new Instance([$one(500), $one(501)], [[0], [1]], [], [new Group(10, [0, 1]), new Group(4, [0])], [], 1000),
            'a budget that just holds' => new Instance([$one(500), $one(501)], [[0], [1]], [], [new Group(10, [0, 1]), new Group(4, [0])], [], 1001),
            'a line is worth nothing half done' => new Instance([$one(10), $one(10), $one(10), $one(25)], [[0], [1], [2], [3]], [], [new Group(9, [0, 1, 2]), new Group(8, [3])], [], 29),
            'mass decides where money does not' => new Instance([$one(100, 900), $one(100, 300), $one(100, 600)], [[0, 1, 2]], [0]),
            'a mass limit against a cheap heavy one' => new Instance([$one(100, 900), $one(300, 300)], [[0, 1]], [], [new Group(5, [0])], [], null, 500),
            'proper before makeshift for the same money' => new Instance([$one(200), $one(200)], [[0, 1], [1]], [0], [], [new Group(3, [0, 1])]),
        ];
    }
}
