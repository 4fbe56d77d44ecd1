<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

/** In which unit sentences tell forces. */
enum ForceUnit: string
{
    case Newton = 'N';
    case PoundForce = 'lbf';

    /** By definition: 0.45359237 kg × 9.80665 m/s². */
    private const NEWTONS = 4.4482216152605;

    public function say(float $newtons): string
    {
        return $this === self::Newton
            ? LengthUnit::plain($newtons, 1) . ' N'
            : LengthUnit::plain($newtons / self::NEWTONS, 1) . ' lbf';
    }

    /** In the unit that is read first, and in brackets the other: a pull is set on either scale. */
    public function sayBoth(float $newtons): string
    {
        $other = $this === self::Newton ? self::PoundForce : self::Newton;

        return $this->say($newtons) . ' (' . $other->say($newtons) . ')';
    }
}
