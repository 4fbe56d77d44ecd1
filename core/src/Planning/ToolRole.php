<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Tool;

/** What a tool is to a kit, where, and how much rests on it alone. */
final readonly class ToolRole
{
    /**
     * @param list<string> $lines  ids of the lines where that is so
     * @param int          $alone  terminations that no longer count when it is taken out with all its copies
     * @param list<Tool>   $others that do the steps which it does not do alone
     */
    public function __construct(public Tool $tool, public Role $role, public array $lines, public int $alone, public array $others) {}
}
