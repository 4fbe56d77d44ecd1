<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** Why a pull was not taken. Sentences: words.csv, `gauge`. */
enum GaugeFault: string
{
    /** There is no connection to it. */
    case Away = 'away';
    /** Somebody else pulls with it. */
    case Busy = 'busy';
    /** The connection ended in the middle of it. */
    case Gone = 'gone';
    /** It is connected and says nothing. */
    case Silent = 'silent';
    /** It says far more than a gauge does. */
    case Flood = 'flood';
    /** What it says cannot be read. */
    case Garbled = 'garbled';
    /** More than it can measure. */
    case Overload = 'overload';
    /** A unit that nobody knows. */
    case Unit = 'unit';
    /** A peak that is no force anything gives way at. */
    case NoForce = 'no-force';
    /** A peak below what was read on the way to it. */
    case Disagrees = 'disagrees';
    /** The gauge says that something is wrong with it. */
    case Error = 'error';
    /** It reads on and on, and no peak comes. */
    case Endless = 'endless';
    /** Nobody has pulled. */
    case NotPulled = 'not-pulled';
    /** Whoever wanted it has gone. */
    case LetGo = 'let-go';
    /** What reads gauges is not there. */
    case NoReader = 'no-reader';
}
