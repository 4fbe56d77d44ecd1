<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** A figure as somebody has typed it, beside what is kept of it in SI: "15 lbf·in" beside 1.694772 N·m. */
final class Typed
{
    private const LONGEST = 40;

    /** To so many N·m a torque is kept. */
    private const EXACT = 0.000_001;

    /**
     * What is worth keeping of a torque as it was typed.
     *
     * @param string|null $unit of a number without one
     *
     * @return string|null null where it says no more than the figure in N·m, or something else than it
     */
    public static function torque(string $text, ?float $newtonMetres, ?string $unit = null): ?string
    {
        $text = trim($text);
        $written = $unit !== null && preg_match('~^\d+(?:[.,]\d+)?$~D', $text) === 1 ? $text . ' ' . $unit : $text;
        $units = mb_strlen($written) <= self::LONGEST && stripos($written, 'lb') !== false ? Units::of($written) : [];
        $says = count($units) === 1 && $units[0]->is(UnitKind::Torque) ? (float) $units[0]->value : null;

        return $says !== null && $newtonMetres !== null && abs($says - $newtonMetres) <= self::EXACT ? $written : null;
    }
}
