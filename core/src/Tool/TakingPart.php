<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** So many of one tool model that take part in a kit as it stands. */
final readonly class TakingPart
{
    /** Good enough only for what must not be perfect, all of them: what they do is makeshift. */
    public bool $isSeldom;

    /**
     * @param list<string> $assets tags of the things that count, where the kit is tracked
     */
    public function __construct(
        public Tool $tool,
        /** All that count, seldom ones too. */
        public int $count = 1,
        /** So many of them are good enough only for what must not be perfect. */
        public int $seldom = 0,
        /** It is another kit's, whose tools one may fetch. */
        public bool $isShared = false,
        public array $assets = [],
    ) {
        $this->isSeldom = $count > 0 && $seldom === $count;
    }

    /** The same with one more, a good one. */
    public function oneMore(): self
    {
        return new self($this->tool, $this->count + 1, $this->seldom, $this->isShared, $this->assets);
    }

    public function asShared(): self
    {
        return new self($this->tool, $this->count, $this->seldom, true, $this->assets);
    }
}
