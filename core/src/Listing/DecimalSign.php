<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

/** How figures are written in tables for spreadsheets: in many countries these take 2.5 for a date. What is written reads back the same. */
enum DecimalSign: string
{
    case Point = 'point';
    case Comma = 'comma';

    /** What stands between the cells of a row (RFC 4180 has the comma; spreadsheets that write figures with one expect the semicolon). */
    public function separator(): string
    {
        return $this === self::Point ? ',' : ';';
    }

    /** @param string $figure with a point, as 12.5 or 1.125e-7 */
    public function written(string $figure): string
    {
        if ($this === self::Point) {
            return $figure;
        }
        // A comma before three digits could part thousands: a fourth says that it does not.
        $told = preg_replace('~^(-?[1-9]\d*\.\d{3})(?!\d)~', '${1}0', $figure);

        return str_replace('.', ',', (string) $told);
    }
}
