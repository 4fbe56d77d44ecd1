<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

/** One check with its verdict and the values it measured. The sentence is made of these by Sentence. */
final readonly class Reason
{
    /**
     * @param array<string, string|int|float|list<string>> $numbers what was measured and the limits, named as in data/reasons.csv:
     *                                                              sizes and ranges as written, lengths in mm, forces in N, torque in N·m, °C
     * @param float|null                                   $value   with $limit: how far a miss is off, in any one unit
     * @param string|null                                  $rule    the house rule that made this verdict another than the default
     */
    public function __construct(
        public ReasonCode $code,
        public Fit $fit,
        public array $numbers = [],
        public ?float $value = null,
        public ?float $limit = null,
        public ?string $rule = null,
    ) {}

    /** Among equally fit tools the one with the fewest remarks is taken. */
    public function isRemark(): bool
    {
        return $this->fit === Fit::Makeshift
            || $this->code === ReasonCode::SizeTradeEquivalent
            || $this->code === ReasonCode::LengthByMeasure;
    }

    /** How far off: |ln(value/limit)|; ln 10 where the kind is wrong and nothing can be measured; 0 for a pass. */
    public function miss(): float
    {
        if ($this->fit === Fit::Proper) {
            return 0.0;
        }

        return $this->value > 0 && $this->limit > 0 ? abs(log($this->value / $this->limit)) : M_LN10;
    }
}
