<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** The time of a class outside its breaks, from its start; behind the last break it has no end. */
final readonly class Stretches
{
    /** @param non-empty-list<array{int, int}> $stretches from and to, one after the other; the last one's end is PHP_INT_MAX */
    private function __construct(private array $stretches) {}

    /** @param list<array{int, int}> $breaks from and to, in any order; what is before the start is of no account */
    public static function between(array $breaks): self
    {
        usort($breaks, static fn(array $one, array $other): int => $one[0] <=> $other[0]);
        $stretches = [];
        $at = 0;
        foreach ($breaks as [$from, $to]) {
            if ($from > $at) {
                $stretches[] = [$at, $from];
            }
            $at = max($at, $to);
        }

        return new self([...$stretches, [$at, PHP_INT_MAX]]);
    }

    /** When something of a length can begin, not before a time. */
    public function earliest(int $at, int $length): int
    {
        foreach ($this->stretches as [$from, $to]) {
            $begin = $at > $from ? $at : $from;
            if ($begin + $length <= $to) {
                return $begin;
            }
        }

        throw new \LogicException('the last stretch has no end');
    }

    /** Time outside breaks from one time to another. */
    public function free(int $from, int $to): int
    {
        $free = 0;
        foreach ($this->stretches as [$begin, $end]) {
            $free += max(0, min($to, $end) - max($from, $begin));
        }

        return $free;
    }

    /** @return list<array{int, int}> what is outside breaks from one time to another, piece by piece */
    public function within(int $from, int $to): array
    {
        $pieces = [];
        foreach ($this->stretches as [$begin, $end]) {
            if (min($to, $end) > max($from, $begin)) {
                $pieces[] = [max($from, $begin), min($to, $end)];
            }
        }

        return $pieces;
    }

    /** The most that whole pieces of some lengths can take of the time from one time to another. */
    public function room(int $from, int $to, Fillings $lengths): int
    {
        $room = 0;
        foreach ($this->stretches as [$begin, $end]) {
            $room += $lengths->most(min($to, $end) - max($from, $begin));
        }

        return $room;
    }

    /** How many of one length have room, one after the other, from one time to another. */
    public function pieces(int $from, int $to, int $length): int
    {
        $pieces = 0;
        foreach ($this->stretches as [$begin, $end]) {
            $pieces += intdiv(max(0, min($to, $end) - max($from, $begin)), $length);
        }

        return $pieces;
    }

    /** Whether no break is left at a time. */
    public function isOpenFrom(int $at): bool
    {
        return $at >= $this->stretches[count($this->stretches) - 1][0];
    }
}
