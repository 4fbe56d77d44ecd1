<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** An object of several kinds: a key of its own says which, and with that which other keys it has. */
interface Variants
{
    /** The key that says of which kind it is: "op". */
    public static function kindKey(): string;

    /** What a kind is called where one is expected: "an operation". */
    public static function kindName(): string;

    /** @return class-string|null of a kind; null where there is no such kind */
    public static function ofKind(string $kind): ?string;

    /** Of which kind this is. */
    public static function kind(): string;
}
