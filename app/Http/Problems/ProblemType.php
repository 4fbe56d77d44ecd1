<?php

declare(strict_types=1);

namespace App\Http\Problems;

/** Problems that the page answers in a way of its own; all others are told by their sentence alone. */
enum ProblemType: string
{
    case Plain = 'about:blank';

    /** What was to be written has been changed by somebody else since it was read. */
    case Changed = 'urn:gondrik:problem:changed';
    /** What was to be taken away is used; uses says where. */
    case InUse = 'urn:gondrik:problem:in-use';
    /** A question that takes long waits for its turn; the page asks again by itself. */
    case Waits = 'urn:gondrik:problem:waits';
}
