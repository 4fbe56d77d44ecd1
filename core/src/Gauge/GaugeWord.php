<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** How a line between a gauge and its reader begins (docs/gauge.md), with how many members follow. */
enum GaugeWord: string
{
    /* What the gauge says. */
    /** name, capacity, unit: who it is; every second, so that it is known to be there. */
    case Gauge = 'GAUGE';
    /** test: it waits for somebody to pull. */
    case Ready = 'READY';
    /** test, force, unit, seconds since the pull began. */
    case Read = 'READ';
    /** test, force, unit, seconds, how many readings it sent. */
    case Peak = 'PEAK';
    /** test, what is wrong. */
    case Error = 'ERROR';

    /* What it is told. */
    /** test: wait for the next pull, and call it so. */
    case Arm = 'ARM';
    /** test: the peak has come across. */
    case Taken = 'TAKEN';
    /** test: it is not waited for any more. */
    case Stop = 'STOP';
    /** what, value: of a simulated gauge alone. */
    case Set = 'SET';

    public function members(): int
    {
        return match ($this) {
            self::Ready, self::Arm, self::Taken, self::Stop => 1,
            self::Error, self::Set => 2,
            self::Gauge => 3,
            self::Read => 4,
            self::Peak => 5,
        };
    }
}
