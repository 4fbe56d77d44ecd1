<?php

declare(strict_types=1);

namespace Gondrik\Core\Trial;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Crimp\CrimpProfiles;
use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Joint;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Wire\Wire;

/**
 * What a tool would do to the wires and terminals of a shop, whatever kit or scope they meet in: on a bench, with both hands, in a
 * plain dry place at room temperature, with all that the tool requires at hand.
 *
 * Wires are cut, their sheath and their insulation taken off; a terminal is crimped onto each wire that may go into it, one at a
 * time. How much insulation comes off is not asked, for that is the terminal's.
 */
final class Trial
{
    /** What is done to a wire by itself. */
    private const TO_WIRES = [Operation::Cut, Operation::StripSheath, Operation::Strip];

    private readonly Operations $operations;

    private readonly Judge $judge;

    private readonly LineChecks $checks;

    private readonly Conditions $conditions;

    /** @var array<string, ToolMatch> by tool and work: rings of one band are judged alike, whatever their holes */
    private array $known = [];

    public function __construct(private readonly HouseRules $house)
    {
        $this->operations = new Operations($house);
        $this->judge = new Judge($this->operations, $house);
        $this->checks = new LineChecks($house);
        $this->conditions = new Conditions();
    }

    /**
     * @param list<Wire>     $wires
     * @param list<Terminal> $terminals
     *
     * @return list<Tried> in the order of work; of terminals only those of a class that it crimps at all
     */
    public function ofTool(Tool $tool, array $wires, array $terminals): array
    {
        $tried = [];
        foreach (self::TO_WIRES as $operation) {
            if ($tool->capabilitiesFor($operation) !== []) {
                foreach ($wires as $wire) {
                    $tried = [...$tried, ...$this->onWire($tool, $operation, $wire)];
                }
            }
        }
        if ($tool->capabilitiesFor(Operation::Crimp) === []) {
            return $tried;
        }
        foreach ($terminals as $terminal) {
            foreach ($this->isFor($tool, $terminal->class) ? self::within($terminal, $wires) : [] as $wire) {
                $tried = [...$tried, ...$this->onTerminal($tool, $wire, $terminal)];
            }
        }

        return $tried;
    }

    /**
     * @param list<Tool> $tools
     *
     * @return list<Tried> in the order of work, and there in the order of the tools
     */
    public function ofWire(Wire $wire, array $tools): array
    {
        $tried = [];
        foreach (self::TO_WIRES as $operation) {
            foreach ($tools as $tool) {
                if ($tool->capabilitiesFor($operation) !== []) {
                    $tried = [...$tried, ...$this->onWire($tool, $operation, $wire)];
                }
            }
        }

        return $tried;
    }

    /**
     * @param list<Wire> $wires
     * @param list<Tool> $tools
     *
     * @return list<Tried> tool by tool; only those that crimp its class at all
     */
    public function ofTerminal(Terminal $terminal, array $wires, array $tools): array
    {
        $tried = [];
        $within = self::within($terminal, $wires);
        foreach ($tools as $tool) {
            if ($tool->capabilitiesFor(Operation::Crimp) !== [] && $this->isFor($tool, $terminal->class)) {
                foreach ($within as $wire) {
                    $tried = [...$tried, ...$this->onTerminal($tool, $wire, $terminal)];
                }
            }
        }

        return $tried;
    }

    /**
     * What stands against a wire in a terminal, before any tool: its checks, none where it goes in well.
     *
     * @return list<Reason>
     */
    public function checksOf(Wire $wire, Terminal $terminal): array
    {
        return array_values(array_filter($this->checks->of(self::line($wire, $terminal)), static fn(Reason $check): bool => $check->fit !== Fit::Proper));
    }

    /** @return list<Tried> one, or none where the wire does not need it */
    private function onWire(Tool $tool, Operation $operation, Wire $wire): array
    {
        return $this->on($tool, $operation, self::line($wire, new Terminal('any', 'Any', TerminalClass::SolderCup, SizeRange::single($wire->size))), null);
    }

    /** @return list<Tried> one, or none where the wire does not belong into the terminal */
    private function onTerminal(Tool $tool, Wire $wire, Terminal $terminal): array
    {
        $line = self::line($wire, $terminal);
        foreach ($this->checks->of($line) as $check) {
            if ($check->fit === Fit::Unsuitable) {
                return [];
            }
        }

        return $this->on($tool, Operation::Crimp, $line, $terminal);
    }

    /**
     * Most wires do not belong into a terminal by their size alone: the other checks need not be asked. Each size is looked at once.
     *
     * @param list<Wire> $wires
     *
     * @return list<Wire>
     */
    private static function within(Terminal $terminal, array $wires): array
    {
        $fits = $within = [];
        foreach ($wires as $wire) {
            if ($fits[$wire->size->written] ??= $terminal->size->standingOf($wire->size)->isInside()) {
                $within[] = $wire;
            }
        }

        return $within;
    }

    /** @return list<Tried> */
    private function on(Tool $tool, Operation $operation, Line $line, ?Terminal $terminal): array
    {
        assert($line->wire !== null);
        $end = new End($line->wire, $line->joint->wiresInBarrel);
        $rules = $this->operations->of($operation);
        if (!$rules->isNeeded($line, $end)) {
            return [];
        }

        $work = $rules->work($line, $end, $this->conditions);
        $match = $this->known[$tool->id . '|' . $operation->value . '|' . $work->key()] ??= $this->judge->match(new TakingPart($tool), $operation, $work);

        return [new Tried($operation, $line->wire, $terminal, $match)];
    }

    /** As many in the barrel as it must have: a twin ferrule takes two, a twist-on two at least. */
    private static function line(Wire $wire, Terminal $terminal): Line
    {
        return new Line('trial', $wire, $terminal, joint: new Joint(wiresInBarrel: $terminal->leastWires()));
    }

    private function isFor(Tool $tool, TerminalClass $class): bool
    {
        foreach ($tool->capabilitiesFor(Operation::Crimp) as $capability) {
            assert($capability instanceof Crimp);
            $isTaken = $capability->classes === null || in_array($class, $capability->classes, true);
            if ($isTaken && CrimpProfiles::isThinkable($class, $capability->profile, $this->house)) {
                return true;
            }
        }

        return false;
    }
}
