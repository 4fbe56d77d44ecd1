<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Bound;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;

/** Which of many tools can come into question for a work, so that not every one of them is asked. */
final class Candidates
{
    /** @var array<string, list<TakingPart>> by operation, in the order in which they were given */
    public readonly array $byOperation;

    /** @var array<string, list<array{TakingPart, float, float}>> tools and their bounds, by operation and kind of work */
    private array $index = [];

    /** @var array<int, Bound> by capability of the tools, which live as long as this */
    private array $bounds = [];

    /** @param list<TakingPart> $parts */
    public function __construct(array $parts)
    {
        $byOperation = [];
        foreach ($parts as $part) {
            foreach ($part->tool->operations() as $operation) {
                $byOperation[$operation][] = $part;
            }
        }
        $this->byOperation = $byOperation;
    }

    /**
     * Those left out would be unsuitable, and so would those whose bounds do not hold the measure of the work.
     *
     * @param OperationRules<Work, Capability> $rules of the operation
     *
     * @return list<array{TakingPart, float, float}> in the order in which they were given
     */
    public function for(Operation $operation, OperationRules $rules, Work $work): array
    {
        return $this->index[$operation->value . '|' . $rules->kind($work)] ??= $this->indexed($operation, $rules, $work);
    }

    /**
     * @param OperationRules<Work, Capability> $rules
     *
     * @return list<array{TakingPart, float, float}>
     */
    private function indexed(Operation $operation, OperationRules $rules, Work $work): array
    {
        $indexed = [];
        foreach ($this->byOperation[$operation->value] ?? [] as $part) {
            [$from, $to] = [INF, -INF];
            foreach ($part->tool->capabilitiesFor($operation) as $capability) {
                if ($rules->servesKind($capability, $work)) {
                    $bound = $this->bounds[spl_object_id($capability)] ??= $rules->bound($capability);
                    $from = $bound->from < $from ? $bound->from : $from;
                    $to = $bound->to > $to ? $bound->to : $to;
                }
            }
            if ($from <= $to) {
                $indexed[] = [$part, $from, $to];
            }
        }

        return $indexed;
    }
}
