<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** One operation on a termination, in the order of work. */
enum Operation: string
{
    case Cut = 'cut';
    case StripSheath = 'strip-sheath';
    case Strip = 'strip';
    case Crimp = 'crimp';
    case Solder = 'solder';
    case Sleeve = 'sleeve';
    case Torque = 'torque';
    case PullTest = 'pull-test';
    case Extract = 'extract';
    case ShearScrew = 'shear-screw';

    /** @return list<self> operations a line can need, in the order of work */
    public static function steps(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $operation): bool => $operation !== self::ShearScrew));
    }

    /** Operations that stand once for each wire of a splice. */
    public function isPerWire(): bool
    {
        return match ($this) {
            self::Cut, self::StripSheath, self::Strip, self::Crimp, self::Solder, self::PullTest => true,
            default => false,
        };
    }
}
