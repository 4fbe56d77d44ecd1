<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** What a text says of one wire or terminal by itself. */
final readonly class EndReading
{
    /**
     * @param list<string>                         $candidates ids that are as good as any, where there are several
     * @param list<string>                         $readings   how it might be written so that it is not open, where a unit is
     * @param list<string>                         $unknown    words that say nothing of it
     * @param array<string, string|int|float|true> $said       keys of the line that were said beside it, as the workbook has them
     */
    public function __construct(
        /** Null while it is open. */
        public ?string $id,
        public array $candidates,
        public array $readings,
        public array $unknown,
        public array $said,
        /** It is called by its name: it is meant whatever else is known. */
        public bool $isByName = false,
    ) {}
}
