<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

/** What is said of a point of a control chart that chance does not explain: the run rules by the name of Western Electric. */
enum ChartRule: string
{
    /** A mean beyond three sigma. */
    case Beyond3 = 'beyond-3';
    /** Two of three means beyond two sigma on one side, this among them. */
    case TwoOfThree = 'two-of-three';
    /** Four of five means beyond one sigma on one side, this among them. */
    case FourOfFive = 'four-of-five';
    /** Eight means on one side of the middle. */
    case Eight = 'eight';
    /** A range beyond its limits. */
    case Range = 'range';
}
