<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** What came of what was done. */
enum Result: string
{
    case Pass = 'pass';
    case Fail = 'fail';
}
