<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

use Gondrik\Core\Value\Deadline;

/**
 * Branch and bound over the items of an instance. A node fixes what follows from what is fixed (Node::propagate), asks the
 * Lagrangian bound (Bound) how good anything below it can be, fixes what reduced costs forbid or demand, and parts in two on
 * one item. Deterministic; when time is up it gives the best it has and what it could prove.
 */
final class Search
{
    private const AT_ROOT = 260;

    /** With prices that were good for a question much like this. */
    private const AT_WARM_ROOT = 90;

    private const AT_NODE = 20;

    private ?Worth $best = null;

    private int $bestNumber = PHP_INT_MAX;

    private int $leastOpen = PHP_INT_MAX;

    private bool $isStopped = false;

    /** What the bound found before anything was fixed; null where nothing was asked. */
    public ?Relaxed $root = null;

    /** One that is not better but as good ends the search: whether there is any. */
    private bool $takesEqual = false;

    private bool $isEnough = false;

    private int $nodes = 0;

    private readonly Bound $bound;

    private readonly Builder $builder;

    public function __construct(private readonly Compiled $compiled, private readonly Deadline $deadline)
    {
        $this->bound = new Bound($compiled);
        $this->builder = new Builder($compiled);
    }

    /**
     * The best set, its order left aside; null when none does what must be done.
     *
     * @param list<Worth>      $known sets that do what must be done, to begin with
     * @param Multipliers|null $warm  prices that were good for a question much like this
     */
    public function best(array $known = [], ?Multipliers $warm = null): ?Worth
    {
        foreach ($known as $worth) {
            $this->offer($worth);
        }
        $this->run($this->compiled->root(), $warm ?? $this->bound->first(), $warm === null ? self::AT_ROOT : self::AT_WARM_ROOT);

        return $this->best;
    }

    /** A set as good as this one below a node; null when there is none. */
    public function asGoodAs(Worth $worth, Node $from, ?Multipliers $multipliers): ?Worth
    {
        $this->takesEqual = true;
        $this->bestNumber = $this->compiled->number($worth);
        $this->best = $worth;
        $this->run($from, $multipliers ?? $this->bound->first(), $multipliers === null ? self::AT_ROOT : self::AT_NODE);

        return $this->best === $worth ? null : $this->best;
    }

    public function isProven(): bool
    {
        return !$this->isStopped;
    }

    /** What nothing can be below, where the search was stopped. */
    public function least(): int
    {
        return min($this->leastOpen, $this->bestNumber);
    }

    private function run(Node $node, Multipliers $multipliers, int $rounds): void
    {
        if ($node->propagate($this->compiled)) {
            // A bound that knows what is to be reached rises faster.
            foreach ($this->best === null ? $this->builder->first($node) : [] as $worth) {
                $this->offer($worth);
            }
            $this->visit($node, $multipliers, $rounds);
        }
    }

    private function offer(Worth $worth): void
    {
        if ($worth->won < ($this->compiled->instance->leastWon ?? 0)) {
            return;
        }
        $number = $this->compiled->number($worth);
        if ($this->best === null || $number < $this->bestNumber || ($number === $this->bestNumber && $worth->compareFigures($this->best) < 0)) {
            $this->best = $worth;
            $this->bestNumber = $number;
        } elseif ($this->takesEqual && $worth->compareFigures($this->best) === 0) {
            $this->best = $worth;
            $this->isEnough = true;
        }
    }

    /** Whether nothing as good as this number is of use any more. */
    private function isBeaten(int|float $least): bool
    {
        if ($this->best === null) {
            return false;
        }

        return $this->takesEqual || !$this->compiled->scale->isWhole ? $least > $this->bestNumber : $least > $this->bestNumber - $this->compiled->scale->unit;
    }

    private function visit(Node $node, Multipliers $multipliers, int $rounds): void
    {
        if ($this->isEnough) {
            return;
        }
        $this->nodes++;
        if ($node->isDone($this->compiled)) {
            $this->offer($this->compiled->instance->worth($node->chosen()));

            return;
        }
        for ($again = 0; ; $again++) {
            $found = $this->bound->improve($node, $multipliers, $rounds, $this->bestNumber, $this->deadline);
            $this->root ??= $found;
            if ($this->nodes === 1 || $this->nodes % 8 === 0) {
                foreach ($this->builder->build($node, $found) as $worth) {
                    $this->offer($worth);
                }
                if ($this->isEnough) {
                    return;
                }
            }
            if ($this->isBeaten($found->least)) {
                return;
            }
            $fixed = 0;
            foreach ($found->reduced as $item => $reduced) {
                if ($reduced > 0 ? $this->isBeaten($found->least + $reduced) : $this->isBeaten($found->least - $reduced)) {
                    $node->fix($item, $reduced < 0);
                    $fixed++;
                }
            }
            if ($fixed === 0) {
                break;
            }
            if (!$node->propagate($this->compiled)) {
                return;
            }
            if ($node->isDone($this->compiled)) {
                $this->offer($this->compiled->instance->worth($node->chosen()));

                return;
            }
            $rounds = self::AT_NODE;
            $multipliers = $found->multipliers;
            if ($again > 3) {
                $found = $this->bound->improve($node, $multipliers, $rounds, $this->bestNumber, $this->deadline);
                break;
            }
        }
        if ($this->isStopped || $this->deadline->isOver()) {
            $this->isStopped = true;
            $this->leastOpen = min($this->leastOpen, $found->least);

            return;
        }
        [$item, $isFirst] = $found->branch($this->compiled->size);
        foreach ([$isFirst, !$isFirst] as $isChosen) {
            $child = clone $node;
            $child->fix($item, $isChosen);
            if ($child->propagate($this->compiled)) {
                $this->visit($child, $found->multipliers, self::AT_NODE);
            }
        }
    }
}
