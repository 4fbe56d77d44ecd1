<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Terminal\TubeSize;

/**
 * The fewest stock sizes of tube that serve some lines, of equal ones those of the least total diameter (as they come), then those that
 * stand first in the table. Plain and lined tubes are two questions. Each line is under the smallest that serves it.
 */
final readonly class TubeSizes
{
    /** @param list<string> $lines scope and line, in the order of the work */
    private function __construct(public TubeSize $size, public array $lines) {}

    /**
     * @param list<TubeOver> $tubes each served by some size
     *
     * @return list<self> in the order of the table
     */
    public static function fewest(array $tubes): array
    {
        $of = static fn(bool $isLined): array => self::ofKind(array_values(array_filter($tubes, static fn(TubeOver $tube): bool => $tube->isLined === $isLined)), TubeSize::all($isLined));

        return [...$of(false), ...$of(true)];
    }

    /**
     * @param list<TubeOver> $tubes
     * @param list<TubeSize> $sizes
     *
     * @return list<self>
     */
    private static function ofKind(array $tubes, array $sizes): array
    {
        $best = null;
        for ($count = 0; $best === null; $count++) {
            foreach (self::choices($sizes, $count) as $chosen) {
                if (self::serveAll($chosen, $tubes) && ($best === null || self::width($chosen) < self::width($best))) {
                    $best = $chosen;
                }
            }
        }
        $lines = [];
        foreach ($tubes as $tube) {
            $serving = array_filter($best, static fn(TubeSize $size): bool => $size->serves($tube->widest, $tube->narrowest));
            usort($serving, static fn(TubeSize $one, TubeSize $other): int => $one->expanded <=> $other->expanded);
            $lines[$serving[0]->name][] = $tube->line;
        }

        return array_map(static fn(TubeSize $size): self => new self($size, $lines[$size->name] ?? []), $best);
    }

    /**
     * @param list<TubeSize> $sizes
     *
     * @return iterable<list<TubeSize>> every so many of them, the first ones first
     */
    private static function choices(array $sizes, int $count): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        foreach ($sizes as $at => $first) {
            foreach (self::choices(array_slice($sizes, $at + 1), $count - 1) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }

    /**
     * @param list<TubeSize> $chosen
     * @param list<TubeOver> $tubes
     */
    private static function serveAll(array $chosen, array $tubes): bool
    {
        foreach ($tubes as $tube) {
            if (array_filter($chosen, static fn(TubeSize $size): bool => $size->serves($tube->widest, $tube->narrowest)) === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * Hundredths of a millimetre, so that equal sums are equal.
     *
     * @param list<TubeSize> $chosen
     */
    private static function width(array $chosen): int
    {
        return array_sum(array_map(static fn(TubeSize $size): int => (int) round($size->expanded * 100), $chosen));
    }
}
