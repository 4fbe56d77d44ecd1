<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

/**
 * Lines of a scope while no kit is in hand: which are faulty, and the steps that the others need. It is what is written of a
 * kit without tools, with every hole told as what it is then: not judged.
 */
final class Unjudged
{
    public const STATUS = 'unjudged';

    /**
     * @param array<string, mixed> $report as ReportWriter writes it of a kit without tools
     *
     * @return array<string, mixed>
     */
    public static function report(array $report): array
    {
        $report['kit'] = null;
        $report['holes'] = [];
        $report['headline'] = [...$report['headline'], 'hole' => 0, 'carryMissing' => []];
        foreach ($report['lines'] as $index => $line) {
            $report['lines'][$index]['status'] = self::status($line['status']);
            foreach ($line['steps'] as $place => $step) {
                $report['lines'][$index]['steps'][$place]['status'] = self::status($step['status']);
                $report['lines'][$index]['steps'][$place]['unbacked'] = false;
            }
        }

        return $report;
    }

    /**
     * @param array<string, mixed> $ruler as RulerWriter writes it of a kit without tools
     *
     * @return array<string, mixed>
     */
    public static function ruler(array $ruler): array
    {
        foreach ($ruler['drops'] as $index => $drop) {
            $ruler['drops'][$index]['status'] = self::status($drop['status']);
            $ruler['drops'][$index]['marks'] = (object) array_map(self::status(...), get_object_vars($drop['marks']));
        }

        return $ruler;
    }

    private static function status(string $status): string
    {
        return $status === 'hole' ? self::STATUS : $status;
    }
}
