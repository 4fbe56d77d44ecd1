<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

/** What goes over a termination besides what its class has. */
enum Sleeve: string
{
    case None = 'none';

    /** Shrinks, without glue. */
    case Plain = 'plain';

    /** Shrinks, and its lining seals. */
    case Lined = 'lined';

    /** The last resort: wound, not shrunk. */
    case Tape = 'tape';

    /** A tube that is slid on and shrunk. */
    public function isTube(): bool
    {
        return $this === self::Plain || $this === self::Lined;
    }
}
