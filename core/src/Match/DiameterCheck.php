<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Size\Limits;

/** An outside diameter in mm against the limits of a tool; an unknown diameter passes and says so. */
final class DiameterCheck
{
    /** @return list<Reason> none where the tool states no limit */
    public static function atMost(?float $od, ?float $max): array
    {
        return match (true) {
            $max === null => [],
            $od === null => [new Reason(ReasonCode::OdUnknown, Fit::Proper, ['limit' => $max])],
            $od > $max => [new Reason(ReasonCode::OdAbove, Fit::Unsuitable, ['od' => $od, 'limit' => $max], $od, $max)],
            default => [new Reason(ReasonCode::OdInRange, Fit::Proper, ['od' => $od, 'limit' => $max])],
        };
    }

    /** @return list<Reason> none where the tool states no limit */
    public static function within(?float $od, ?Limits $limits): array
    {
        if ($limits === null) {
            return [];
        }
        if ($od !== null && $limits->isBelow($od)) {
            return [new Reason(ReasonCode::OdBelow, Fit::Unsuitable, ['od' => $od, 'limit' => (float) $limits->min], $od, $limits->min)];
        }

        return $limits->max === null
            ? [new Reason($od === null ? ReasonCode::OdUnknown : ReasonCode::OdInRange, Fit::Proper, ['limit' => (float) $limits->min, ...$od === null ? [] : ['od' => $od]])]
            : self::atMost($od, $limits->max);
    }
}
