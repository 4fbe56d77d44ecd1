<?php

declare(strict_types=1);

namespace Gondrik\Core\Verdict;

/** One check with its verdict and the values it measured. Wording\Sentence makes the sentence of these. */
final readonly class Reason
{
    /**
     * @param array<string, string|int|float|list<string>> $numbers what was measured and the limits, named as in data/reasons.csv:
     *                                                              sizes and ranges as written, lengths in mm, forces in N, torque in N·m, °C
     * @param float|null                                   $value   with $limit: how far a miss is off, in any one unit
     * @param HouseRule|null                               $rule    the house rule that made this verdict another than the default
     * @param string|null                                  $wire    id of the wire that a check of a line is about
     */
    public function __construct(
        public ReasonCode $code,
        public Fit $fit,
        public array $numbers = [],
        public ?float $value = null,
        public ?float $limit = null,
        public ?HouseRule $rule = null,
        public ?string $wire = null,
    ) {}
}
