<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

/** What is bought, and how sure it is that nothing does better. */
final readonly class Purchase
{
    /**
     * @param array<string, list<int>> $packs by stock: how many of each of its packs
     * @param array<string, int>       $boxes by box: how many
     * @param array<string, int>       $open  by stock: pieces that are short and that neither pack nor box brings
     * @param int                      $left  pieces that it brings beyond what is short
     * @param int                      $bound cents: nothing comes to less
     */
    public function __construct(
        public array $packs,
        private array $boxes,
        public array $open,
        public Outlay $outlay,
        public int $left,
        public int $bound,
    ) {}

    /** @return array<string, int> those that are bought, by box */
    public function boxes(): array
    {
        return array_filter($this->boxes);
    }

    public function isProven(): bool
    {
        return $this->bound === $this->outlay->cents;
    }
}
