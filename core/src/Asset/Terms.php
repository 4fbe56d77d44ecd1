<?php

declare(strict_types=1);

namespace Gondrik\Core\Asset;

/** Whose a thing is. */
enum Terms: string
{
    case Owned = 'owned';
    case Hired = 'hired';
    /** A dealer's, that stands here while his terminals are bought. */
    case Dealer = 'dealer';
}
