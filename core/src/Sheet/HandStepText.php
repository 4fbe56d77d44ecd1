<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Cells\UnreadCell;

/** Steps by hand in a cell, each on a line of its own: "pull-test: first of the batch". */
final class HandStepText
{
    /** @param list<\stdClass> $steps as the workbook writes them */
    public static function write(array $steps): string
    {
        return implode("\n", array_map(static fn(\stdClass $step): string => $step->op . ': ' . $step->remark, $steps));
    }

    /**
     * @return list<\stdClass>
     *
     * @throws UnreadCell for a line that is none; whether there is such a step the codec tells
     */
    public static function read(string $text): array
    {
        $steps = [];
        foreach (array_filter(explode("\n", str_replace("\r\n", "\n", $text)), static fn(string $line): bool => trim($line) !== '') as $line) {
            if (preg_match('~^\s*(?<op>[a-z-]+)\s*: (?<remark>.+)$~uD', $line, $part) !== 1) {
                throw new UnreadCell($line, 'a step and why, like "pull-test: first of the batch"');
            }
            $steps[] = (object) ['op' => $part['op'], 'remark' => $part['remark']];
        }

        return $steps;
    }
}
