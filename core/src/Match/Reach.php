<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Scope\Step;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\Tool;

/**
 * The areas in mm² beyond which a tool is surely unsuitable for an operation, so that it need not be asked. A bound for
 * speed, no rule: it is wider than any rule of the matchers, and where it cannot be told it is open.
 */
final readonly class Reach
{
    /** No trade equivalent is further off than this share of the area. */
    private const EQUIVALENT = 1.3;

    /** Nor is the next trade size, which a cutter may take in a second bite. */
    private const BITE = 2.2;

    private function __construct(private float $from, private float $to) {}

    public static function of(Tool $tool, Step $step): self
    {
        $from = INF;
        $to = 0.0;
        $slack = match ($step->operation) {
            Operation::Cut => self::BITE,
            // From the wire to the terminal, and from the terminal to the nest.
            Operation::Crimp => self::EQUIVALENT ** 2,
            default => self::EQUIVALENT,
        };
        foreach ($tool->capabilitiesFor($step->operation) as $capability) {
            $ranges = self::ranges($capability);
            if ($ranges === null) {
                return new self(0.0, INF);
            }
            foreach ($ranges as $range) {
                foreach ($range->spans() as $span) {
                    // Below its range a cutter still cuts.
                    $from = $capability instanceof Cut ? 0.0 : min($from, $span->least->area);
                    $to = max($to, $span->greatest->area);
                }
            }
        }

        return new self($from / $slack, $to * $slack);
    }

    public function holds(Step $step): bool
    {
        $area = $step->wire->size->area ?? 0.0;

        // In a barrel several wires count by their sum, before it each by itself: either may be what is measured.
        return $area * $step->wires >= $this->from && $area <= $this->to;
    }

    /** @return non-empty-list<SizeRange>|null null where sizes do not bound it */
    private static function ranges(Capability $capability): ?array
    {
        $ranges = match (true) {
            $capability instanceof Cut => [$capability->single, $capability->multi],
            $capability instanceof Strip => [$capability->size],
            $capability instanceof Crimp => self::nests($capability),
            default => [],
        };
        $stated = array_values(array_filter([...$ranges, $capability->proven]));

        return $ranges === [] || $ranges[0] === null || $stated === [] ? null : $stated;
    }

    /** @return list<SizeRange|null> none where a nest goes by its code */
    private static function nests(Crimp $capability): array
    {
        $sizes = [];
        foreach ($capability->nests as $nest) {
            if ($nest->code !== null || $nest->size === null) {
                return [];
            }
            $sizes = [...$sizes, $nest->size, $nest->proven];
        }

        return $sizes;
    }
}
