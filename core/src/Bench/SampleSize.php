<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Reference\Table;

/** How many of a batch are pulled, by its size. Source: sample-sizes.csv. */
final class SampleSize
{
    /** All of a batch that is smaller than any of the table. */
    public static function of(int $batch): int
    {
        foreach (Table::rows('sample-sizes') as $row) {
            if ($batch >= (int) $row['from'] && ($row['to'] === '' || $batch <= (int) $row['to'])) {
                return (int) $row['pieces'];
            }
        }

        return $batch;
    }
}
