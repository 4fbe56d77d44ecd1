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
    case ShearScrew = 'shear-screw';
    case Torque = 'torque';
    case PullTest = 'pull-test';
    case Extract = 'extract';

    /** @return class-string<Capability> of what a tool can do of it */
    public function capability(): string
    {
        return match ($this) {
            self::Cut => Cut::class,
            self::StripSheath => StripSheath::class,
            self::Strip => Strip::class,
            self::Crimp => Crimp::class,
            self::Solder => Solder::class,
            self::Sleeve => ShrinkSleeve::class,
            self::ShearScrew => ShearScrew::class,
            self::Torque => Torque::class,
            self::PullTest => PullTest::class,
            self::Extract => Extract::class,
        };
    }
}
