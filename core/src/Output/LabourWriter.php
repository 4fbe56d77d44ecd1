<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Labour\Effort;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\LabourRemark;

/** Time and squeezes as plain data. */
final readonly class LabourWriter
{
    /** @return array<string, mixed> */
    public function labour(Labour $labour): array
    {
        return [
            'lines' => self::each('line', $labour->lines),
            'tools' => self::each('tool', $labour->tools),
            'seconds' => $labour->all->seconds,
            'squeezes' => $labour->all->squeezes,
            ...$labour->days === null ? [] : ['perDay' => ['seconds' => $labour->secondsPerDay(), 'squeezes' => $labour->squeezesPerDay()]],
            'remarks' => array_map(static fn(LabourRemark $remark): string => $remark->value, $labour->remarks()),
        ];
    }

    /**
     * @param array<array-key, Effort> $efforts by id
     *
     * @return list<array<string, int|string>>
     */
    private static function each(string $of, array $efforts): array
    {
        return array_map(static fn(int|string $id, Effort $effort): array => [$of => (string) $id, 'seconds' => $effort->seconds, 'squeezes' => $effort->squeezes], array_keys($efforts), array_values($efforts));
    }
}
