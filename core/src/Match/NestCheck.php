<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Standing;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Wire\Wire;

/** One nest against a terminal and its wire: the code or the size, then insulation, seal and grip. */
final readonly class NestCheck
{
    public function __construct(private HouseRules $rules) {}

    /**
     * @param SizeRange|null $proven of the whole capability; the nest's own overrides it
     *
     * @return non-empty-list<Reason>
     */
    public function reasons(Step $step, Terminal $terminal, Nest $nest, ?SizeRange $proven): array
    {
        $wire = $step->wire;
        assert($wire !== null);
        $proven = $nest->proven ?? $proven;

        return [
            ...$terminal->nest !== null
                ? $this->byCode($wire, $terminal->nest, $nest, $proven)
                : $this->bySize($step, $wire, $terminal, $nest, $proven),
            ...$this->insulation($step->insulationOd(), $nest),
            ...$this->seal($step->insulationOd(), $terminal, $nest),
            ...$this->grip($terminal, $nest),
        ];
    }

    /** @return non-empty-list<Reason> */
    private function byCode(Wire $wire, string $code, Nest $nest, ?SizeRange $proven): array
    {
        if ($nest->code !== $code) {
            return [new Reason(ReasonCode::NestNone, Fit::Unsuitable, ['size' => $code . ' terminals', 'nest' => $nest->label, 'range' => $nest->code !== null ? $nest->code . ' terminals' : (string) $nest->size])];
        }

        return [new Reason(ReasonCode::NestCode, Fit::Proper, ['nest' => $nest->label]), ...SizeCheck::proven($wire->size, $proven)];
    }

    /** @return non-empty-list<Reason> */
    private function bySize(Step $step, Wire $wire, Terminal $terminal, Nest $nest, ?SizeRange $proven): array
    {
        $size = $this->rules->sizeOf($terminal);
        $numbers = ['nest' => $nest->label, 'range' => $nest->size->written ?? (string) $nest->code, 'size' => $size->written, 'wire' => $wire->size->written];
        if ($nest->size === null) {
            return [new Reason(ReasonCode::NestNone, Fit::Unsuitable, $numbers)];
        }
        $ends = $nest->size->standingsOfEnds($size);
        if ($this->allInside($ends)) {
            return [...$this->held($ends, $terminal->class, $numbers), ...SizeCheck::proven($wire->size, $proven)];
        }
        $perBarrel = $terminal->class === TerminalClass::TwinFerrule ? 1 : $step->wires;
        $alone = $nest->size->standingOfBundle($wire->size, $perBarrel);
        $isProven = $proven?->standingOf($wire->size)->isInside() === true;
        if ($isProven && (!$alone->isInside() || $terminal->class === TerminalClass::Lug)) {
            return [SizeCheck::provenBeyondPrint($wire->size, $nest->size, $proven)];
        }
        if ($alone->isInside()) {
            $fit = $terminal->class === TerminalClass::Lug ? Fit::Unsuitable : Fit::Makeshift;

            return [new Reason(ReasonCode::NestPartial, $fit, $numbers), ...SizeCheck::proven($wire->size, $proven)];
        }

        return [new Reason(ReasonCode::NestNone, Fit::Unsuitable, $numbers, $alone->area, $alone->span->nearestEnd($alone->area)->area)];
    }

    /**
     * @param non-empty-list<Standing> $ends
     * @param array<string, string>    $numbers
     *
     * @return non-empty-list<Reason>
     */
    private function held(array $ends, TerminalClass $class, array $numbers): array
    {
        $reasons = [new Reason(ReasonCode::NestSize, Fit::Proper, $numbers)];
        foreach ($ends as $end) {
            if ($end->otherMarking) {
                return [...$reasons, new Reason(
                    ReasonCode::SizeTradeEquivalent,
                    $class->holdsClosely() && $this->anyFar($ends) ? Fit::Makeshift : Fit::Proper,
                    ['size' => $numbers['size'], 'range' => $numbers['range'], 'marking' => SizeCheck::marking($end)],
                )];
            }
        }

        return $reasons;
    }

    /** @param list<Standing> $ends */
    private function allInside(array $ends): bool
    {
        foreach ($ends as $end) {
            if (!$end->isInside()) {
                return false;
            }
        }

        return true;
    }

    /** @param list<Standing> $ends */
    private function anyFar(array $ends): bool
    {
        foreach ($ends as $end) {
            if ($end->isFar()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Reason> none where the nest states no insulation diameter */
    private function insulation(?float $od, Nest $nest): array
    {
        $limits = $nest->insulationOd;
        if ($limits === null) {
            return [];
        }
        if ($od === null) {
            return DiameterCheck::within(null, $limits);
        }
        [$fit, $limit] = match (true) {
            $limits->isAbove($od) => [Fit::Unsuitable, $limits->max],
            $limits->isBelow($od) => [Fit::Makeshift, $limits->min],
            default => [Fit::Proper, null],
        };

        return [new Reason(ReasonCode::NestInsulation, $fit, ['od' => $od, 'nest' => $nest->label, 'limit' => $limit ?? 0.0], $od, $limit)];
    }

    /** @return list<Reason> */
    private function seal(?float $od, Terminal $terminal, Nest $nest): array
    {
        if ($terminal->class !== TerminalClass::SealedOpenBarrel) {
            return [];
        }
        if ($nest->seal !== null && ($od === null || $nest->seal->holds($od))) {
            return DiameterCheck::within($od, $nest->seal);
        }
        $limit = $nest->seal === null || $od === null ? null : ($nest->seal->isAbove($od) ? $nest->seal->max : $nest->seal->min);

        return [new Reason(ReasonCode::NestNoSeal, Fit::Unsuitable, ['nest' => $nest->label, ...$od === null ? [] : ['od' => $od]], $od, $limit)];
    }

    /** @return list<Reason> none where the house does not ask for it */
    private function grip(Terminal $terminal, Nest $nest): array
    {
        if (!in_array($terminal->class, $this->rules->insulationGrip, true)) {
            return [];
        }
        $rule = $this->rules->changed('insulationGrip');

        return [$nest->gripsInsulation && $terminal->sleeveToRear
            ? new Reason(ReasonCode::GripBoth, Fit::Proper, ['nest' => $nest->label], rule: $rule)
            : new Reason(ReasonCode::GripConductorOnly, Fit::Makeshift, ['nest' => $nest->label], rule: $rule)];
    }
}
