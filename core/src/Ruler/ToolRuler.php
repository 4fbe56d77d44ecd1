<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Match\Operations;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;

/** One tool along the sizes by what is printed on it: a lane for each operation of which it says a size. */
final readonly class ToolRuler
{
    /** @return list<RulerLane> in the order of work */
    public static function of(Tool $tool): array
    {
        // What is printed is read alike under any house rules.
        $operations = new Operations(new HouseRules());
        $lanes = [];
        foreach (Operation::cases() as $operation) {
            $bars = [];
            foreach ($tool->capabilitiesFor($operation) as $capability) {
                $reach = $operations->of($operation)->printed($capability);
                if ($reach !== null) {
                    $bars[] = new RulerBar($tool, $reach);
                }
            }
            if ($bars !== []) {
                $lanes[] = new RulerLane($operation->value, $bars);
            }
        }

        return $lanes;
    }
}
