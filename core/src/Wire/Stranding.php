<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Size\Size;

/**
 * How a wire specification builds the conductor of a gauge (data/strandings.csv): its strands are those of a finer gauge, laid
 * together to more copper than the gauge's own area.
 */
final readonly class Stranding
{
    public const SOURCE = 'SAE AS22759 (M22759)';

    /** A caliper that reads a strand within this share of its diameter has found it. */
    private const CLOSE = 0.03;

    /** @param array<string, string> $row as the table has it */
    private function __construct(
        public string $specification,
        public Size $size,
        public int $strands,
        /** mm of one strand */
        public float $strandDiameter,
        public array $row,
    ) {}

    /** Of the code that is printed on a wire ("M22759/16-20-9"), where its size is built of so many strands. */
    public static function of(string $code, Size $size, int $strands): ?self
    {
        foreach (self::all() as $stranding) {
            $isSame = $stranding->strands === $strands && abs($stranding->size->area / $size->area - 1) < 1e-6;
            if ($isSame && stripos(trim($code), $stranding->specification . '/') === 0) {
                return $stranding;
            }
        }

        return null;
    }

    /** The one whose count and strand diameter somebody has measured; the nearest where several are close. */
    public static function measured(int $strands, float $diameter): ?self
    {
        $off = static fn(self $stranding): float => abs($diameter / $stranding->strandDiameter - 1);
        $close = array_filter(self::all(), static fn(self $one): bool => $one->strands === $strands && $off($one) <= self::CLOSE);
        usort($close, static fn(self $one, self $other): int => $off($one) <=> $off($other));

        return $close[0] ?? null;
    }

    /** @return list<self> */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_map(static fn(array $row): self => new self(
            $row['specification'],
            Size::parse($row['size']),
            (int) $row['strands'],
            (float) $row['strand_mm'],
            $row,
        ), Table::rows('strandings'));
    }
}
