<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\Limits;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;

/** An outside diameter in mm against the limits of a tool; an unknown diameter passes and says so. */
final class LimitCheck
{
    /** Says nothing where the tool states no limit. */
    public static function atMost(?float $od, ?float $max, Findings $findings): void
    {
        if ($max === null) {
            return;
        }
        if ($od === null) {
            $findings->add(ReasonCode::OdUnknown, Fit::Proper, ['limit' => $max]);
        } elseif ($od > $max && Tolerance::isAbove($od, $max)) {
            $findings->add(ReasonCode::OdAbove, Fit::Unsuitable, ['od' => $od, 'limit' => $max], $od, $max);
        } else {
            $findings->add(ReasonCode::OdInRange, Fit::Proper, ['od' => $od, 'limit' => $max]);
        }
    }

    /** Says nothing where the tool states no limits. */
    public static function within(?float $od, ?Limits $limits, Findings $findings): void
    {
        if ($limits === null) {
            return;
        }
        $below = $od !== null && $limits->isBelow($od) ? $limits->min : null;
        match (true) {
            $below !== null => $findings->add(ReasonCode::OdBelow, Fit::Unsuitable, ['od' => $od, 'limit' => $below], $od, $below),
            $limits->max !== null => self::atMost($od, $limits->max, $findings),
            $od === null => $findings->add(ReasonCode::OdUnknown, Fit::Proper, ['limit' => (float) $limits->min]),
            default => $findings->add(ReasonCode::OdInRange, Fit::Proper, ['od' => $od, 'least' => (float) $limits->min]),
        };
    }
}
