<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Extract;
use Gondrik\Core\Tool\PullTest;
use Gondrik\Core\Tool\ShearScrew;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Tool\Solder;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Tool\Torque;

/** Which class holds a capability, by the op it is written with. */
final class CapabilityTypes
{
    private const CLASSES = [
        Cut::class, Strip::class, StripSheath::class, Crimp::class, ShrinkSleeve::class,
        Solder::class, Torque::class, PullTest::class, Extract::class, ShearScrew::class,
    ];

    /** @return list<class-string<Capability>> in the order of work */
    public static function all(): array
    {
        return self::CLASSES;
    }

    /** @return class-string<Capability>|null null for an op that is none */
    public static function classOf(string $op): ?string
    {
        foreach (self::CLASSES as $class) {
            if ($class::operation()->value === $op) {
                return $class;
            }
        }

        return null;
    }
}
