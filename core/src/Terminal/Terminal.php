<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Wire\Conductor;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Wire;

/** One terminal. Lengths and diameters in mm, money in whole cents. */
final readonly class Terminal
{
    /** A twin ferrule takes exactly this many wires, a twist-on as many at least; the size of both is for each. */
    public const TWIN = 2;

    /**
     * @param list<Construction>|null $takes      as stated; null leaves it to the class
     * @param list<Conductor>|null    $conductors as stated; null is copper and its plated kinds
     * @param list<Place>|null        $suits      places it is made for; null where not stated
     *
     * @throws Invalid naming the field that cannot be
     */
    public function __construct(
        public string $id,
        public string $name,
        public TerminalClass $class,
        public SizeRange $size,
        public ?string $shape = null,
        /** Code of the nest it belongs in: a colour, a series. */
        public ?string $nest = null,
        public ?StripLength $strip = null,
        public ?Stud $stud = null,
        public ?Limits $insulationOd = null,
        public ?Limits $seal = null,
        public int $wiresPerBarrel = 1,
        #[ListOf(Construction::class)]
        public ?array $takes = null,
        #[ListOf(Conductor::class)]
        public ?array $conductors = null,
        public bool $sealed = false,
        /** What it wants over it. */
        public Sleeve $sleeve = Sleeve::None,
        /** The metal sleeve reaches to the rear, so that a double crimp grips the insulation too. */
        public bool $sleeveToRear = false,
        /** Makeshift: it holds, but never well. */
        public Fit $grade = Fit::Proper,
        #[ListOf(Place::class)]
        public ?array $suits = null,
        public int $ends = 1,
        /** Code of the extractor that gets the contact out of its housing. */
        public ?string $extractCode = null,
        public ?Barrel $barrel = null,
        /** The plastic over the barrel, which is what a tube goes over. */
        public ?Barrel $cover = null,
        public ?int $price = null,
    ) {
        if ($seal !== null && $class !== TerminalClass::SealedOpenBarrel) {
            throw Invalid::at('seal', 'a seal range', 'only a sealed-open-barrel terminal has a wire seal');
        }
        if ($class === TerminalClass::TwinFerrule && $wiresPerBarrel !== 1 && $wiresPerBarrel !== self::TWIN) {
            throw Invalid::at('wiresPerBarrel', $wiresPerBarrel, 'a twin ferrule takes exactly ' . self::TWIN . ' wires');
        }
    }

    public function leastWires(): int
    {
        return $this->class->isSizedForEach() ? self::TWIN : 1;
    }

    public function mostWires(): int
    {
        return match ($this->class) {
            TerminalClass::TwinFerrule => self::TWIN,
            TerminalClass::TwistOn => max(self::TWIN, $this->wiresPerBarrel),
            default => $this->wiresPerBarrel,
        };
    }

    /** Whether so many of a wire go in by size, construction and metal; the house and the place may still have a word. */
    public function takesWires(Wire $wire, int $wires): bool
    {
        $inOne = $this->class->isSizedForEach() ? 1 : $wires;

        return $this->size->standingOfBundle($wire->size, $inOne)->isInside() && $this->takes($wire->construction) && $this->takesMetal($wire->conductor);
    }

    public function takes(Construction $construction): bool
    {
        if ($this->takes !== null) {
            return in_array($construction, $this->takes, true);
        }

        return $construction !== Construction::Solid || !$this->class->wantsStrands();
    }

    public function takesMetal(Conductor $conductor): bool
    {
        return in_array($conductor, $this->conductors ?? Conductor::coppers(), true);
    }

    public function isMadeFor(Place $place): bool
    {
        return $place === Place::Plain || $this->suits === null || in_array($place, $this->suits, true);
    }
}
