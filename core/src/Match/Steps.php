<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;

/** From a line to the steps it needs, in the order of work. */
final readonly class Steps
{
    /** @var list<array{Operation, OperationRules<Work, Capability>}> */
    private array $order;

    public function __construct(Operations $operations)
    {
        $this->order = array_map(static fn(OperationRules $rules): array => [$rules::operation(), $rules], array_values($operations->all()));
    }

    /** @return list<Step> */
    public function of(Line $line): array
    {
        $steps = [];
        $ends = $line->ends === [] ? [null] : $line->ends;
        $first = [$ends[0]];
        $isSplice = isset($ends[1]);
        $isByHand = $line->byHand->add !== [] || $line->byHand->drop !== [];
        foreach ($this->order as [$operation, $rules]) {
            if ($isByHand && $line->byHand->drops($operation)) {
                continue;
            }
            foreach ($isSplice && $rules->isPerWire($line) ? $ends : $first as $end) {
                if ($rules->isNeeded($line, $end) || ($isByHand && $line->byHand->adds($operation) && $rules->canBeAdded($end))) {
                    $steps[] = new Step($operation, $end);
                }
            }
        }

        return $steps;
    }
}
