<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** Every limit is met within one tolerance: room for the last digits of floating point arithmetic, and no more. */
final class Tolerance
{
    private const SHARE = 1e-9;

    public static function isAbove(float $value, float $limit): bool
    {
        return $value > $limit && $value - $limit > self::SHARE * (1.0 + abs($limit));
    }

    public static function isBelow(float $value, float $limit): bool
    {
        return $value < $limit && $limit - $value > self::SHARE * (1.0 + abs($limit));
    }

    public static function areEqual(float $one, float $other): bool
    {
        return !self::isAbove($one, $other) && !self::isBelow($one, $other);
    }
}
