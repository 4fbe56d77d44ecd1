<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** How sure the source of a figure is. */
enum Recall: string
{
    /** Computed from the formula that is named. */
    case Formula = 'formula';

    /** Written down from memory of the named source, not from a copy. */
    case Memory = 'memory';

    /** No published source. */
    case CommonPractice = 'common-practice';

    /** Read off the thing itself. */
    case Measured = 'measured';

    /** Said by the workbook or by who asks. */
    case Stated = 'stated';
}
