<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Value\Invalid;

/** How many strands of a conductor may be nicked or cut. */
final readonly class StrandDamage
{
    /** Of the diameter of a solid conductor. */
    private const DEPTH = 0.10;

    private function __construct(
        public ?Figure $general,
        public ?Figure $highReliability,
        /** How deep a solid conductor may be nicked. */
        public ?Figure $depth,
    ) {}

    /** @throws Invalid for less than one strand */
    public static function ofStrands(int $strands): self
    {
        foreach (Table::rows('strand-damage') as $row) {
            if ($strands >= (int) $row['strands_from'] && ($row['strands_to'] === '' || $strands <= (int) $row['strands_to'])) {
                $source = Source::row($row, $row['strands_from'] . ($row['strands_to'] === '' ? ' strands and more' : ' to ' . $row['strands_to'] . ' strands'));

                return new self(self::allowed($row['allowed_general'], $strands, $source), self::allowed($row['allowed_high_reliability'], $strands, $source), null);
            }
        }
        throw Invalid::at('strands', $strands, 'must be a whole number of strands, 1 or more');
    }

    public static function ofSolid(Size $size): self
    {
        return new self(null, null, Figure::mm(self::DEPTH * $size->solidDiameter(), Source::formula(Formula::SolidDamage)));
    }

    private static function allowed(string $written, int $strands, Source $source): Figure
    {
        if (!str_ends_with($written, '%')) {
            return Figure::of((int) $written, $source);
        }

        return Figure::of(intdiv($strands * (int) $written, 100), $source, note: new Note(NoteCode::PercentCutOff, ['percent' => str_replace('%', ' %', $written), 'strands' => $strands]));
    }
}
