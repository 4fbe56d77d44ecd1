<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;

/** From a line to the steps it needs, in the order of work. */
final class Steps
{
    /** @return list<Step> */
    public static function of(Line $line, HouseRules $rules): array
    {
        $steps = [];
        $all = self::ends($line);
        $first = [$all[0]];
        foreach (self::order() as [$operation, $isPerWire]) {
            if ($line->drop !== [] && self::names($line->drop, $operation)) {
                continue;
            }
            foreach ($isPerWire ? $all : $first as $end) {
                if (self::needs($line, $operation, $end, $rules) || ($line->add !== [] && self::isAddedTo($end, $operation))) {
                    $steps[] = new Step($operation, $line, $end->wire, $end->wires, $end->midSpan);
                }
            }
        }

        return $steps;
    }

    /**
     * The wires of a line as bare ends, before any operation: the first, and the second of a splice.
     *
     * @return non-empty-list<Step>
     */
    public static function ends(Line $line): array
    {
        $ends = [new Step(Operation::Cut, $line, $line->wire, $line->wiresInBarrel, $line->midSpan)];
        if ($line->wireB !== null) {
            $ends[] = new Step(Operation::Cut, $line, $line->wireB);
        }

        return $ends;
    }

    private static function needs(Line $line, Operation $operation, Step $end, HouseRules $rules): bool
    {
        $terminal = $line->terminal;
        if ($terminal === null || $end->wire === null) {
            return $operation === Operation::Torque;
        }

        return match ($operation) {
            Operation::Cut => !$end->midSpan,
            Operation::StripSheath => $end->wire->sheath !== null,
            Operation::Strip => !$terminal->class->takesUnstripped(),
            Operation::Crimp => $terminal->class->isCrimped(),
            Operation::Solder => $terminal->class->isSoldered(),
            Operation::Sleeve => $terminal->class === TerminalClass::HeatShrink || $line->hasSleeve(),
            Operation::Torque => $terminal->class === TerminalClass::ScrewClamp || $line->torque !== null,
            Operation::PullTest => $rules->pullTest,
            Operation::Extract => $line->housing && $terminal->extractCode !== null,
            Operation::ShearScrew => false,
        };
    }

    private static function isAddedTo(Step $end, Operation $operation): bool
    {
        return self::names($end->line->add, $operation)
            && ($operation !== Operation::StripSheath || $end->wire?->sheath !== null);
    }

    /** @return list<array{Operation, bool}> the operations in the order of work, and whether they stand once for each wire */
    private static function order(): array
    {
        static $order = null;

        return $order ??= array_map(static fn(Operation $operation): array => [$operation, $operation->isPerWire()], Operation::steps());
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
