<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Terminal\TerminalClass;

/** What a good and a bad termination of a class look like, by code; data/look.csv has the sentences. */
final readonly class LookList
{
    /**
     * @param list<string> $good
     * @param list<string> $bad
     */
    private function __construct(public array $good, public array $bad) {}

    public static function nothing(): self
    {
        return new self([], []);
    }

    public static function of(TerminalClass $class): self
    {
        $codes = ['good' => [], 'bad' => []];
        foreach (Table::rows('look') as $row) {
            if (in_array($class->value, explode(' ', $row['classes']), true)) {
                $codes[$row['side']][] = $row['code'];
            }
        }

        return new self($codes['good'], $codes['bad']);
    }
}
