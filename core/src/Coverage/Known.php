<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Work;

/**
 * What is known of a scope under one house's rules from kits that were judged before: whoever judges one kit day after day asks again
 * only what other tools may answer.
 */
final readonly class Known
{
    /** @var \ArrayObject<string, AskedOfLine> by Line::work() */
    public \ArrayObject $lines;

    /** @var \ArrayObject<string, array{Work, ?ToolMatch, bool}> what was chosen, by the tools that were asked, operation and work */
    public \ArrayObject $chosen;

    public function __construct()
    {
        $this->lines = new \ArrayObject();
        $this->chosen = new \ArrayObject();
    }
}
