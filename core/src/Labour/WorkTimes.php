<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripSheath;

/** What it takes to do an operation once, by its method (data/work-times.csv: common practice). */
final readonly class WorkTimes
{
    /** Null where nobody has said how long it takes. */
    public static function once(Capability $capability, Pace $pace): ?Effort
    {
        $operation = $capability::operation()->value;
        $method = self::method($capability);
        foreach (Table::rows('work-times') as $row) {
            if ($row['op'] === $operation && $row['method'] === $method) {
                return new Effort((int) $row[$pace->value], (int) $row['squeezes']);
            }
        }

        return null;
    }

    /** By which an operation is done, as the table tells them apart; empty where it is done in one way. */
    public static function method(Capability $capability): string
    {
        return match (true) {
            $capability instanceof Strip, $capability instanceof StripSheath => $capability->method->value,
            $capability instanceof Crimp => $capability->control->value,
            $capability instanceof ShrinkSleeve => $capability->heat->value,
            default => '',
        };
    }
}
