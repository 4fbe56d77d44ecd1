<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** What is known of the length of a rotation. */
enum RotationStatus: string
{
    /** There is no shorter one. */
    case Optimal = 'optimal';

    /** There may be a shorter one, down to the bound. */
    case Feasible = 'feasible';

    /** There is none. */
    case Impossible = 'impossible';
}
