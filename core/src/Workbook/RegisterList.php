<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Entry;

/** The lists of a workbook about people, things and what has happened, in the order in which they refer to each other. */
enum RegisterList: string
{
    case People = 'people';
    case Assets = 'assets';
    case Log = 'log';

    /** @return class-string<Person|Asset|Entry> */
    public function class(): string
    {
        return match ($this) {
            self::People => Person::class,
            self::Assets => Asset::class,
            self::Log => Entry::class,
        };
    }

    /** What one of them is called. */
    public function one(): string
    {
        return match ($this) {
            self::People => 'person',
            self::Assets => 'asset',
            self::Log => 'entry',
        };
    }
}
