<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Bench\Pull;
use Gondrik\Core\Bench\PullForce;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Value\Tolerance;

/** What the terminations of a subgroup must hold. */
final readonly class RequiredForce
{
    /** In N: what the entry states, else by the pull standard of the shop; null where no table says what that is. */
    public static function of(Pulled $pull, PullStandard $standard): ?float
    {
        $size = $pull->wire->size;

        return $pull->required ?? match (true) {
            $pull->terminal !== null => Pull::of($size, $pull->terminal->class, $standard)->newtons(),
            $standard === PullStandard::ByClass => null,
            default => PullForce::required($standard, $size)?->newtons,
        };
    }

    /** The name of the standard that says it; null where the entry states it itself, or no standard does. */
    public static function standard(Pulled $pull, PullStandard $standard): ?string
    {
        return match (true) {
            $pull->required !== null, self::of($pull, $standard) === null => null,
            $pull->terminal !== null => Pull::of($pull->wire->size, $pull->terminal->class, $standard)->standardName(),
            default => $standard->value,
        };
    }

    /** Whether one of the forces is under what each must hold; where no table says what that is, none is. */
    public static function isMissedBy(Pulled $pull, PullStandard $standard): bool
    {
        $required = self::of($pull, $standard);

        return $required !== null && array_filter($pull->forces, static fn(float $force): bool => Tolerance::isBelow($force, $required)) !== [];
    }
}
