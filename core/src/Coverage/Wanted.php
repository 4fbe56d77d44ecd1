<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Bench\PullForce;
use Gondrik\Core\Match\CrimpProfiles;
use Gondrik\Core\Match\StripMatcher;
use Gondrik\Core\Match\StripSheathMatcher;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Access;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Extract;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Tool\PullTest;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Tool\Solder;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Tool\Torque;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\MaterialGroup;
use Gondrik\Core\Wire\SheathShape;
use Gondrik\Core\Wire\Wire;

/** The least tool that would cover all steps of a hole. A tool built exactly from it closes the hole. */
final readonly class Wanted
{
    /** mm: a sheath section that is no makeshift, with room to spare. */
    private const SECTION = 5 + StripSheathMatcher::SHORT_SECTION;

    /**
     * @param list<Profile> $profiles any of which would do, for a crimp
     * @param float|null    $coldest  °C that a sheath is taken off at
     */
    private function __construct(
        public Capability $capability,
        /** Access is tight on a line. */
        public bool $compact,
        /** A line has no mains. */
        public bool $withoutMains,
        public ?TerminalClass $class = null,
        public array $profiles = [],
        public ?float $coldest = null,
    ) {}

    /** @param non-empty-list<Step> $steps of one hole */
    public static function by(array $steps, HouseRules $rules): self
    {
        $compact = self::anyLine($steps, static fn(Line $line): bool => $line->access === Access::Tight);
        $withoutMains = self::anyLine($steps, static fn(Line $line): bool => $line->noMains);
        $capability = match ($steps[0]->operation) {
            Operation::Cut => self::cut($steps),
            Operation::StripSheath => self::stripSheath($steps),
            Operation::Strip => self::strip($steps),
            Operation::Crimp => self::crimp($steps, $rules),
            Operation::Sleeve => new ShrinkSleeve(Heat::Gun, self::greatestOd($steps)),
            Operation::Solder => new Solder(self::around(self::figures($steps, static fn(Step $step): ?float => $step->line->temperature))),
            Operation::Torque => new Torque(self::around(self::figures($steps, static fn(Step $step): ?float => $step->line->torque)) ?? new Limits(min: 0.0)),
            Operation::PullTest => new PullTest(self::force($steps, $rules)),
            Operation::Extract => new Extract(self::unique($steps, static fn(Step $step): ?string => $step->line->terminal?->extractCode)),
            Operation::ShearScrew => throw new \LogicException('no line needs screws cut'),
        };

        return new self(
            $capability,
            $compact,
            $withoutMains,
            $capability instanceof Crimp ? $steps[0]->line->terminal?->class : null,
            $capability instanceof Crimp ? self::profiles($steps) : [],
            $capability instanceof StripSheath ? min(array_map(static fn(Step $step): float => $step->line->ambient, $steps)) : null,
        );
    }

    /** A tool with just this capability, driven by hand. */
    public function tool(string $id): Tool
    {
        return new Tool($id, 'Wanted: ' . $this->capability::operation()->value, ToolKind::Other, [$this->capability], compact: $this->compact);
    }

    /** @param non-empty-list<Step> $steps */
    private static function cut(array $steps): Cut
    {
        $size = self::sizes($steps);

        return new Cut($size, self::wires($steps)[0]->isMultiCore() ? $size : null, self::greatestOd($steps, outside: true));
    }

    /** @param non-empty-list<Step> $steps */
    private static function strip(array $steps): Strip
    {
        $wires = self::wires($steps);
        $materials = self::unique($steps, static fn(Step $step): ?Material => $step->wire?->insulation);
        $midSpan = $steps[0]->midSpan;
        $maxOd = self::greatestOd($steps);
        if ($wires[0]->insulation->group() === MaterialGroup::ThinWall) {
            // Thin walls want a ground die for each size; serrated jaws mark them.
            return new Strip(StripMethod::Die, $materials, positions: self::dies($wires), maxOd: $maxOd, midSpan: $midSpan);
        }
        $method = $wires[0]->size->area < StripMatcher::BLADE_FROM ? StripMethod::SelfAdjusting : StripMethod::Knife;

        return new Strip($method, $materials, self::sizes($steps), maxOd: $maxOd, midSpan: $midSpan);
    }

    /**
     * @param non-empty-list<Wire> $wires
     *
     * @return non-empty-list<Position> one for each size and construction
     */
    private static function dies(array $wires): array
    {
        $dies = [];
        foreach ($wires as $wire) {
            $isSolid = $wire->construction === Construction::Solid;
            $size = SizeRange::single($wire->size);
            $dies[$wire->size->written . ($isSolid ? ' solid' : '')] ??= new Position(
                $wire->size->written . ($isSolid ? ' solid' : ''),
                solid: $isSolid ? $size : null,
                stranded: $isSolid ? null : $size,
            );
        }

        return array_values($dies);
    }

    /** @param non-empty-list<Step> $steps */
    private static function stripSheath(array $steps): StripSheath
    {
        $diameters = self::figures($steps, static fn(Step $step): ?float => $step->wire?->sheath?->outsideDiameter());

        return new StripSheath(
            self::unique($steps, static fn(Step $step): ?SheathShape => $step->wire?->sheath?->shape),
            self::unique($steps, static fn(Step $step): ?Material => $step->wire?->sheath?->material),
            size: self::sizes($steps),
            od: self::around($diameters),
            section: self::SECTION,
        );
    }

    /** @param non-empty-list<Step> $steps */
    private static function crimp(array $steps, HouseRules $rules): Crimp
    {
        $terminals = array_values(array_filter(array_map(static fn(Step $step) => $step->line->terminal, $steps)));
        assert($terminals !== []);
        $class = $terminals[0]->class;
        $codes = self::unique($steps, static fn(Step $step): ?string => $step->line->terminal?->nest);
        $sizes = SizeRange::hull(array_map($rules->sizeOf(...), $terminals));
        $seal = $class === TerminalClass::SealedOpenBarrel ? self::seal($steps) : null;
        $grips = in_array($class, $rules->insulationGrip, true);
        $nests = $codes === []
            ? [new Nest($sizes->written, size: $sizes, seal: $seal, gripsInsulation: $grips)]
            : array_map(static fn(string $code): Nest => new Nest($code, $code, seal: $seal, gripsInsulation: $grips), $codes);
        $fullCycle = in_array($class, $rules->fullCycleFor, true);

        return new Crimp(self::profiles($steps)[0], $fullCycle ? Control::FullCycle : Control::Free, $nests, [$class]);
    }

    /**
     * @param non-empty-list<Step> $steps
     *
     * @return non-empty-list<Profile>
     */
    private static function profiles(array $steps): array
    {
        $class = $steps[0]->line->terminal?->class;
        $profiles = $class === null ? [] : CrimpProfiles::wanted($class, $steps[0]->line->clamp);
        assert($profiles !== []);

        return $profiles;
    }

    /**
     * Least and greatest insulation, from the terminals where a wire's diameter is unknown.
     *
     * @param non-empty-list<Step> $steps
     */
    private static function seal(array $steps): Limits
    {
        $diameters = [];
        foreach ($steps as $step) {
            $seal = $step->line->terminal?->seal;
            $diameters = [...$diameters, ...$step->insulationOd() !== null ? [$step->insulationOd()] : [$seal?->min, $seal?->max]];
        }

        return self::around(array_values(array_filter($diameters, static fn(?float $od): bool => $od !== null))) ?? new Limits(min: 0.0);
    }

    /**
     * Greatest required force, rounded up; one newton where no standard has a figure.
     *
     * @param non-empty-list<Step> $steps
     */
    private static function force(array $steps, HouseRules $rules): float
    {
        $forces = self::figures($steps, static function (Step $step) use ($rules): ?float {
            $terminal = $step->line->terminal;
            if ($terminal === null || $step->wire === null) {
                return null;
            }

            return PullForce::required(PullForce::standardFor($rules->pullStandard, $terminal->class, $step->wire->size), $step->wire->size)?->newtons;
        });

        return ceil(max(1.0, ...$forces));
    }

    /** @param non-empty-list<Step> $steps */
    private static function sizes(array $steps): SizeRange
    {
        return SizeRange::hull(array_map(static fn(Size $size): SizeRange => SizeRange::single($size), array_map(static fn(Wire $wire): Size => $wire->size, self::wires($steps))));
    }

    /**
     * @param non-empty-list<Step> $steps
     *
     * @return non-empty-list<Wire>
     */
    private static function wires(array $steps): array
    {
        $wires = array_values(array_filter(array_map(static fn(Step $step): ?Wire => $step->wire, $steps)));
        assert($wires !== []);

        return $wires;
    }

    /** @param non-empty-list<Step> $steps */
    private static function greatestOd(array $steps, bool $outside = false): ?float
    {
        $diameters = self::figures($steps, static fn(Step $step): ?float => $outside ? $step->wire?->outsideDiameter() : $step->wire?->insulationOd);

        return $diameters === [] ? null : max($diameters);
    }

    /** @param list<float> $figures */
    private static function around(array $figures): ?Limits
    {
        return $figures === [] ? null : Limits::around($figures);
    }

    /**
     * @param non-empty-list<Step>   $steps
     * @param \Closure(Step): ?float $figure
     *
     * @return list<float> where known
     */
    private static function figures(array $steps, \Closure $figure): array
    {
        return array_values(array_filter(array_map($figure, $steps), static fn(?float $value): bool => $value !== null));
    }

    /**
     * @template T
     *
     * @param non-empty-list<Step> $steps
     * @param \Closure(Step): ?T   $read
     *
     * @return list<T> in order of appearance, each once
     */
    private static function unique(array $steps, \Closure $read): array
    {
        $seen = [];
        foreach ($steps as $step) {
            $value = $read($step);
            if ($value !== null && !in_array($value, $seen, true)) {
                $seen[] = $value;
            }
        }

        return $seen;
    }

    /**
     * @param non-empty-list<Step> $steps
     * @param \Closure(Line): bool $test
     */
    private static function anyLine(array $steps, \Closure $test): bool
    {
        foreach ($steps as $step) {
            if ($test($step->line)) {
                return true;
            }
        }

        return false;
    }
}
