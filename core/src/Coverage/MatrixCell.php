<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;

/** One kit against one scope, in numbers alone. */
final readonly class MatrixCell
{
    public function __construct(
        public Kit $kit,
        public Scope $scope,
        public Headline $headline,
        /** So many holes, each of which one tool could close (Report::$holes). */
        public int $holes,
    ) {}
}
