<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

use Gondrik\Core\Value\Deadline;

/**
 * The Lagrangian bound: rows, needs and limits are let go of for a price each, so that every item decides for itself; the
 * prices are improved by subgradient steps (Held, Wolfe and Crowder).
 */
final readonly class Bound
{
    /** How long a step is at first, of the gap that is left: as measured best. */
    private const PACE = 1.4;

    /** Rounds without a rise after which steps become shorter. */
    private const PATIENCE = 8;

    public function __construct(private Compiled $compiled) {}

    /** To begin with: each row is worth what its cheapest item costs, parted over the rows that it covers. */
    public function first(): Multipliers
    {
        $compiled = $this->compiled;
        $elements = [];
        foreach ($compiled->elRow as $element => $row) {
            $least = PHP_INT_MAX;
            foreach ($compiled->rowItems[$row] as $item) {
                $least = min($least, intdiv($compiled->cost[$item], max(1, count($compiled->itemRows[$item]))));
            }
            $group = $compiled->elGroup[$element];
            $most = $group < 0 || $compiled->weight[$group] > 0 ? PHP_INT_MAX : intdiv($compiled->penalty[$group], count($compiled->groupEls[$group]));
            $elements[$element] = min($most, intdiv($least, max(1, count($compiled->rowEls[$row]))));
        }

        return new Multipliers($elements, []);
    }

    /** @param int $known the best set so far, on the scale: what the bound is to reach */
    public function improve(Node $node, Multipliers $from, int $rounds, int $known, Deadline $deadline): Relaxed
    {
        $ascent = new Ascent($this->compiled, $node, $from);
        $unit = $this->compiled->scale->unit;
        $best = null;
        $share = array_fill_keys($node->free, 0.0);
        $pace = self::PACE;
        $idle = 0;
        for ($round = 0; $round < $rounds; $round++) {
            if (!$ascent->relax()) {
                break;
            }
            foreach ($share as $item => $of) {
                $share[$item] = 0.9 * $of + (isset($ascent->chosen[$item]) ? 0.1 : 0.0);
            }
            if ($best === null || $ascent->least > $best[0]) {
                $idle = $best === null || $ascent->least - $best[0] > $unit ? 0 : $idle + 1;
                $best = [$ascent->least, $ascent->reduced, $ascent->multipliers()];
                if ($best[0] > $known) {
                    break;
                }
            } elseif (++$idle >= self::PATIENCE) {
                $idle = 0;
                $pace *= 0.6;
            }
            $gap = $known === PHP_INT_MAX ? abs($best[0]) * 0.1 : (float) ($known - $ascent->least);
            if ($pace < 0.01 || ($round % 8 === 7 && $deadline->isOver()) || !$ascent->step($pace * max($gap, (float) $unit))) {
                break;
            }
        }

        return $best === null ? new Relaxed($node->fixed, [], $share, $from) : new Relaxed($best[0], $best[1], $share, $best[2]);
    }
}
