<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

use Gondrik\Core\Value\Plain;

/** One span, or one of each family: "22-16 AWG / 0.5-1.5 mm2". */
final readonly class SizeRange implements Plain, \Stringable
{
    /** Characters: two spans of the longest sizes, and the words between. */
    public const LONGEST = 64;

    /** mm²: the least and the greatest end of both spans */
    public float $from;

    public float $to;

    private function __construct(
        public string $written,
        public ?Span $gauge,
        public ?Span $metric,
    ) {
        $this->from = min($gauge->least->area ?? INF, $metric->least->area ?? INF);
        $this->to = max($gauge->greatest->area ?? 0.0, $metric->greatest->area ?? 0.0);
    }

    /**
     * Reads one or two spans, their ends in either order and in every form that a size has: "22-16 AWG", "AWG 22-16",
     * "12 AWG to 250 kcmil". The slash of 1/0 to 4/0 belongs to the gauge, so "1/0-4/0 AWG / 50-120 mm2" reads well.
     *
     * @throws InvalidSize naming the part that cannot be read.
     */
    public static function parse(string $text): self
    {
        $written = trim($text);
        if (mb_strlen($written) > self::LONGEST) {
            throw InvalidSize::because($written, 'This is no range of sizes: at most ' . self::LONGEST . ' characters, like 22-16 AWG / 0.5-1.5 mm2.');
        }
        $close = (string) preg_replace('~\s*/\s*~u', '/', $written);
        $parts = preg_split('~(?<!\d)/|(?<=\d)/(?!0(?![\d.,]))~u', $close) ?: [$written];
        $spans = array_map(self::span(...), $parts);
        if (count($spans) === 2 && $spans[0]->family() === $spans[1]->family()) {
            throw InvalidSize::because($written, '"' . $written . '" gives two spans of one family; give one of AWG or kcmil and one of mm2.');
        }
        if (count($spans) > 2) {
            throw InvalidSize::because($written, '"' . $written . '" has more than two spans; a range is one span, or one of each family.');
        }

        return self::of($spans, $written);
    }

    public static function read(mixed $plain): static
    {
        return self::parse(is_string($plain) ? $plain : '');
    }

    public function plain(): string
    {
        return $this->written;
    }

    /** @param non-empty-array<Span> $spans at most one of each family */
    public static function of(array $spans, ?string $written = null): self
    {
        $byFamily = [];
        foreach ($spans as $span) {
            $byFamily[$span->family()->value] = $span;
        }

        return new self(
            $written ?? implode(' / ', array_map(static fn(Span $span): string => $span->written(), $spans)),
            $byFamily[Family::Gauge->value] ?? null,
            $byFamily[Family::Metric->value] ?? null,
        );
    }

    /**
     * The least range that holds all of these, family by family.
     *
     * @param non-empty-list<self> $ranges
     */
    public static function hull(array $ranges): self
    {
        $spans = [];
        foreach ($ranges as $range) {
            foreach ($range->spans() as $span) {
                $family = $span->family()->value;
                $spans[$family] = isset($spans[$family]) ? $spans[$family]->hull($span) : $span;
            }
        }
        ksort($spans);

        return self::of($spans);
    }

    public static function single(Size $size): self
    {
        return self::of([Span::between($size, $size)], $size->written);
    }

    /** @return non-empty-list<Span> */
    public function spans(): array
    {
        if ($this->gauge === null) {
            assert($this->metric !== null);

            return [$this->metric];
        }

        return $this->metric === null ? [$this->gauge] : [$this->gauge, $this->metric];
    }

    public function spanOf(Family $family): ?Span
    {
        return $family === Family::Gauge ? $this->gauge : $this->metric;
    }

    /**
     * One wire against this range; the first rule that answers decides:
     * (1) the span of its own family, exact; (2) the other span, ends met within 3 %; (3) the other span by exact area;
     * (4) trade equivalents. Where (1) fails, (4) is barred and a pass by (2) or (3) needs a look at the other marking.
     */
    public function standingOf(Size $size): Standing
    {
        [$own, $other] = $size->family === Family::Gauge ? [$this->gauge, $this->metric] : [$this->metric, $this->gauge];
        if ($own !== null && $own->holds($size->area)) {
            return new Standing(StandingKind::OwnSpan, $size->area, $own);
        }
        if ($other !== null && $other->holds($size->area, Span::CLOSE)) {
            $kind = TradeSeries::isCloseToGauge($size->area, $other->family()) || !$other->holds($size->area)
                ? StandingKind::SameGauge
                : StandingKind::ExactArea;

            return new Standing($kind, $size->area, $other, otherMarking: $own !== null);
        }
        if ($own === null && $other !== null) {
            foreach (TradeEquivalents::of($size) as $equivalent) {
                if ($other->holds($equivalent->area)) {
                    return new Standing(StandingKind::TradeEquivalent, $size->area, $other, otherMarking: true, equivalent: $equivalent);
                }
            }
        }

        return new Standing(StandingKind::Outside, $size->area, $own ?? $other ?? $this->spans()[0]);
    }

    /** Whether a size that is outside is so by one trade size of the range's own series, or counts as that one. */
    public function isOneSizeOff(Standing $standing, ?Size $size): bool
    {
        $span = $standing->span;
        $next = $standing->isAbove()
            ? TradeSeries::above($span->greatest->area, $span->family())
            : TradeSeries::below($span->least->area, $span->family());

        return $next !== null && (Span::between($next, $standing->isAbove() ? $span->greatest : $span->least)->holds($standing->area)
            || ($size !== null && self::single($next)->standingOf($size)->isInside()));
    }

    /**
     * Several equal wires laid together: the sum of their areas, exact, against the own span, else the other.
     */
    public function standingOfBundle(Size $size, int $wires): Standing
    {
        if ($wires === 1) {
            return $this->standingOf($size);
        }
        $span = $this->spanOf($size->family) ?? $this->spans()[0];
        $area = $size->area * $wires;
        $inside = $span->family() === $size->family ? StandingKind::OwnSpan : StandingKind::ExactArea;

        return new Standing($span->holds($area) ? $inside : StandingKind::Outside, $area, $span);
    }

    /**
     * Whether the whole of another range lies inside, end by end: spans of a shared family are compared,
     * the other only when none is shared.
     *
     * @return non-empty-list<Standing> of the ends that were compared
     */
    public function standingsOfEnds(self $inner): array
    {
        $standings = [];
        foreach ($inner->spans() as $span) {
            $shared = $this->spanOf($span->family());
            if ($shared === null) {
                continue;
            }
            foreach ($span->ends() as $end) {
                $kind = $shared->holds($end->area) ? StandingKind::OwnSpan : StandingKind::Outside;
                $standings[] = new Standing($kind, $end->area, $shared);
            }
        }
        if ($standings === []) {
            foreach ($inner->spans() as $span) {
                foreach ($span->ends() as $end) {
                    $standings[] = $this->standingOf($end);
                }
            }
        }

        return $standings;
    }

    public function __toString(): string
    {
        return $this->written;
    }

    private static function span(string $text): Span
    {
        $ends = preg_split('~\s*(?:-|–|\bto\b)\s*~iu', trim($text)) ?: [];
        if (count($ends) === 1) {
            $size = Size::parse($text);

            return Span::between($size, $size);
        }
        if (count($ends) !== 2) {
            throw InvalidSize::because($text, '"' . $text . '" is no range: write it like 22-16 AWG, 0.5-1.5 mm2 or both with a slash between.');
        }
        // One unit serves both ends, wherever it stands.
        if (self::namesUnit($ends[1])) {
            $last = Size::parse($ends[1]);

            return Span::between(Size::parse(self::namesUnit($ends[0]) ? $ends[0] : $ends[0] . ' ' . $last->unit->value), $last);
        }
        $first = Size::parse($ends[0]);

        return Span::between($first, Size::parse($ends[1] . ' ' . $first->unit->value));
    }

    private static function namesUnit(string $end): bool
    {
        return preg_match('~[a-z²&]~iu', $end) === 1;
    }
}
