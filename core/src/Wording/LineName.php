<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

use Gondrik\Core\Scope\Line;

/** A line as it is called in sentences: by what is made, never by its id. */
final class LineName
{
    /** "3 × 1.5 mm² heating cable → Ferrule 1.5 mm² (36)", or "screw, 0.8 N·m (20)": the count last, for names begin with numbers. */
    public static function of(Line $line): string
    {
        return self::work($line) . ' (' . $line->quantity . ')';
    }

    private static function work(Line $line): string
    {
        if ($line->wire === null || $line->terminal === null) {
            $torque = $line->torque === null ? null : ($line->torque->written ?? LengthUnit::plain($line->torque->newtonMetres, 2) . ' N·m');

            return 'screw' . ($line->shear === null ? '' : ' ' . $line->shear . ' cut to length') . ($torque === null ? '' : ', ' . $torque);
        }

        return $line->wire->name . ($line->wireB === null ? '' : ' and ' . $line->wireB->name) . ' → ' . $line->terminal->name;
    }
}
