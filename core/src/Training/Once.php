<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Value\Invalid;

/** A list in which nothing stands twice. */
final readonly class Once
{
    /**
     * @param list<string> $ids
     *
     * @throws Invalid at the second of two
     */
    public static function check(string $field, array $ids, string $expected): void
    {
        foreach ($ids as $index => $id) {
            if (array_search($id, $ids, true) !== $index) {
                throw Invalid::at($field . '/' . $index, $id, $expected);
            }
        }
    }
}
