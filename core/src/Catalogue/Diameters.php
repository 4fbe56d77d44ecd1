<?php

declare(strict_types=1);

namespace Gondrik\Core\Catalogue;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\WorkbookList;

/** What diameters a wire may have by tables and formula, so that somebody without a caliper can take one, and it is told from where. */
final class Diameters
{
    private const MM_IN_INCH = 25.4;

    /** mm: closer than anybody measures, it is the table's own figure. */
    private const SAME = 0.006;

    /** Over the bare conductor, from count and area of its strands. */
    public static function conductor(Wire $wire): Diameter
    {
        $by = match (true) {
            $wire->construction === Construction::Solid => 'solid, from the area',
            $wire->strands !== null && $wire->strandDiameter !== null => $wire->strands . ' strands of the diameter that is stated',
            $wire->stranding !== null => $wire->stranding->strands . ' strands of ' . $wire->stranding->strandDiameter . ' mm, as ' . $wire->stranding->specification . ' builds it',
            $wire->strands !== null => $wire->strands . ' strands, from their count and the area',
            default => 'from the area, by the usual share of air between the strands',
        };

        $source = match (true) {
            $wire->strands !== null && $wire->strandDiameter !== null => new Source('The wire itself', 'stated'),
            $wire->stranding !== null => new Source($wire->stranding->row['source'], $wire->stranding->row['recall']),
            default => new Source('ASTM B258 for gauges; strands laid together', 'formula'),
        };

        return new Diameter($wire->conductorDiameter, $by, $source);
    }

    /** @return list<Diameter> over the insulation: of building wire by the table, then of what the built-in catalogue has of the same build */
    public static function outside(Wire $wire): array
    {
        $found = [];
        foreach (Table::rows('insulated-od') as $row) {
            $size = Size::parse($row['awg'] . ' AWG');
            if (abs($size->area / $wire->size->area - 1) < 0.005) {
                $found[] = new Diameter(round((float) $row['outside_diameter_in'] * self::MM_IN_INCH, 2), $row['type'] . ', ' . $size->written, new Source('NEC chapter 9, table 5', $row['recall']));
            }
        }
        foreach (BuiltIn::read()->things(WorkbookList::Wires) as $builtIn) {
            $other = $builtIn->thing;
            assert($other instanceof Wire);
            $isAlike = $other->insulation === $wire->insulation && ($other->construction === Construction::Solid) === ($wire->construction === Construction::Solid);
            if ($isAlike && $other->insulationOd !== null && abs($other->size->area / $wire->size->area - 1) < 0.005 && !self::has($found, $other->insulationOd)) {
                $found[] = new Diameter($other->insulationOd, $other->name, $builtIn->sourceOf('insulationOd'));
            }
        }

        return $found;
    }

    /** The table that has exactly the wire's outside diameter; null where none has, and it must have been measured. */
    public static function sourceOf(Wire $wire): ?Diameter
    {
        foreach ($wire->insulationOd === null ? [] : self::outside($wire) as $known) {
            if (abs($known->mm - $wire->insulationOd) < self::SAME) {
                return $known;
            }
        }

        return null;
    }

    /** @param list<Diameter> $found */
    private static function has(array $found, float $mm): bool
    {
        foreach ($found as $known) {
            if (abs($known->mm - $mm) < self::SAME) {
                return true;
            }
        }

        return false;
    }
}
