<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** Something that cannot be so in a timetable, and between which minutes from the start. */
final readonly class Conflict
{
    /** @param non-empty-list<Slot> $slots between which it is; the one that is in the way last where there are two */
    public function __construct(
        public ConflictCode $code,
        public array $slots,
        public int $from,
        public int $to,
    ) {}
}
