<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

use Gondrik\Core\Size\Size;

/** Diameter over the bare conductor, by how it is built. */
final class ConductorDiameter
{
    /** Bundle diameter in strand diameters where the strands lie in full rings. */
    private const CONCENTRIC = [1 => 1, 7 => 3, 19 => 5, 37 => 7];

    /** A stranded conductor of unknown count is so much wider than a solid one of its area. */
    public const STRANDED = 1.134;

    private const FINE = 1.154;

    /**
     * @param int|null   $strands        count, where known
     * @param float|null $strandDiameter mm of one strand, where it is known and not what the area leaves to each
     *
     * @return float mm
     */
    public static function of(Size $size, Construction $construction, ?int $strands = null, ?float $strandDiameter = null): float
    {
        if ($construction === Construction::Solid) {
            return $size->solidDiameter();
        }
        if ($strands === null) {
            return $size->solidDiameter() * ($construction === Construction::Fine ? self::FINE : self::STRANDED);
        }
        $strand = $strandDiameter ?? sqrt(4 * $size->area / (M_PI * $strands));

        return $strand * (self::CONCENTRIC[$strands] ?? self::FINE * sqrt($strands));
    }

    /** Whether so many strands lie in full rings. */
    public static function isConcentric(int $strands): bool
    {
        return isset(self::CONCENTRIC[$strands]);
    }
}
