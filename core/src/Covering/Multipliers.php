<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** What it is worth, on the scale, to cover an element, to meet a need, to keep a limit by one, to win one more. */
final class Multipliers
{
    /**
     * @param array<int, int> $elements by element
     * @param array<int, int> $arcs     by arc
     */
    public function __construct(public array $elements, public array $arcs, public int $money = 0, public int $mass = 0, public int $won = 0) {}

    /** The same on another scale. */
    public function scaled(float $by): self
    {
        $scale = static fn(int $of): int => (int) min(2 ** 60, round($of * $by));

        return new self(array_map($scale, $this->elements), array_map($scale, $this->arcs), $scale($this->money), $scale($this->mass), $scale($this->won));
    }
}
