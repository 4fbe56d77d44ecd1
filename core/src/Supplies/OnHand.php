<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Log\Counted;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\OfStock;
use Gondrik\Core\Log\Used;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Value\Day;

/** How much there is of each stock on a day: what was counted last, and what came and went since. */
final readonly class OnHand
{
    /**
     * @param array<string, int> $pieces  by stock, those of which anything was told
     * @param array<string, Day> $counted by stock, when somebody counted last
     */
    private function __construct(private array $pieces, private array $counted) {}

    public static function of(Log $log, Day $day): self
    {
        $pieces = $counted = [];
        foreach ($log->entries as $entry) {
            if (!$entry instanceof OfStock || $entry->on->isAfter($day)) {
                continue;
            }
            $id = $entry->stock->id;
            $before = $pieces[$id] ?? 0;
            $pieces[$id] = match (true) {
                $entry instanceof Counted => $entry->pieces,
                $entry instanceof Used => $before - $entry->pieces,
                default => $before + $entry->pieces,
            };
            if ($entry instanceof Counted) {
                $counted[$id] = $entry->on;
            }
        }

        return new self($pieces, $counted);
    }

    /** Below nought where more was taken than was told to be there, and nobody has counted since. */
    public function book(Stock $stock): int
    {
        return $this->pieces[$stock->id] ?? 0;
    }

    public function countedOn(Stock $stock): ?Day
    {
        return $this->counted[$stock->id] ?? null;
    }
}
