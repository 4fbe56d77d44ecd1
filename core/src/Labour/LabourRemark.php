<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

/** What is to be said of an amount of work. */
enum LabourRemark: string
{
    /** More squeezes a day than are good for one hand. */
    case ManySqueezes = 'squeezes.many';

    /** Some of it is done by a method for which there is no time: it takes longer than is told. */
    case Untimed = 'steps.untimed';
}
