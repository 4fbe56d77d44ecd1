<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

/** Which of a batch are pulled where samples are. */
enum SamplePlan: string
{
    /** Common practice. */
    case FirstMiddleLast = 'first-middle-last';

    /** So many as a published table says for a lot of that size. */
    case LotSize = 'lot-size';
}
