<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Preparation;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Terminal\Place;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Wire;

/**
 * The checks of a line, before any tool is asked. Only what there is to say is answered: a line with nothing amiss has no
 * checks. One that is unsuitable makes the line faulty, a makeshift one caps the line and the step that holds the wire. A
 * check of one wire names it.
 */
final readonly class LineChecks
{
    /** mm² (20 AWG): from here on a conductor holds without its insulation (common practice). */
    private const HOLDS_ALONE = 0.5;

    /** mm² (26 AWG): up to here thin insulation that is not gripped fails the crimp (common practice). */
    private const NEEDS_GRIP = 0.14;

    public function __construct(private HouseRules $house) {}

    /** @return list<Reason> */
    public function of(Line $line): array
    {
        $terminal = $line->terminal;
        if ($terminal === null) {
            return [];
        }
        $findings = Findings::telling();
        foreach ($line->ends as $end) {
            $findings->about($end->wire->id);
            $this->end($line, $end, $terminal, $findings);
        }
        $findings->about(null);
        $this->whole($line, $terminal, $findings);

        return $findings->reasons();
    }

    /** Whether it cannot be made as it is written, whatever the tool. */
    public function areFaulty(Line $line): bool
    {
        foreach ($this->of($line) as $check) {
            if ($check->fit === Fit::Unsuitable) {
                return true;
            }
        }

        return false;
    }

    /** What concerns one of its wires. */
    private function end(Line $line, End $end, Terminal $terminal, Findings $findings): void
    {
        $wire = $end->wire;
        $this->count($end->wires, $terminal, $findings);
        $this->size($end, $terminal, $findings);
        $this->strands($wire, $terminal, $line->joint->prep, $findings);
        if (!$terminal->takesMetal($wire->conductor)) {
            $findings->add(ReasonCode::TerminalConductor, Fit::Unsuitable, ['conductor' => $wire->conductor->value]);
        }
        $this->insulation($end->insulationOd(), $wire, $terminal->insulationOd, $findings);
        $this->seal($end->insulationOd(), $terminal->seal, $findings);
        $coldest = $wire->coldestWorking();
        if ($coldest !== null && Tolerance::isBelow($line->surroundings->ambient, $coldest)) {
            $findings->add(ReasonCode::TemperatureTooCold, Fit::Unsuitable, ['ambient' => $line->surroundings->ambient, 'limit' => $coldest]);
        }
        if ($wire->listed === false) {
            $findings->add(ReasonCode::WireUnlisted, $this->house->listedWire ? Fit::Unsuitable : Fit::Makeshift, rule: $this->house->changed(HouseRule::ListedWire));
        }
        if (!$this->house->insulations->allow($wire->insulation)) {
            $findings->add(ReasonCode::InsulationRefused, Fit::Unsuitable, ['material' => $wire->insulation->value, 'materials' => (array) $this->house->insulations->plain()], rule: $this->house->changed(HouseRule::Insulations));
        }
    }

    private function count(int $wires, Terminal $terminal, Findings $findings): void
    {
        $least = $terminal->leastWires();
        $limit = $terminal->mostWires();
        if ($wires > $limit) {
            $findings->add(ReasonCode::TerminalCount, Fit::Unsuitable, ['wires' => $wires, 'limit' => $limit], $wires, $limit);
        } elseif ($wires < $least) {
            $findings->add(ReasonCode::TerminalCount, Fit::Unsuitable, ['few' => $wires, 'least' => $least], $wires, $least);
        }
    }

    private function size(End $end, Terminal $terminal, Findings $findings): void
    {
        $range = $this->house->sizeOf($terminal);
        $wires = $terminal->class->isSizedForEach() ? 1 : $end->wires;
        $standing = $range->standingOfBundle($end->wire->size, $wires);
        $numbers = ['size' => ($wires > 1 ? $wires . ' × ' : '') . $end->wire->size->written, 'range' => $range->written];
        if (!$standing->isInside()) {
            $code = $standing->isAbove() ? ReasonCode::TerminalWireAbove : ReasonCode::TerminalWireBelow;
            $rule = $terminal->size->standingOfBundle($end->wire->size, $wires)->isInside() ? HouseRule::RedBand : null;

            $findings->add($code, Fit::Unsuitable, $numbers, $standing->area, $standing->span->nearestEnd($standing->area)->area, $rule);
        } elseif ($standing->otherMarking) {
            $fit = $terminal->class->holdsClosely() && $standing->isFar() ? Fit::Makeshift : Fit::Proper;

            $findings->add(ReasonCode::TerminalTradeEquivalent, $fit, [...$numbers, ...SizeCheck::marking($standing)]);
        }
    }

    /** How the conductor is built and prepared; nothing about strands is asked of solid wire. */
    private function strands(Wire $wire, Terminal $terminal, Preparation $prep, Findings $findings): void
    {
        $class = $terminal->class;
        if (!$terminal->takes($wire->construction)) {
            $findings->add(ReasonCode::TerminalConstruction, Fit::Unsuitable, ['construction' => $wire->construction->value]);
        }
        if ($wire->construction === Construction::Solid) {
            return;
        }
        // A terminal that lists what it takes has said already whether fine strands are among it.
        if ($class->pressesStrands() && $wire->construction === Construction::Fine && $terminal->takes === null && $prep !== Preparation::Tin) {
            $findings->add(ReasonCode::ClampFineStrands, Fit::Makeshift, ['class' => $class->value]);
        }
        if ($class->isRolled() && $prep === Preparation::Twist) {
            $findings->add(ReasonCode::PrepTwisted, Fit::Unsuitable);
        }
        if ($class->isRolled() && $prep === Preparation::Relaid) {
            $findings->add(ReasonCode::PrepRelaid, Fit::Proper);
        }
        if ($prep === Preparation::Tin && ($class->isCrimped() || $class === TerminalClass::ScrewClamp)) {
            $findings->add(ReasonCode::TinnedRefused, $this->worth($this->house->tinning), rule: $this->house->changed(HouseRule::Tinning));
        }
    }

    private function insulation(?float $od, Wire $wire, ?Limits $limits, Findings $findings): void
    {
        if ($limits === null) {
            return;
        }
        if ($od === null) {
            $findings->add(ReasonCode::OdUnknown, Fit::Proper, ['limit' => $limits->max ?? (float) $limits->min]);

            return;
        }
        $missed = $limits->missedEnd($od);
        if ($missed === null) {
            return;
        }
        $isThick = $limits->isAbove($od);
        $holds = $isThick ? !Tolerance::isBelow($wire->size->area, self::HOLDS_ALONE) : Tolerance::isAbove($wire->size->area, self::NEEDS_GRIP);

        $findings->add(
            $isThick ? ReasonCode::TerminalInsulationThick : ReasonCode::TerminalInsulationThin,
            $holds ? Fit::Makeshift : Fit::Unsuitable,
            ['od' => $od, 'limit' => $missed, 'size' => $wire->size->written],
            $od,
            $missed,
        );
    }

    private function seal(?float $od, ?Limits $seal, Findings $findings): void
    {
        if ($seal === null || ($od !== null && $seal->holds($od))) {
            return;
        }
        $numbers = [...$seal->min === null ? [] : ['least' => $seal->min], ...$seal->max === null ? [] : ['greatest' => $seal->max]];

        $od === null
            ? $findings->add(ReasonCode::OdUnknown, Fit::Makeshift, $numbers)
            : $findings->add(ReasonCode::TerminalSeal, Fit::Unsuitable, ['od' => $od, ...$numbers], $od, $seal->missedEnd($od));
    }

    /** What concerns the termination as a whole. */
    private function whole(Line $line, Terminal $terminal, Findings $findings): void
    {
        $stud = $line->joint->stud;
        if ($stud !== null && $terminal->stud !== null && !$stud->suits($terminal->stud)) {
            $findings->add(ReasonCode::StudMismatch, Fit::Unsuitable, ['hole' => $terminal->stud->written, 'stud' => $stud->written]);
        }
        if ($line->surroundings->wet) {
            $this->wet($line, $terminal, $findings);
        }
        if ($line->isTaped()) {
            $findings->add(ReasonCode::SleeveTape, Fit::Makeshift);
        }
        if (!$terminal->isMadeFor($line->surroundings->place)) {
            $places = array_map(static fn(Place $place): string => $place->value, $terminal->suits ?? []);

            $findings->add(ReasonCode::TerminalPlace, Fit::Makeshift, ['place' => $line->surroundings->place->value, ...$places === [] ? [] : ['places' => $places]]);
        }
        if ($terminal->grade === Fit::Makeshift) {
            $findings->add(ReasonCode::TerminalGrade, Fit::Makeshift);
        }
        if ($terminal->class === TerminalClass::Tap) {
            $findings->add(ReasonCode::TapRefused, $this->worth($this->house->taps), rule: $this->house->changed(HouseRule::Taps));
        }
        if ($terminal->class === TerminalClass::SolderSplice) {
            $findings->add(ReasonCode::SolderRefused, $this->worth($this->house->solderSplices), rule: $this->house->changed(HouseRule::SolderSplices));
        }
        if ($terminal->class->isCrimped() && $line->byHand->adds(Operation::Solder) && !$line->byHand->drops(Operation::Solder)) {
            $findings->add(ReasonCode::SolderOnCrimp, $this->worth($this->house->solderOnCrimp), rule: $this->house->changed(HouseRule::SolderOnCrimp));
        }
    }

    /** What counts is what the steps leave over it. */
    private function wet(Line $line, Terminal $terminal, Findings $findings): void
    {
        $class = $terminal->class;
        $sleeve = $line->sleeve;
        $isOverJoint = $class->isCrimped() || $class->isSoldered();
        $isSealed = $class === TerminalClass::HeatShrink
            ? !$line->byHand->drops(Operation::Sleeve)
            : $terminal->sealed || $class === TerminalClass::SealedOpenBarrel || ($isOverJoint && $sleeve === Sleeve::Lined);
        if ($isSealed) {
            return;
        }
        $rule = $this->house->changed(HouseRule::WetNeedsSleeve);

        match (true) {
            !$this->house->wetNeedsSleeve => $findings->add(ReasonCode::WetUnsealed, Fit::Proper, rule: $rule),
            $isOverJoint && $sleeve === Sleeve::Plain => $findings->add(ReasonCode::WetUnlined, Fit::Makeshift, rule: $rule),
            default => $findings->add(ReasonCode::WetUnsealed, Fit::Unsuitable, rule: $rule),
        };
    }

    private function worth(Stance $stance): Fit
    {
        return $stance === Stance::Accept ? Fit::Proper : Fit::Unsuitable;
    }
}
