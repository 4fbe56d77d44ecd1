<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Profile;

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

    /** @param list<Profile> $profiles that press it; none where nothing does */
    public static function of(TerminalClass $class, array $profiles = []): self
    {
        $codes = ['good' => [], 'bad' => []];
        foreach (Table::rows('look') as $row) {
            if (in_array($class->value, explode(' ', $row['classes']), true) && self::isLeftBy($profiles, $row['profiles'])) {
                $codes[$row['side']][] = $row['code'];
            }
        }

        return new self($codes['good'], $codes['bad']);
    }

    /**
     * Whether one of these profiles leaves what a row speaks of.
     *
     * @param list<Profile> $profiles
     * @param string        $named    profiles of the row, with spaces between; nothing for any
     */
    private static function isLeftBy(array $profiles, string $named): bool
    {
        return $named === '' || $profiles === [] || array_intersect(array_column($profiles, 'value'), explode(' ', $named)) !== [];
    }
}
