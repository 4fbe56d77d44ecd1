<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Crimp;

use Gondrik\Core\Match\Bound;
use Gondrik\Core\Match\LimitCheck;
use Gondrik\Core\Match\SizeCheck;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Standing;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\ReasonCode;

/** The nests of a crimper against a terminal and its wire: the code or the size, then insulation, seal and grip. */
final readonly class NestCheck
{
    /** From the wire to the terminal, and from the terminal to the nest. */
    private const FAR = Bound::EQUIVALENT ** 2;

    public function __construct(private HouseRules $house) {}

    /** The best of the tool's nests; the first among equals. */
    public function best(CrimpWork $work, Crimp $capability, Findings $findings): Nest
    {
        $best = null;
        foreach ($capability->nests as $nest) {
            if ($findings->isChoosing() && $nest->size !== null && $work->nest === null && $this->isFarOff($work, $nest->size, $nest->proven ?? $capability->proven)) {
                continue;
            }
            $found = $findings->fresh();
            $this->check($work, $nest, $capability->proven, $found);
            $verdict = $found->verdict();
            if ($best === null || $verdict->compare($best[0]) < 0) {
                $best = [$verdict, $nest, $found];
            }
            if ($verdict->isPerfect()) {
                break;
            }
        }
        if ($best === null) {
            $findings->add(ReasonCode::NestNone, Fit::Unsuitable);

            return $capability->nests[0];
        }
        $findings->take($best[2]);

        return $best[1];
    }

    /** Surely unsuitable, by the same bound as whole tools. */
    private function isFarOff(CrimpWork $work, SizeRange $size, ?SizeRange $proven): bool
    {
        $area = $work->wire->area;

        return $proven === null && ($area * $work->wires < $size->from / self::FAR || $area > $size->to * self::FAR);
    }

    /** @param SizeRange|null $proven of the whole capability; the nest's own overrides it */
    private function check(CrimpWork $work, Nest $nest, ?SizeRange $proven, Findings $findings): void
    {
        $proven = $nest->proven ?? $proven;
        $work->nest !== null
            ? $this->byCode($work, $work->nest, $nest, $proven, $findings)
            : $this->bySize($work, $nest, $proven, $findings);
        if ($findings->isLost()) {
            return;
        }
        $this->insulation($work->od, $nest, $findings);
        if ($work->class === TerminalClass::SealedOpenBarrel) {
            $this->seal($work->od, $nest, $findings);
        }
        $this->grip($work, $nest, $findings);
    }

    /**
     * The terminal's own band has picked the nest, so its print refuses nothing any more; it chooses and warns. What the
     * shop has proven outweighs it.
     */
    private function byCode(CrimpWork $work, string $code, Nest $nest, ?SizeRange $proven, Findings $findings): void
    {
        if ($nest->code !== $code) {
            $findings->add(ReasonCode::NestNone, Fit::Unsuitable, ['code' => $code, 'nest' => $nest->label]);

            return;
        }
        $standing = $nest->size?->standingOfBundle($work->wire, $work->wires);
        if ($standing === null || $standing->isInside()) {
            $findings->add(ReasonCode::NestCode, Fit::Proper, ['nest' => $nest->label]);
        }
        if ($nest->size !== null && $standing?->isInside() === true && $standing->otherMarking) {
            $findings->add(ReasonCode::SizeTradeEquivalent, Fit::Proper, ['size' => $work->wire->written, 'range' => $nest->size->written, ...SizeCheck::marking($standing)]);
        }
        if ($nest->size !== null && $standing?->isInside() === false) {
            $isNear = $proven !== null || $nest->size->isOneSizeOff($standing, $work->wires === 1 ? $work->wire : null);
            $findings->add(
                ReasonCode::NestOutsidePrint,
                $isNear ? Fit::Proper : Fit::Makeshift,
                ['nest' => $nest->label, 'size' => $this->bundle($work), 'range' => $nest->size->written],
                $standing->area,
                $standing->span->nearestEnd($standing->area)->area,
            );
        }
        SizeCheck::proven($work->wire, $proven, $findings);
    }

    private function bySize(CrimpWork $work, Nest $nest, ?SizeRange $proven, Findings $findings): void
    {
        $numbers = ['nest' => $nest->label, 'size' => $work->terminal->written, 'wire' => $work->wire->written];
        if ($nest->size === null) {
            $findings->add(ReasonCode::NestNone, Fit::Unsuitable, [...$numbers, 'own' => (string) $nest->code]);

            return;
        }
        $numbers['range'] = $nest->size->written;
        $ends = $nest->size->standingsOfEnds($work->terminal);
        $outside = array_values(array_filter($ends, static fn(Standing $end): bool => !$end->isInside()));
        if ($outside === []) {
            $findings->add(ReasonCode::NestSize, Fit::Proper, $numbers);
            $this->otherMarking($ends, $work, $proven, $work->terminal->written, $nest->size, $findings);
            SizeCheck::proven($work->wire, $proven, $findings);

            return;
        }
        $alone = $nest->size->standingOfBundle($work->wire, $work->wires);
        if (!$alone->isInside()) {
            $proven?->standingOf($work->wire)->isInside() === true
                ? SizeCheck::provenBeyondPrint($work->wire, $nest->size, $proven, $findings)
                : $findings->add(ReasonCode::NestNone, Fit::Unsuitable, $numbers, $alone->area, $alone->span->nearestEnd($alone->area)->area);

            return;
        }
        $farthest = self::farthest($outside);
        $findings->add(
            ReasonCode::NestPartial,
            $work->class === TerminalClass::Lug ? Fit::Unsuitable : Fit::Makeshift,
            $numbers,
            $farthest->area,
            $farthest->span->nearestEnd($farthest->area)->area,
        );
        $this->otherMarking([$alone], $work, $proven, $work->wire->written, $nest->size, $findings);
        SizeCheck::proven($work->wire, $proven, $findings);
    }

    /** @param non-empty-list<Standing> $outside */
    private static function farthest(array $outside): Standing
    {
        $off = static fn(Standing $end): float => abs(log($end->area / $end->span->nearestEnd($end->area)->area));

        return array_reduce($outside, static fn(Standing $farthest, Standing $end): Standing => $off($end) > $off($farthest) ? $end : $farthest, $outside[0]);
    }

    /**
     * Says nothing where no other marking has to be looked at. A die of lugs is made for the barrels of one marking, not for
     * an area: what the trade takes for each other goes into it only where somebody has proven it.
     *
     * @param non-empty-list<Standing> $ends inside the nest
     */
    private function otherMarking(array $ends, CrimpWork $work, ?SizeRange $proven, string $size, SizeRange $nest, Findings $findings): void
    {
        $looked = array_values(array_filter($ends, static fn(Standing $end): bool => $end->otherMarking));
        if ($looked === []) {
            return;
        }
        $isMakeshift = $work->class === TerminalClass::Lug
            ? self::hasAny($looked, static fn(Standing $end): bool => $end->equivalent !== null) && $proven?->standingOf($work->wire)->isInside() !== true
            : $work->class->holdsClosely() && self::hasAny($looked, static fn(Standing $end): bool => $end->isFar());
        $findings->add(
            ReasonCode::SizeTradeEquivalent,
            $isMakeshift ? Fit::Makeshift : Fit::Proper,
            [
                'size' => $size,
                'range' => $nest->written,
                ...SizeCheck::marking($looked[0]),
                ...$isMakeshift && $work->class === TerminalClass::Lug ? ['die' => $nest->written] : [],
            ],
        );
    }

    /**
     * @param list<Standing>           $ends
     * @param \Closure(Standing): bool $is
     */
    private static function hasAny(array $ends, \Closure $is): bool
    {
        return array_filter($ends, $is) !== [];
    }

    private function bundle(CrimpWork $work): string
    {
        return ($work->wires > 1 ? $work->wires . ' × ' : '') . $work->wire->written;
    }

    /** Says nothing where the nest states no insulation diameter. */
    private function insulation(?float $od, Nest $nest, Findings $findings): void
    {
        $limits = $nest->insulationOd;
        if ($limits === null) {
            return;
        }
        if ($od === null) {
            LimitCheck::within(null, $limits, $findings);

            return;
        }
        $missed = $limits->missedEnd($od);
        $fit = match (true) {
            $missed === null => Fit::Proper,
            $limits->isAbove($od) => Fit::Unsuitable,
            default => Fit::Makeshift,
        };
        $findings->add(ReasonCode::NestInsulation, $fit, ['od' => $od, 'nest' => $nest->label, ...$missed === null ? [] : ['limit' => $missed]], $od, $missed);
    }

    private function seal(?float $od, Nest $nest, Findings $findings): void
    {
        $seal = $nest->seal;
        if ($seal !== null && ($od === null || $seal->holds($od))) {
            LimitCheck::within($od, $seal, $findings);

            return;
        }
        $missed = $od === null ? null : $seal?->missedEnd($od);
        $numbers = ['nest' => $nest->label, ...$od === null ? [] : ['od' => $od], ...$missed === null ? [] : ['limit' => $missed]];
        $findings->add(ReasonCode::NestNoSeal, Fit::Unsuitable, $numbers, $od, $missed);
    }

    /** Says nothing where the house does not ask for it. */
    private function grip(CrimpWork $work, Nest $nest, Findings $findings): void
    {
        if (!in_array($work->class, $this->house->insulationGrip, true)) {
            return;
        }
        $rule = $this->house->changed(HouseRule::InsulationGrip);
        match (true) {
            !$nest->gripsInsulation => $findings->add(ReasonCode::GripConductorOnly, Fit::Makeshift, ['nest' => $nest->label], rule: $rule),
            !$work->sleeveToRear => $findings->add(ReasonCode::GripConductorOnly, Fit::Makeshift, ['terminal' => 'no-rear-sleeve'], rule: $rule),
            default => $findings->add(ReasonCode::GripBoth, Fit::Proper, ['nest' => $nest->label], rule: $rule),
        };
    }
}
