<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Variants;

/** Something that happened on a day. It is never changed: what was written by mistake is voided. */
abstract readonly class Entry implements Variants
{
    public function __construct(
        public string $id,
        public Day $on,
        /** Who wrote it down. */
        #[ByReference]
        public ?Person $by = null,
        public ?string $note = null,
    ) {}

    abstract public static function what(): What;

    /** The thing that it is about, where it is about one. */
    public function asset(): ?Asset
    {
        return null;
    }

    /** A new reading of the thing's counter, where there is one. */
    public function reading(): ?int
    {
        return null;
    }

    public static function kindKey(): string
    {
        return 'what';
    }

    public static function kindName(): string
    {
        return 'something that can have happened';
    }

    public static function kind(): string
    {
        return static::what()->value;
    }

    public static function ofKind(string $kind): ?string
    {
        return What::tryFrom($kind)?->entry();
    }
}
