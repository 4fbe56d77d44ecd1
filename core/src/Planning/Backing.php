<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;

/** Whether the steps that want a backup have one in a kit: two tools that do them as the line takes it, or two of the same. */
final readonly class Backing
{
    /** How many must do a step. */
    public const WANTED = 2;

    /** @var array<int, TakingPart> what the kit has, by tool */
    private array $parts;

    /** @param list<Operation> $operations that want a backup */
    public function __construct(private Matrix $matrix, KitAsItStands $kit, private array $operations)
    {
        $this->parts = $matrix->parts($kit);
    }

    public function holds(PlannedLine $line, int $step): bool
    {
        $task = $this->matrix->tasks[$line->steps[$step]->task];

        return !in_array($task->operation, $this->operations, true)
            || $this->matrix->doing($task, $this->parts, !$line->takesMakeshift) >= self::WANTED;
    }
}
