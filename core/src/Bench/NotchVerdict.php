<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Value\Tolerance;

/** What a hole does to a wire. */
enum NotchVerdict: string
{
    case Proper = 'proper';
    case Ragged = 'ragged';
    case CutsStrands = 'cuts-strands';
    case DoesNotSever = 'does-not-sever';

    /** Share of the wall that may be left: up to here a clean end. */
    public const CLEAN = 0.2;

    /** Up to here it still comes off. */
    public const SEVERS = 0.5;

    /** Of the share of the wall that a hole leaves. */
    public static function ofWall(float $left): self
    {
        return match (true) {
            !Tolerance::isAbove($left, self::CLEAN) => self::Proper,
            !Tolerance::isAbove($left, self::SEVERS) => self::Ragged,
            default => self::DoesNotSever,
        };
    }

    /** Share of the wall between conductor and insulation that a hole leaves; diameters in mm. */
    public static function wallLeft(float $hole, float $conductor, float $insulationOd): float
    {
        return ($hole - $conductor) / ($insulationOd - $conductor);
    }
}
