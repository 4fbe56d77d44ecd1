<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** Why there is nothing where a thing should be. */
enum Unread
{
    /** It has a problem, which has been told at its own place. */
    case Broken;

    /** There is no such thing. */
    case Unknown;
}
