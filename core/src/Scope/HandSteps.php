<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Value\ListOf;

/** The steps that somebody has put in and left out by hand. */
final readonly class HandSteps
{
    /**
     * @param list<HandStep> $add
     * @param list<HandStep> $drop
     */
    public function __construct(
        #[ListOf(HandStep::class)]
        public array $add = [],
        #[ListOf(HandStep::class)]
        public array $drop = [],
    ) {}

    public function adds(Operation $operation): bool
    {
        return self::names($this->add, $operation);
    }

    public function drops(Operation $operation): bool
    {
        return self::names($this->drop, $operation);
    }

    /** @param list<HandStep> $steps */
    private static function names(array $steps, Operation $operation): bool
    {
        foreach ($steps as $step) {
            if ($step->op === $operation) {
                return true;
            }
        }

        return false;
    }
}
