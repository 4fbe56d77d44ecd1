<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

/** Two sizes of one family and all that lies between; a single size is a span of one. */
final readonly class Span
{
    /** Ends of a span of the other family are met within this share of their area. */
    public const CLOSE = 0.03;

    /** Room for the last digits of floating point arithmetic. */
    private const EXACT = 1e-9;

    private float $from;

    private float $to;

    private function __construct(public Size $least, public Size $greatest)
    {
        $this->from = $least->area * (1 - self::EXACT);
        $this->to = $greatest->area * (1 + self::EXACT);
    }

    /** @throws InvalidSize when the ends are of different families. */
    public static function between(Size $one, Size $other): self
    {
        if ($one->family !== $other->family) {
            throw InvalidSize::because($one . ' to ' . $other, 'A span has both ends in one family, AWG and kcmil or mm2; part two spans with a slash.');
        }

        return $one->area <= $other->area ? new self($one, $other) : new self($other, $one);
    }

    public function family(): Family
    {
        return $this->least->family;
    }

    /** @return non-empty-list<Size> one for a span of one */
    public function ends(): array
    {
        return $this->least->area === $this->greatest->area ? [$this->least] : [$this->least, $this->greatest];
    }

    /** @param float $area mm² */
    public function holds(float $area, float $tolerance = 0.0): bool
    {
        return $area >= $this->from - $tolerance * $this->least->area
            && $area <= $this->to + $tolerance * $this->greatest->area;
    }

    /** The end that an area outside lies beyond. */
    public function nearestEnd(float $area): Size
    {
        return $area > $this->greatest->area ? $this->greatest : $this->least;
    }

    public function hull(self $other): self
    {
        return new self(
            $other->least->area < $this->least->area ? $other->least : $this->least,
            $other->greatest->area > $this->greatest->area ? $other->greatest : $this->greatest,
        );
    }

    /** What both hold; null where they hold nothing together. */
    public function narrowedTo(self $other): ?self
    {
        $least = $other->least->area > $this->least->area ? $other->least : $this->least;
        $greatest = $other->greatest->area < $this->greatest->area ? $other->greatest : $this->greatest;

        return $least->area <= $greatest->area ? new self($least, $greatest) : null;
    }

    /** Gauges backwards, as printed on tools: "22-16 AWG"; areas upwards: "0.5-1.5 mm2". */
    public function written(): string
    {
        if ($this->least->area === $this->greatest->area) {
            return $this->least->written;
        }
        $number = static fn(Size $size): string => (string) preg_replace('~^awg\s*#?\s*|\s*(?:awg|b\s?&\s?s|kcmil|mcm|mm2|mm²|mm\^2)$~iu', '', $size->written);
        $greatest = preg_match('~^awg~i', $this->greatest->written) === 1 ? $number($this->greatest) . ' AWG' : $this->greatest->written;

        return ($this->least->unit === $this->greatest->unit ? $number($this->least) : $this->least->written) . '-' . $greatest;
    }
}
