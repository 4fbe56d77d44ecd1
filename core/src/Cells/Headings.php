<?php

declare(strict_types=1);

namespace Gondrik\Core\Cells;

/** What the columns of one kind of table can say, and by what names people call them. */
interface Headings
{
    /** @return list<string> all that a column can say */
    public function known(): array;

    /**
     * @param list<string> $names over the columns, in their order
     *
     * @return array<int, MappedColumn> what they say, by their place; what is not known is left out, what two say stands twice
     */
    public function read(array $names): array;
}
