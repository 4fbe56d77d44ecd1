<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

/** Whose hands: such as know the work, or new ones. */
enum Pace: string
{
    case Practised = 'practised';
    case New = 'new';
}
