<?php

declare(strict_types=1);

namespace Gondrik\Core\Asset;

/** What hands find wrong with a thing (findings.csv says it in words). */
enum Finding: string
{
    case Pivot = 'pivot';
    case Release = 'release';
    case Dull = 'dull';
    case Dents = 'dents';
    case Jaws = 'jaws';
    case Handle = 'handle';
    case Part = 'part';
    case ForceRing = 'force-ring';
}
