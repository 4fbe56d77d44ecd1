<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;

/** Reads one thing off several works. */
final class Gather
{
    /**
     * @template W of Work
     * @template T
     *
     * @param non-empty-list<W> $works
     * @param \Closure(W): ?T   $read
     *
     * @return list<T> where known, in order of appearance, each once
     */
    public static function each(array $works, \Closure $read): array
    {
        $seen = [];
        foreach ($works as $work) {
            $value = $read($work);
            if ($value !== null && !in_array($value, $seen, true)) {
                $seen[] = $value;
            }
        }

        return $seen;
    }

    /**
     * @template W of Work
     *
     * @param non-empty-list<W>   $works
     * @param \Closure(W): ?float $read
     */
    public static function greatest(array $works, \Closure $read): ?float
    {
        $values = self::each($works, $read);

        return $values === [] ? null : max($values);
    }

    /**
     * @template W of Work
     *
     * @param non-empty-list<W>   $works
     * @param \Closure(W): ?float $read
     */
    public static function around(array $works, \Closure $read): ?Limits
    {
        $values = self::each($works, $read);

        return $values === [] ? null : Limits::around($values);
    }

    /**
     * The sizes of the wires, family by family from least to greatest.
     *
     * @param non-empty-list<Work> $works of wires
     */
    public static function sizes(array $works): SizeRange
    {
        $sizes = self::each($works, static fn(Work $work): ?Size => $work->size());
        assert($sizes !== []);

        return SizeRange::hull(array_map(SizeRange::single(...), $sizes));
    }
}
