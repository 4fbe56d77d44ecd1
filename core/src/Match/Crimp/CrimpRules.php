<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Crimp;

use Gondrik\Core\Match\Bound;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Reach;
use Gondrik\Core\Match\Segment;
use Gondrik\Core\Match\Stretch;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;

/**
 * Profile against class, then control (both ProfileCheck), then the nest (NestCheck).
 *
 * @extends OperationRules<CrimpWork, Crimp>
 */
final class CrimpRules extends OperationRules
{
    /** The coloured nests of insulated terminals come in one tool. */
    private const COLOURS = ['red', 'blue', 'yellow'];

    /** mm²: up to it reach the small crimpers for ferrules (common practice). */
    private const SMALL_FERRULE = 10.0;

    private ?ProfileCheck $profiles = null;

    private ?NestCheck $nests = null;

    public static function operation(): Operation
    {
        return Operation::Crimp;
    }

    /** A tap takes both its wires in one squeeze. */
    public function isPerWire(Line $line): bool
    {
        return $line->terminal?->class !== TerminalClass::Tap;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end !== null && $line->terminal?->class->isCrimped() === true;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): CrimpWork
    {
        $terminal = $line->terminal;
        assert($end !== null && $terminal !== null);
        $class = $terminal->class;

        return new CrimpWork(
            $conditions,
            $end->wire->size,
            $class->isSizedForEach() ? 1 : $end->wires,
            $end->insulationOd(),
            $class,
            $this->house->sizeOf($terminal),
            $terminal->nest,
            $terminal->seal,
            $terminal->sleeveToRear,
            $class->isFerrule() ? $line->joint->clamp : null,
            $line->surroundings->wet,
            $line->sleeve->isTube(),
        );
    }

    public function judge(Work $work, Capability $capability, Findings $findings): ?Nest
    {
        $this->profiles ??= new ProfileCheck($this->house);
        $this->nests ??= new NestCheck($this->house);
        $this->profiles->profile($work, $capability, $findings);
        $this->profiles->control($work->class, $capability->control, $findings);

        return $findings->isLost() ? null : $this->nests->best($work, $capability, $findings);
    }

    public function kind(Work $work): string
    {
        return $work->class->value;
    }

    public function servesKind(Capability $capability, Work $work): bool
    {
        return ProfileCheck::mightSuit($work->class, $capability);
    }

    /** In a barrel several wires count by their sum, before it each by itself. */
    public function measure(Work $work): array
    {
        return [$work->wire->area, $work->wire->area * $work->wires];
    }

    /** From the wire to the terminal, and from the terminal to the nest; open where a nest goes by its code. */
    public function bound(Capability $capability): Bound
    {
        $ranges = [$capability->proven];
        foreach ($capability->nests as $nest) {
            if ($nest->code !== null || $nest->size === null) {
                return new Bound();
            }
            $ranges[] = $nest->size;
            $ranges[] = $nest->proven;
        }

        return Bound::around($ranges, Bound::EQUIVALENT ** 2);
    }

    public function group(Work $work): array
    {
        $isLargeFerrule = $work->class->isFerrule() && Tolerance::isAbove(Stretch::over($work->terminal)->to, self::SMALL_FERRULE);

        return [
            $work->class->value,
            implode(' ', self::values(CrimpProfiles::wanted($work->class, $work->clamp))),
            in_array($work->nest, self::COLOURS, true) ? 'colour' : $work->nest ?? '',
            $isLargeFerrule ? 'above 10 mm2' : '',
        ];
    }

    public function wanted(array $works): Wanted
    {
        return (new CrimpWanted($this->house))->of($works);
    }

    /**
     * @param list<Profile> $profiles
     *
     * @return list<string>
     */
    private static function values(array $profiles): array
    {
        return array_map(static fn(Profile $profile): string => $profile->value, $profiles);
    }

    public function lane(Work $work): string
    {
        return $work->class->value;
    }

    public function printed(Capability $capability): ?Reach
    {
        return self::over($capability, $capability->grade, static fn(Nest $nest): ?SizeRange => $nest->size);
    }

    /** A nest known by its code alone stands where the terminals of that code are. */
    public function reach(Capability $capability, array $works): ?Reach
    {
        $class = $works[0]->class;
        if (!ProfileCheck::mightSuit($class, $capability)) {
            return null;
        }
        $profile = CrimpProfiles::fit($class, $capability->profile);
        $fit = $capability->grade->worse($profile === Fit::Unsuitable ? Fit::Makeshift : $profile);

        return self::over($capability, $fit, fn(Nest $nest): ?SizeRange => $nest->size ?? $this->terminalsOf($nest, $works));
    }

    /** @param \Closure(Nest): ?SizeRange $sizeOf */
    private static function over(Crimp $capability, Fit $fit, \Closure $sizeOf): ?Reach
    {
        $segments = [];
        foreach ($capability->nests as $nest) {
            $range = $sizeOf($nest);
            if ($range !== null) {
                $segments[] = new Segment($nest->label, $nest->code, Stretch::over($range), $nest->proven === null ? null : Stretch::over($nest->proven));
            }
        }

        return $segments === [] ? null : new Reach(
            [Stretch::hull(array_map(static fn(Segment $segment): Stretch => $segment->over, $segments), $fit)],
            $segments,
            $capability->proven === null ? null : Stretch::over($capability->proven),
        );
    }

    /** @param non-empty-list<CrimpWork> $works */
    private function terminalsOf(Nest $nest, array $works): ?SizeRange
    {
        $terminals = [];
        foreach ($works as $work) {
            if ($work->nest === $nest->code) {
                $terminals[] = $work->terminal;
            }
        }

        return $terminals === [] ? null : SizeRange::hull($terminals);
    }
}
