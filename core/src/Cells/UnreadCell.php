<?php

declare(strict_types=1);

namespace Gondrik\Core\Cells;

/** A cell that cannot be taken for what its column says. */
final class UnreadCell extends \DomainException
{
    /** @param list<string> $candidates ids that are as good as any; none where nothing is meant */
    public function __construct(
        public readonly string $text,
        public readonly string $expected,
        /** wire, terminal or wireB where such a thing was looked for and there is none, or several. */
        public readonly ?string $about = null,
        public readonly array $candidates = [],
    ) {
        parent::__construct($expected);
    }
}
