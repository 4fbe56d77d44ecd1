<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

/** How much of the work is pulled. */
enum PullTesting: string
{
    case No = 'no';

    /** By hand, every one: an instruction, which needs no tool. */
    case Tug = 'tug';

    /** Some of each batch to the published force: a puller is carried. */
    case Sample = 'sample';

    /** Every termination to the published force: a step of each line. */
    case Every = 'every';
}
