<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

/** In which unit sentences tell lengths. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'inch';

    public function say(float $millimetres): string
    {
        return $this === self::Millimetre
            ? self::plain($millimetres, 2) . ' mm'
            : number_format($millimetres / 25.4, 3, '.', '') . ' in';
    }

    /** Without trailing noughts: 1.5, 12, 0.35. */
    public static function plain(float $value, int $decimals): string
    {
        return (string) round($value, $decimals);
    }
}
