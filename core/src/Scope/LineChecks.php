<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Match\Fit;
use Gondrik\Core\Match\Reason;
use Gondrik\Core\Match\ReasonCode;
use Gondrik\Core\Match\SizeCheck;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Terminal\Place;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\Wire;

/**
 * The checks of a line, before any tool is asked. Only what there is to say is answered: a line with nothing amiss has no
 * checks. One that is unsuitable makes the line faulty, a makeshift one caps the step that holds the wire.
 */
final readonly class LineChecks
{
    /** mm² (20 AWG): from here on a conductor holds without its insulation (common practice). */
    private const HOLDS_ALONE = 0.5;

    /** mm² (26 AWG): up to here thin insulation that is not gripped fails the crimp (common practice). */
    private const NEEDS_GRIP = 0.14;

    public function __construct(private HouseRules $rules) {}

    /** @return list<Reason> */
    public function of(Line $line): array
    {
        $terminal = $line->terminal;
        if ($terminal === null) {
            return [];
        }
        $reasons = [];
        foreach (Steps::ends($line) as $end) {
            if ($end->wire !== null) {
                $reasons = [...$reasons, ...$this->end($end, $end->wire, $terminal)];
            }
        }

        return [...$reasons, ...$this->preparation($line, $terminal), ...$this->place($line, $terminal), ...$this->houseRefuses($terminal)];
    }

    /** @return list<Reason> */
    private function end(Step $end, Wire $wire, Terminal $terminal): array
    {
        return [
            ...$this->count($end->wires, $terminal),
            ...$this->size($end->wires, $wire, $terminal),
            ...$this->construction($wire, $terminal, $end->line->prep),
            ...$terminal->takesMetal($wire->conductor) ? [] : [new Reason(ReasonCode::TerminalConductor, Fit::Unsuitable, ['conductor' => $wire->conductor->value])],
            ...$this->insulation($end->insulationOd(), $wire, $terminal),
            ...$this->seal($end->insulationOd(), $terminal),
            ...$this->temperature($end->line->ambient, $wire),
        ];
    }

    /** @return list<Reason> */
    private function count(int $wires, Terminal $terminal): array
    {
        $isTwin = $terminal->class === TerminalClass::TwinFerrule;
        $limit = $isTwin ? Terminal::TWIN : $terminal->wiresPerBarrel;
        $isOff = $isTwin ? $wires !== $limit : $wires > $limit;

        return $isOff
            ? [new Reason(ReasonCode::TerminalCount, Fit::Unsuitable, ['wires' => self::counted($wires), 'limit' => self::counted($limit)], $wires, $limit)]
            : [];
    }

    private static function counted(int $wires): string
    {
        return $wires === 1 ? '1 wire' : $wires . ' wires';
    }

    /** @return list<Reason> */
    private function size(int $wires, Wire $wire, Terminal $terminal): array
    {
        $range = $this->rules->sizeOf($terminal);
        $standing = $range->standingOfBundle($wire->size, $terminal->class === TerminalClass::TwinFerrule ? 1 : $wires);
        $numbers = ['size' => ($wires > 1 && $terminal->class !== TerminalClass::TwinFerrule ? $wires . ' × ' : '') . $wire->size->written, 'range' => $range->written];
        $rule = $range === $terminal->size ? null : 'redBand';
        if (!$standing->isInside()) {
            $code = $standing->isAbove() ? ReasonCode::TerminalWireAbove : ReasonCode::TerminalWireBelow;

            return [new Reason($code, Fit::Unsuitable, $numbers, $standing->area, $standing->span->nearestEnd($standing->area)->area, $rule)];
        }
        if (!$standing->otherMarking) {
            return [];
        }
        $fit = $terminal->class->holdsClosely() && $standing->isFar() ? Fit::Makeshift : Fit::Proper;

        return [new Reason(ReasonCode::TerminalTradeEquivalent, $fit, [...$numbers, 'marking' => SizeCheck::marking($standing)])];
    }

    /** @return list<Reason> */
    private function construction(Wire $wire, Terminal $terminal, Preparation $prep): array
    {
        if (!$terminal->takes($wire->construction)) {
            return [new Reason(ReasonCode::TerminalConstruction, Fit::Unsuitable, ['construction' => $wire->construction->value])];
        }
        $isBare = $terminal->class === TerminalClass::ScrewClamp && $wire->construction === Construction::Fine && $prep !== Preparation::Tin;

        return $isBare && !$terminal->listsFine() ? [new Reason(ReasonCode::ClampFineStrands, Fit::Makeshift)] : [];
    }

    /** @return list<Reason> */
    private function insulation(?float $od, Wire $wire, Terminal $terminal): array
    {
        $limits = $terminal->insulationOd;
        if ($limits === null) {
            return [];
        }
        if ($od === null) {
            return [new Reason(ReasonCode::OdUnknown, Fit::Proper, ['limit' => $limits->max ?? (float) $limits->min])];
        }
        if ($limits->isAbove($od)) {
            $fit = $wire->size->area >= self::HOLDS_ALONE ? Fit::Makeshift : Fit::Unsuitable;

            return [new Reason(ReasonCode::TerminalInsulationThick, $fit, ['od' => $od, 'limit' => (float) $limits->max, 'size' => $wire->size->written], $od, $limits->max)];
        }
        if ($limits->isBelow($od)) {
            $fit = $wire->size->area > self::NEEDS_GRIP ? Fit::Makeshift : Fit::Unsuitable;

            return [new Reason(ReasonCode::TerminalInsulationThin, $fit, ['od' => $od, 'limit' => (float) $limits->min, 'size' => $wire->size->written], $od, $limits->min)];
        }

        return [];
    }

    /** @return list<Reason> */
    private function seal(?float $od, Terminal $terminal): array
    {
        $limits = $terminal->seal;
        if ($limits === null || ($od !== null && $limits->holds($od))) {
            return [];
        }

        return $od === null
            ? [new Reason(ReasonCode::OdUnknown, Fit::Makeshift, ['limit' => $limits->max ?? (float) $limits->min])]
            : [new Reason(ReasonCode::TerminalSeal, Fit::Unsuitable, ['od' => $od, 'range' => self::written($limits)], $od, $limits->isAbove($od) ? $limits->max : $limits->min)];
    }

    private static function written(Limits $limits): string
    {
        return match (true) {
            $limits->min === null => 'up to ' . $limits->max,
            $limits->max === null => 'from ' . $limits->min,
            default => $limits->min . '-' . $limits->max,
        };
    }

    /** @return list<Reason> */
    private function temperature(float $ambient, Wire $wire): array
    {
        $coldest = $wire->coldestWorking();

        return $coldest !== null && $ambient < $coldest
            ? [new Reason(ReasonCode::TemperatureTooCold, Fit::Unsuitable, ['ambient' => $ambient, 'limit' => $coldest])]
            : [];
    }

    /** @return list<Reason> */
    private function preparation(Line $line, Terminal $terminal): array
    {
        $class = $terminal->class;
        if ($line->prep === Preparation::Twist && $class->isRolled()) {
            return [new Reason(ReasonCode::PrepTwisted, Fit::Unsuitable)];
        }
        if ($line->prep !== Preparation::Tin || $class->isSoldered()) {
            return [];
        }
        $fit = $this->rules->tinning === Stance::Accept ? Fit::Proper : Fit::Unsuitable;

        return [new Reason(ReasonCode::TinnedRefused, $fit, rule: $this->rules->changed('tinning'))];
    }

    /** @return list<Reason> */
    private function place(Line $line, Terminal $terminal): array
    {
        $reasons = [];
        if ($line->stud !== null && $terminal->stud !== null && !$line->stud->suits($terminal->stud)) {
            $reasons[] = new Reason(ReasonCode::StudMismatch, Fit::Unsuitable, ['hole' => $terminal->stud->written, 'stud' => $line->stud->written]);
        }
        if ($line->wet && !$this->isSealed($line, $terminal)) {
            $fit = $this->rules->wetNeedsSleeve ? Fit::Unsuitable : Fit::Proper;
            $reasons[] = new Reason(ReasonCode::WetUnsealed, $fit, rule: $this->rules->changed('wetNeedsSleeve'));
        }
        if (!$terminal->isMadeFor($line->place)) {
            $places = array_map(static fn(Place $place): string => $place->value, $terminal->suits ?? []);
            $reasons[] = new Reason(ReasonCode::TerminalPlace, Fit::Makeshift, ['place' => $line->place->value, 'places' => $places]);
        }

        return $reasons;
    }

    private function isSealed(Line $line, Terminal $terminal): bool
    {
        return $terminal->class === TerminalClass::HeatShrink
            || $terminal->class === TerminalClass::SealedOpenBarrel
            || $terminal->sealed
            || ($line->hasSleeve() && $terminal->class !== TerminalClass::ScrewClamp);
    }

    /** @return list<Reason> */
    private function houseRefuses(Terminal $terminal): array
    {
        [$code, $rule, $stance] = match ($terminal->class) {
            TerminalClass::Tap => [ReasonCode::TapRefused, 'taps', $this->rules->taps],
            TerminalClass::SolderSplice => [ReasonCode::SolderRefused, 'solderSplices', $this->rules->solderSplices],
            default => [null, '', Stance::Accept],
        };

        return $code === null ? [] : [new Reason($code, $stance === Stance::Accept ? Fit::Proper : Fit::Unsuitable, rule: $this->rules->changed($rule))];
    }
}
