<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/**
 * A kit as it stands when it is asked: which of its tools take part, and how many of each; behind them those of the kits whose tools
 * its people may fetch. Whoever judges asks this and no kit, so that why a tool takes part, or does not, is no matter there. On paper
 * it is the kit.
 */
final readonly class KitAsItStands
{
    public bool $travels;

    /** The hand that closes its tools, where that is known. */
    public ?Hand $hand;

    /** @var array<string, TakingPart> by tool id; of one that stands twice its own */
    private array $byTool;

    /**
     * @param list<TakingPart> $tools  in the order in which they are reached for; a model of its own and shared stands twice
     * @param Worker|null      $worker who works with it, where that is asked; else it is the hand that the kit is for
     */
    private function __construct(public Kit $of, public array $tools, public ?Worker $worker = null)
    {
        $this->travels = $of->travels;
        $this->hand = $worker === null ? $of->hand : $worker->hand;
        $byTool = [];
        foreach ($tools as $part) {
            $byTool[$part->tool->id] ??= $part;
        }
        $this->byTool = $byTool;
    }

    /**
     * Everything that is packed takes part.
     *
     * @param list<Kit> $shared kits whose tools its people may fetch, in the order in which it names them
     */
    public static function onPaper(Kit $kit, array $shared = []): self
    {
        return self::of($kit, self::packed($kit), array_merge(...array_map(self::packed(...), $shared)));
    }

    /**
     * @param list<TakingPart> $own    that take part
     * @param list<TakingPart> $shared that may be fetched
     */
    public static function of(Kit $kit, array $own, array $shared = []): self
    {
        return new self($kit, [...$own, ...array_map(static fn(TakingPart $part): TakingPart => $part->asShared(), $shared)]);
    }

    /** @return list<TakingPart> all that is packed */
    public static function packed(Kit $kit): array
    {
        return array_map(static fn(KitEntry $entry): TakingPart => new TakingPart($entry->tool, $entry->count), $kit->tools);
    }

    /** No kit in hand: nothing takes part. */
    public static function none(): self
    {
        return self::onPaper(new Kit('none', 'No kit in hand', []));
    }

    public function tool(string $id): ?Tool
    {
        return ($this->byTool[$id] ?? null)?->tool;
    }

    /** Whether one takes part that is good for everything, and not for makeshift only. */
    public function hasGood(string $id): bool
    {
        return ($this->byTool[$id] ?? null)?->isSeldom === false;
    }

    public function count(string $id): int
    {
        return ($this->byTool[$id] ?? null)->count ?? 0;
    }

    public function hasKind(ToolKind $kind): bool
    {
        foreach ($this->tools as $part) {
            if ($part->tool->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<ToolKind> $kinds
     *
     * @return list<ToolKind> of which nothing takes part
     */
    public function lacking(array $kinds): array
    {
        return array_values(array_filter($kinds, fn(ToolKind $kind): bool => !$this->hasKind($kind)));
    }

    /** The same with one more of a tool, a good one: at its entry, else after the kit's own and before what may be fetched. */
    public function oneMore(Tool $tool): self
    {
        return $this->takingPart($tool, $this->of->oneMore($tool));
    }

    /** The same where one more of what belongs into it takes part again; what is packed stays so. */
    public function oneAgain(Tool $tool): self
    {
        return $this->takingPart($tool, $this->of);
    }

    private function takingPart(Tool $tool, Kit $of): self
    {
        $places = array_flip(array_map(static fn(KitEntry $entry): string => $entry->tool->id, $this->of->tools));
        $place = static fn(string $id): int => $places[$id] ?? count($places);
        $parts = [];
        $isIn = false;
        foreach ($this->tools as $part) {
            $isIt = !$part->isShared && $part->tool->id === $tool->id;
            if (!$isIn && !$isIt && ($part->isShared || $place($part->tool->id) > $place($tool->id)) && !$this->hasOwn($tool->id)) {
                $parts[] = new TakingPart($tool);
                $isIn = true;
            }
            $parts[] = $isIt ? $part->oneMore() : $part;
            $isIn = $isIn || $isIt;
        }

        return new self($of, $isIn ? $parts : [...$parts, new TakingPart($tool)], $this->worker);
    }

    /** The same with what is its own and shared as one: who plans asks what there is, and not where it is fetched. */
    public function eachModelOnce(): self
    {
        $parts = [];
        foreach ($this->tools as $part) {
            $known = $parts[$part->tool->id] ?? null;
            $parts[$part->tool->id] = $known === null ? $part : new TakingPart($part->tool, $known->count + $part->count, $known->seldom + $part->seldom, false, [...$known->assets, ...$part->assets]);
        }

        return new self($this->of, array_values($parts), $this->worker);
    }

    /** The same in somebody's hands. */
    public function with(?Worker $worker): self
    {
        return new self($this->of, $this->tools, $worker);
    }

    private function hasOwn(string $id): bool
    {
        return ($this->byTool[$id] ?? null)?->isShared === false;
    }

    /** The same less all of some tools, its own and what may be fetched; what is packed stays so. */
    public function without(string ...$ids): self
    {
        return new self($this->of, array_values(array_filter($this->tools, static fn(TakingPart $part): bool => !in_array($part->tool->id, $ids, true))), $this->worker);
    }
}
