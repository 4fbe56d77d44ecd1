<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Value\Tolerance;

/** A stock size of shrinking tube (data/heat-shrink.csv). Diameters in mm. */
final readonly class TubeSize
{
    /** It must pass over the widest part with so much room. */
    private const PASSES = 1.1;

    /** Shrunk it must be so much narrower than the narrowest part. */
    private const GRIPS = 0.9;

    private function __construct(
        /** As the trade calls it: "1/8 in". */
        public string $name,
        /** With adhesive inside. */
        public bool $isLined,
        public float $expanded,
        public float $recovered,
        /** 2 for a tube that shrinks 2:1. */
        public float $ratio,
        /** @var array<string, string> its row, for who names the source */
        public array $row,
    ) {}

    /** @return list<self> in the order of the table */
    public static function all(bool $isLined): array
    {
        /** @var array<int, list<self>> $sizes */
        static $sizes = [];

        return $sizes[(int) $isLined] ??= array_values(array_filter(
            array_map(static fn(array $row): self => new self($row['name'], $row['adhesive'] === 'yes', (float) $row['expanded_mm'], (float) $row['recovered_mm'], self::ratioOf($row), $row), Table::rows('heat-shrink')),
            static fn(self $size): bool => $size->isLined === $isLined,
        ));
    }

    public static function named(string $name, bool $isLined): ?self
    {
        return array_column(self::all($isLined), null, 'name')[$name] ?? null;
    }

    /** The smallest that goes over all of it and grips all of it; null where none does. */
    public static function smallest(float $widest, float $narrowest, bool $isLined): ?self
    {
        $best = null;
        foreach (self::all($isLined) as $size) {
            if ($size->serves($widest, $narrowest) && ($best === null || $size->expanded < $best->expanded)) {
                $best = $size;
            }
        }

        return $best;
    }

    public function serves(float $widest, float $narrowest): bool
    {
        return !Tolerance::isBelow($this->expanded, self::PASSES * $widest) && !Tolerance::isAbove($this->recovered, self::GRIPS * $narrowest);
    }

    /** How far a tube would have to shrink to pass over the widest and grip the narrowest part. */
    public static function neededRatio(float $widest, float $narrowest): float
    {
        return self::PASSES * $widest / (self::GRIPS * $narrowest);
    }

    /** @param array<string, string> $row whose series ends in "2:1" */
    private static function ratioOf(array $row): float
    {
        return preg_match('~(\d+(?:\.\d+)?):1$~', $row['series'], $found) === 1
            ? (float) $found[1]
            : throw new \LogicException('heat-shrink: the series "' . $row['series'] . '" names no ratio');
    }
}
