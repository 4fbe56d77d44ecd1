<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;

/** A tool that would take over some of the work, and what that takes before and after. */
final readonly class Swap
{
    /**
     * @param list<Tool>      $with       what it requires and the kit has not
     * @param list<Operation> $operations that it takes over, in the order of work
     * @param list<string>    $instead    ids of the tools that do them now
     * @param int             $pieces     terminations at which it takes over something
     * @param Effort          $before     for what it takes over, as it is
     * @param Effort          $after      the same with it
     */
    public function __construct(
        public Tool $tool,
        public bool $isInKit,
        public array $with,
        public array $operations,
        public array $instead,
        public int $pieces,
        public Effort $before,
        public Effort $after,
    ) {}

    public function seconds(): int|float
    {
        return $this->before->seconds - $this->after->seconds;
    }

    public function squeezes(): int
    {
        return $this->before->squeezes - $this->after->squeezes;
    }

    /** Cents for it and what it requires, as far as the kit has not got it; null where nobody says what one of them costs. */
    public function price(): ?int
    {
        $prices = array_map(static fn(Tool $tool): ?int => $tool->cost->price, $this->isInKit ? $this->with : [$this->tool, ...$this->with]);

        return in_array(null, $prices, true) ? null : array_sum($prices);
    }
}
