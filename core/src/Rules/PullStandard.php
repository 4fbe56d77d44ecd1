<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

/** Whose pull-out force counts: by class of terminal, or one standard for all (names as in data/pull-force.csv). */
enum PullStandard: string
{
    case ByClass = 'by-class';
    case Ul486 = 'UL 486A-486B';
    case Iec60352 = 'IEC 60352-2';
    case SaeAs7928 = 'SAE AS7928';
    case AbycE11 = 'ABYC E-11';
    case Iec60947 = 'IEC 60947-1';
    case Iec61238 = 'IEC 61238-1';

    /** s that the figure has to hold; null where the wire is pulled on at the standard's own speed until it lets go. */
    public function holdSeconds(): ?int
    {
        return $this === self::Ul486 || $this === self::AbycE11 ? 60 : null;
    }
}
