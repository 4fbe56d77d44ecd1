<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\CrimpMatcher;
use Gondrik\Core\Match\CrimpProfiles;
use Gondrik\Core\Match\Fit;
use Gondrik\Core\Match\StripMatcher;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Tool\Tool;

/**
 * A report laid out along the sizes: a lane for each operation and crimp class in use, a bar for each reach of a tool, a
 * drop line for each size of the scope. All places are areas in mm²; the drawing is the page's.
 */
final readonly class Ruler
{
    /** Operations with no size of their own share the last lane. */
    public const FINISH = 'finish';

    /**
     * @param list<RulerLane> $lanes
     * @param list<RulerDrop> $drops from thin to thick
     */
    private function __construct(public array $lanes, public array $drops) {}

    public static function of(Report $report): self
    {
        $drops = self::drops($report);
        $used = [];
        foreach ($drops as $drop) {
            $used += $drop->marks;
        }

        return new self(self::lanes($report->kit, $report->scope, $used), $drops);
    }

    /** The lane that a step's mark stands in. */
    public static function laneOf(StepCover $cover): string
    {
        return match ($cover->step->operation) {
            Operation::Cut, Operation::StripSheath, Operation::Strip => $cover->step->operation->value,
            Operation::Crimp => (string) $cover->step->line->terminal?->class->value,
            default => self::FINISH,
        };
    }

    /** @return list<RulerDrop> */
    private static function drops(Report $report): array
    {
        $sizes = [];
        foreach ($report->lines as $cover) {
            foreach ([$cover->line->wire, $cover->line->wireB] as $wire) {
                if ($wire !== null) {
                    $sizes[(string) round($wire->size->area, 6)] ??= $wire->size;
                }
            }
        }
        uasort($sizes, static fn(Size $one, Size $other): int => $one->area <=> $other->area);

        return array_values(array_map(static fn(Size $size): RulerDrop => RulerDrop::at($size, $report->lines), $sizes));
    }

    /**
     * @param array<string, mixed> $used lane names with a mark
     *
     * @return list<RulerLane>
     */
    private static function lanes(Kit $kit, Scope $scope, array $used): array
    {
        $lanes = [];
        foreach ([Operation::Cut, Operation::StripSheath, Operation::Strip] as $operation) {
            if (isset($used[$operation->value])) {
                $lanes[] = new RulerLane($operation->value, self::bars($kit, $scope, $operation, null));
            }
        }
        foreach (TerminalClass::crimped() as $class) {
            if (isset($used[$class->value])) {
                $lanes[] = new RulerLane($class->value, self::bars($kit, $scope, Operation::Crimp, $class));
            }
        }
        if (isset($used[self::FINISH])) {
            $lanes[] = new RulerLane(self::FINISH, []);
        }

        return $lanes;
    }

    /** @return list<RulerBar> in the order of the kit */
    private static function bars(Kit $kit, Scope $scope, Operation $operation, ?TerminalClass $class): array
    {
        $bars = [];
        foreach ($kit->tools as $entry) {
            foreach ($entry->tool->capabilitiesFor($operation) as $capability) {
                $bar = self::bar($entry->tool, $capability, $scope, $class);
                if ($bar !== null) {
                    $bars[] = $bar;
                }
            }
        }

        return $bars;
    }

    private static function bar(Tool $tool, Capability $capability, Scope $scope, ?TerminalClass $class): ?RulerBar
    {
        $fit = $capability->grade;
        if ($capability instanceof Crimp) {
            if ($class === null || !CrimpMatcher::mightSuit($class, $capability->profile) || ($capability->classes !== null && !in_array($class, $capability->classes, true))) {
                return null;
            }
            $profile = CrimpProfiles::fit($class, $capability->profile);
            $fit = $fit->worse($profile === Fit::Unsuitable ? Fit::Makeshift : $profile);
        }
        if ($capability instanceof Strip && $capability->size !== null && !$capability->small && !$capability->method->hasPositions() && $capability->method !== StripMethod::SelfAdjusting) {
            $fit = self::least($capability->size) < StripMatcher::BLADE_FROM ? $fit->worse(Fit::Makeshift) : $fit;
        }
        $segments = self::segments($capability, $scope, $class);
        $reach = match (true) {
            $capability instanceof Cut => $capability->multi === null ? $capability->single : SizeRange::hull([$capability->single, $capability->multi]),
            $capability instanceof StripSheath => $capability->size ?? self::sizesOfDiameter($capability->od, $scope),
            $capability instanceof Strip => $capability->size,
            default => null,
        };
        $from = $reach !== null ? self::least($reach) : min([INF, ...array_map(static fn(RulerSegment $segment): float => $segment->from, $segments)]);
        $to = $reach !== null ? self::greatest($reach) : max([0.0, ...array_map(static fn(RulerSegment $segment): float => $segment->to, $segments)]);

        return $from > $to ? null : new RulerBar(
            $tool,
            $fit,
            $from,
            $to,
            $capability->proven === null ? null : self::least($capability->proven),
            $capability->proven === null ? null : self::greatest($capability->proven),
            $segments,
        );
    }

    /** @return list<RulerSegment> notches, dies and nests; a nest known by its code alone stands where the scope's terminals of that code are */
    private static function segments(Capability $capability, Scope $scope, ?TerminalClass $class): array
    {
        $segments = [];
        if ($capability instanceof Strip) {
            foreach ($capability->positions ?? [] as $position) {
                $range = self::marking($position);
                if ($range !== null) {
                    $segments[] = new RulerSegment($position->label, null, self::least($range), self::greatest($range));
                }
            }
        }
        if ($capability instanceof Crimp) {
            foreach ($capability->nests as $nest) {
                $range = $nest->size ?? self::sizesOfCode($nest, $scope, $class);
                if ($range !== null) {
                    $segments[] = new RulerSegment(
                        $nest->label,
                        $nest->code,
                        self::least($range),
                        self::greatest($range),
                        $nest->proven === null ? null : self::least($nest->proven),
                        $nest->proven === null ? null : self::greatest($nest->proven),
                    );
                }
            }
        }

        return $segments;
    }

    /** A sheath tool that goes by the outside diameter stands where the scope's cables of that diameter are. */
    private static function sizesOfDiameter(?Limits $od, Scope $scope): ?SizeRange
    {
        $sizes = [];
        foreach ($scope->lines as $line) {
            foreach ([$line->wire, $line->wireB] as $wire) {
                $outside = $wire?->sheath?->outsideDiameter();
                if ($wire !== null && $outside !== null && $od?->holds($outside) === true) {
                    $sizes[] = SizeRange::single($wire->size);
                }
            }
        }

        return $sizes === [] ? null : SizeRange::hull($sizes);
    }

    private static function marking(Position $position): ?SizeRange
    {
        $markings = array_values(array_filter([$position->solid, $position->stranded]));

        return $markings === [] ? null : SizeRange::hull($markings);
    }

    private static function sizesOfCode(Nest $nest, Scope $scope, ?TerminalClass $class): ?SizeRange
    {
        $sizes = array_values(array_filter(array_map(
            static fn(Line $line): ?SizeRange => $line->terminal?->class === $class && $line->terminal?->nest === $nest->code ? $line->terminal?->size : null,
            $scope->lines,
        )));

        return $sizes === [] ? null : SizeRange::hull($sizes);
    }

    private static function least(SizeRange $range): float
    {
        return min(array_map(static fn($span): float => $span->least->area, $range->spans()));
    }

    private static function greatest(SizeRange $range): float
    {
        return max(array_map(static fn($span): float => $span->greatest->area, $range->spans()));
    }
}
