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
        return $max === null ? [] : self::within($od, new Limits(max: $max));
    }

    /** @return list<Reason> none where the tool states no limit */
    public static function within(?float $od, ?Limits $limits): array
    {
        if ($limits === null) {
            return [];
        }
        $far = $limits->max ?? $limits->min ?? 0.0;
        if ($od === null) {
            return [new Reason(ReasonCode::OdUnknown, Fit::Proper, ['limit' => $far])];
        }
        if ($limits->isAbove($od)) {
            return [new Reason(ReasonCode::OdAbove, Fit::Unsuitable, ['od' => $od, 'limit' => $far], $od, $far)];
        }
        if ($limits->isBelow($od)) {
            return [new Reason(ReasonCode::OdBelow, Fit::Unsuitable, ['od' => $od, 'limit' => (float) $limits->min], $od, $limits->min)];
        }

        return [new Reason(ReasonCode::OdInRange, Fit::Proper, ['od' => $od, 'limit' => $far])];
    }
}
