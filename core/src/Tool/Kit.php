<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** Tools that travel together, in the order in which they are reached for. */
final readonly class Kit
{
    use Changed;

    /** @var array<string, KitEntry> by tool id */
    private array $byTool;

    /**
     * @param list<KitEntry> $tools
     * @param list<string>   $shares ids of kits whose tools its people may fetch
     *
     * @throws Invalid when a tool or a shared kit stands twice, or it names itself
     */
    public function __construct(
        public string $id,
        public string $name,
        #[ListOf(KitEntry::class)]
        public array $tools,
        /** False: a bench to which the work comes. */
        public bool $travels = true,
        /** The hand it is for. */
        public ?Hand $hand = null,
        public ?string $note = null,
        /** Its things are kept by their tags: on a day it is what counts then, and not what is written above. */
        public bool $tracked = false,
        /** Id of the kit that it is a copy of. */
        public ?string $like = null,
        #[ListOf('string')]
        public array $shares = [],
    ) {
        foreach ($shares as $index => $shared) {
            if ($shared === $id || array_search($shared, $shares, true) !== $index) {
                throw Invalid::at('shares/' . $index, $shared, $shared === $id ? 'another kit; a kit does not share itself' : 'each kit once');
            }
        }
        if ($like === $id) {
            throw Invalid::at('like', $like, 'another kit; a kit is no copy of itself');
        }
        $byTool = [];
        foreach ($tools as $index => $entry) {
            if (isset($byTool[$entry->tool->id])) {
                throw Invalid::at('tools/' . $index . '/tool', $entry->tool->id, 'each tool once; raise its count instead');
            }
            $byTool[$entry->tool->id] = $entry;
        }
        $this->byTool = $byTool;
    }

    public function tool(string $id): ?Tool
    {
        return ($this->byTool[$id] ?? null)?->tool;
    }

    public function count(string $id): int
    {
        return ($this->byTool[$id] ?? null)->count ?? 0;
    }

    /** The same kit with more tools at its end. */
    public function with(Tool ...$tools): self
    {
        $added = array_map(static fn(Tool $tool): KitEntry => new KitEntry($tool), array_values($tools));

        return $this->but(tools: [...$this->tools, ...$added]);
    }

    /** The same kit less all of some tools. */
    public function without(string ...$ids): self
    {
        $left = array_values(array_filter($this->tools, static fn(KitEntry $entry): bool => !in_array($entry->tool->id, $ids, true)));

        return $this->but(tools: $left);
    }

    /** The same kit with one more of a tool. */
    public function oneMore(Tool $tool): self
    {
        return $this->tool($tool->id) === null ? $this->with($tool) : $this->counted($tool->id, 1);
    }

    /** The same kit with one less of a tool; where there is none, as it is. */
    public function oneLess(string $id): self
    {
        return $this->count($id) > 1 ? $this->counted($id, -1) : $this->without($id);
    }

    /**
     * The same kit with what its pattern holds: the pattern's tools in their order and as many of each, then what it has beyond that.
     *
     * @param bool $withoutMore what the pattern has not, or fewer of, goes; else it stays
     */
    public function alike(self $pattern, bool $withoutMore): self
    {
        $tools = array_map(fn(KitEntry $entry): KitEntry => new KitEntry($entry->tool, $withoutMore ? $entry->count : max($entry->count, $this->count($entry->tool->id))), $pattern->tools);
        $more = array_values(array_filter($this->tools, static fn(KitEntry $entry): bool => $pattern->tool($entry->tool->id) === null));

        return $this->but(tools: $withoutMore ? $tools : [...$tools, ...$more]);
    }

    private function counted(string $id, int $by): self
    {
        $tools = array_map(static fn(KitEntry $entry): KitEntry => $entry->tool->id === $id ? new KitEntry($entry->tool, $entry->count + $by) : $entry, $this->tools);

        return $this->but(tools: $tools);
    }
}
