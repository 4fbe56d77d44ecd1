<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

/** What a cell of a list holds, and so how it is written and read. */
enum CellKind
{
    case Text;
    /** A size or a range of sizes, as people write them. */
    case Size;
    /** One of a closed list. */
    case Word;
    /** Several, with a semicolon between. */
    case Words;
    case Whole;
    case Number;
    /** A number in N·m, or text with its unit. */
    case Torque;
    case YesNo;
    /** Steps by hand, each on a line of its own: "pull-test: first of the batch". */
    case Steps;
}
