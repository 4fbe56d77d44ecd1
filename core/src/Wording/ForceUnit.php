<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

use Gondrik\Core\Size\Newtons;

/** In which unit sentences tell forces. */
enum ForceUnit: string
{
    case Newton = 'N';
    case PoundForce = 'lbf';

    public function say(float $newtons): string
    {
        return $this === self::Newton
            ? LengthUnit::plain($newtons, 1) . ' N'
            : LengthUnit::plain($newtons / Newtons::POUND_FORCE, 1) . ' lbf';
    }

    /** In the unit that is read first, and in brackets the other: a pull is set on either scale. */
    public function sayBoth(float $newtons): string
    {
        $other = $this === self::Newton ? self::PoundForce : self::Newton;

        return $this->say($newtons) . ' (' . $other->say($newtons) . ')';
    }
}
