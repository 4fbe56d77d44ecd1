<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** A tool of which a kit holds another number than the kit that it is a copy of. */
final readonly class PatternGap
{
    /** @param int $wanted as many as in the pattern */
    private function __construct(public Tool $tool, public int $wanted, public int $has) {}

    /** @return list<self> in the order of the pattern, then what the copy has beyond it */
    public static function between(Kit $pattern, Kit $copy): array
    {
        $gaps = [];
        foreach ([...$pattern->tools, ...$copy->tools] as $entry) {
            $gap = new self($entry->tool, $pattern->count($entry->tool->id), $copy->count($entry->tool->id));
            if ($gap->wanted !== $gap->has) {
                $gaps[$entry->tool->id] ??= $gap;
            }
        }

        return array_values($gaps);
    }
}
