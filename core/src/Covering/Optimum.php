<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

use Gondrik\Core\Value\Deadline;

/**
 * The best set of an instance, its order too. What shares neither row nor need nor limit is solved part by part, and a part that
 * was solved before is not solved again.
 */
final class Optimum
{
    /** @var array<string, Outcome|null> by what the part says */
    private array $known = [];

    /** @var array<string, array{int, Multipliers}> scale and prices of the last question, of what can be won and of what that costs */
    private array $warm = [];

    public function __construct(private readonly Deadline $deadline) {}

    /** Null when nothing does what must be done. */
    public function of(Instance $instance): ?Outcome
    {
        if ($instance->budget !== null || $instance->massLimit !== null || $instance->isAllowed !== null || $instance->groups !== []) {
            return $this->whole($instance);
        }
        $items = [];
        [$isProven, $least] = [true, 0];
        foreach (Parts::of($instance) as [$part, $names]) {
            $key = serialize([$part, $names]);
            if (!array_key_exists($key, $this->known)) {
                $this->known[$key] = $this->whole($part);
            }
            $outcome = $this->known[$key];
            if ($outcome === null) {
                return null;
            }
            foreach ($outcome->worth->items as $item) {
                $items[] = $names[$item];
            }
            $isProven = $isProven && $outcome->isProven;
            $least += $outcome->leastMoney;
        }
        $worth = $instance->worth($items);

        return new Outcome($worth, $isProven, $worth->won, $least);
    }

    private function whole(Instance $instance): ?Outcome
    {
        $known = [];
        if ($instance->isAboutWinning()) {
            $winning = Compiled::of($instance);
            $search = new Search($winning, $this->deadline);
            $worth = $this->searched('winning', $search, $winning, []);
            if ($worth === null || !$search->isProven()) {
                return $worth === null ? null : new Outcome($worth, false, $winning->mostWon($search->least()), 0);
            }
            $instance = $instance->winning($worth->won);
            $known = [$worth];
        }
        $compiled = Compiled::of($instance);
        $search = new Search($compiled, $this->deadline);
        $worth = $this->searched($known === [] ? 'covering' : 'cheapest', $search, $compiled, $known);
        if ($worth === null) {
            return null;
        }
        if (!$search->isProven()) {
            return new Outcome($worth, false, $worth->won, $compiled->leastMoney($search->least()));
        }
        $first = $this->first($compiled, $worth, $search->root);

        return new Outcome($first ?? $worth, $first !== null, $worth->won, $worth->money);
    }

    /**
     * From one budget to the next little changes, so the prices of the last question are where to begin.
     *
     * @param list<Worth> $known
     */
    private function searched(string $about, Search $search, Compiled $compiled, array $known): ?Worth
    {
        $warm = null;
        if ($about !== 'covering' && isset($this->warm[$about])) {
            [$unit, $prices] = $this->warm[$about];
            $warm = $prices->scaled($compiled->scale->highest() / $unit);
        }
        $worth = $search->best($known, $warm);
        if ($search->root !== null) {
            $this->warm[$about] = [$compiled->scale->highest(), $search->root->multipliers];
        }

        return $worth;
    }

    /** Of all sets of these figures the first in order; null when time was up. */
    private function first(Compiled $compiled, Worth $worth, ?Relaxed $root): ?Worth
    {
        $number = $compiled->number($worth);
        $node = $compiled->root();
        foreach (array_keys($compiled->instance->items) as $item) {
            if ($node->state[$item] !== Node::OPEN || !$compiled->instance->items[$item]->isCounted) {
                continue;
            }
            if (!in_array($item, $worth->items, true)) {
                if ($root !== null && $root->least + ($root->reduced[$item] ?? 0) > $number) {
                    $node->fix($item, false);
                    continue;
                }
                $with = clone $node;
                $with->fix($item, true);
                $search = new Search($compiled, $this->deadline);
                $other = $search->asGoodAs($worth, $with, $root?->multipliers);
                if (!$search->isProven()) {
                    return null;
                }
                if ($other === null) {
                    $node->fix($item, false);
                    continue;
                }
                $worth = $other;
            }
            $node->fix($item, true);
        }

        return $worth;
    }
}
