<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/** What the bound found of a node: nothing below it is less than this, and what each open item would add. */
final readonly class Relaxed
{
    /**
     * @param array<int, int>   $reduced by open item: above nought, choosing it costs at least so much more; below, leaving it out does
     * @param array<int, float> $share   how often it was chosen while the bound rose
     */
    public function __construct(public int $least, public array $reduced, public array $share, public Multipliers $multipliers) {}

    /**
     * The item that is least decided, large ones before small ones, and whether to look first at what it is chosen in.
     *
     * @param list<float> $size of each item
     *
     * @return array{int, bool}
     */
    public function branch(array $size): array
    {
        $best = null;
        $most = -1.0;
        foreach ($this->share as $item => $share) {
            $undecided = min($share, 1.0 - $share) * $size[$item];
            if ($undecided > $most * (1.0 + 1e-9)) {
                $most = $undecided;
                $best = $item;
            }
        }
        // All are decided, and yet nothing is proven: the one that is nearest to turning.
        if ($most <= 0.0) {
            $least = PHP_INT_MAX;
            foreach ($this->reduced as $item => $reduced) {
                if (abs($reduced) < $least) {
                    $least = abs($reduced);
                    $best = $item;
                }
            }
        }

        return [(int) $best, ($this->share[$best] ?? 0.0) >= 0.3];
    }
}
