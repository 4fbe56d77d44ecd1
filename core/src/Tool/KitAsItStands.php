<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/**
 * A kit as it stands when it is asked: which of its tools take part, and how many of each. Whoever judges asks this and no kit,
 * so that why a tool takes part, or does not, is no matter there. On paper it is the kit.
 */
final readonly class KitAsItStands
{
    public bool $travels;

    /** The hand that closes its tools, where that is known. */
    public ?Hand $hand;

    /** @var array<string, TakingPart> by tool id */
    private array $byTool;

    /** @param list<TakingPart> $tools in the order in which they are reached for */
    private function __construct(public Kit $of, public array $tools)
    {
        $this->travels = $of->travels;
        $this->hand = $of->hand;
        $this->byTool = array_combine(array_map(static fn(TakingPart $part): string => $part->tool->id, $tools), $tools);
    }

    /** Everything that is packed takes part. */
    public static function onPaper(Kit $kit): self
    {
        return new self($kit, array_map(static fn(KitEntry $entry): TakingPart => new TakingPart($entry->tool, $entry->count), $kit->tools));
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

    /** The same with one more of a tool, packed and taking part. */
    public function oneMore(Tool $tool): self
    {
        $tools = isset($this->byTool[$tool->id])
            ? array_map(static fn(TakingPart $part): TakingPart => $part->tool->id === $tool->id ? new TakingPart($part->tool, $part->count + 1) : $part, $this->tools)
            : [...$this->tools, new TakingPart($tool, 1)];

        return new self($this->of->oneMore($tool), $tools);
    }
}
