<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Verdict\Findings;

/**
 * Everything that one operation knows: when a line needs it, the work it looks at, how well a capability does that work, how
 * its holes group and what would close them, and how it shows along the sizes. One subclass for each operation, in a folder
 * of its own with its Work; Operations lists them.
 *
 * @template W of Work
 * @template C of Capability
 */
abstract class OperationRules
{
    final public function __construct(protected readonly HouseRules $house) {}

    abstract public static function operation(): Operation;

    /** Whether it stands once for each wire of a line, or once for all. */
    public function isPerWire(Line $line): bool
    {
        return true;
    }

    /** Whether a line needs it at one of its ends; a bare screw has no end. What is put in or left out by hand is no matter here. */
    abstract public function isNeeded(Line $line, ?End $end): bool;

    /** Whether it can be put in by hand at this end. */
    public function canBeAdded(?End $end): bool
    {
        return true;
    }

    /** Whether its work looks at the figures of a line (Line::hasFiguresOf): lines that differ in them alone share all other work. */
    public function readsFigures(): bool
    {
        return false;
    }

    /** @return W */
    abstract public function work(Line $line, ?End $end, Conditions $conditions): Work;

    /**
     * Puts every check of a capability against a work into the findings.
     *
     * @param W $work
     * @param C $capability
     *
     * @return Position|Nest|null the place in the tool that answered
     */
    abstract public function judge(Work $work, Capability $capability, Findings $findings): Position|Nest|null;

    /**
     * Whether judging weighs what is proven against what is printed. Where nothing is printed, what is proven can only
     * lower a match; where the wire is no matter (torque, screws), it says nothing.
     */
    public function weighsProven(): bool
    {
        return true;
    }

    /**
     * Works of one kind may be done by the same capabilities. A kind and a bound keep a large kit from being asked tool by
     * tool: what they leave out would be unsuitable.
     *
     * @param W $work
     */
    public function kind(Work $work): string
    {
        return '';
    }

    /**
     * @param C $capability
     * @param W $work       any one of its kind
     */
    public function servesKind(Capability $capability, Work $work): bool
    {
        return true;
    }

    /**
     * What bound() is about: the least and the greatest that judging may measure of a work, as a rule the area of the wire in
     * mm²; null where nothing is measured.
     *
     * @param W $work
     *
     * @return array{float, float}|null
     */
    public function measure(Work $work): ?array
    {
        $area = $work->size()?->area;

        return $area === null ? null : [$area, $area];
    }

    /** @param C $capability */
    public function bound(Capability $capability): Bound
    {
        return new Bound();
    }

    /**
     * What parts the holes of this operation: works that agree in it can be done by one tool that one can buy.
     *
     * @param W $work
     *
     * @return list<string>
     */
    public function group(Work $work): array
    {
        return [];
    }

    /**
     * The least tool that does all of these.
     *
     * @param non-empty-list<W> $works of one group
     */
    abstract public function wanted(array $works): Wanted;

    /**
     * The lane of the ruler that shows a work; null for what has no size of its own.
     *
     * @param W $work
     */
    public function lane(Work $work): ?string
    {
        return null;
    }

    /**
     * How a capability shows by what is printed on the tool alone; null where that is no size.
     *
     * @param C $capability
     */
    public function printed(Capability $capability): ?Reach
    {
        return null;
    }

    /**
     * How a capability shows in a lane; null where it has nothing to do with it.
     *
     * @param C                 $capability
     * @param non-empty-list<W> $works      of the lane: what has no printed size stands where they are
     */
    public function reach(Capability $capability, array $works): ?Reach
    {
        return $this->printed($capability);
    }
}
