<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

/** Which of two kits does a step or a line: the one that was named first, or the other. */
enum Whose: string
{
    /** Both, and equally well. */
    case Both = 'both';
    case One = 'one';
    case Other = 'other';
    /** Both, this one properly and the other only as a makeshift. */
    case OneBetter = 'one-better';
    case OtherBetter = 'other-better';
    case Neither = 'neither';

    /** By how it stands in the one and in the other. */
    public static function of(Status $one, Status $other): self
    {
        return match (true) {
            !$one->isMade() && !$other->isMade() => self::Neither,
            !$other->isMade() => self::One,
            !$one->isMade() => self::Other,
            $one === $other => self::Both,
            default => $one->worse($other) === $other ? self::OneBetter : self::OtherBetter,
        };
    }
}
