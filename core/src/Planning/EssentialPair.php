<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Tool;

/** Two tools of which either can be done without, but not both. */
final readonly class EssentialPair
{
    /**
     * @param list<string> $lines
     * @param int          $quantity terminations of those lines
     */
    public function __construct(public Tool $one, public Tool $other, public array $lines, public int $quantity) {}
}
