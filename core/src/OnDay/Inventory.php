<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;

/**
 * The things that live in a kit on a day, model by model. What is lent out lives in it still; what is out of service or comes only later
 * does not.
 */
final readonly class Inventory
{
    /**
     * @param array<string, Tool>         $tools by id: those on paper in their order, then those that live in it only
     * @param array<string, list<string>> $tags  by the same ids
     */
    private function __construct(private Kit $kit, private array $tools, private array $tags) {}

    /** @param list<AssetHistory> $histories */
    public static function of(Kit $kit, array $histories, Day $day): self
    {
        $tools = array_map(static fn(KitEntry $entry): Tool => $entry->tool, $kit->tools);
        $tools = array_combine(array_map(static fn(Tool $tool): string => $tool->id, $tools), $tools);
        $tags = [];
        foreach ($histories as $history) {
            $state = $history->on($day);
            if ($state->home?->id === $kit->id && $state->isBought && $state->condition !== Condition::Retired) {
                $tool = $history->asset->tool;
                $tools[$tool->id] ??= $tool;
                $tags[$tool->id][] = $history->asset->id;
            }
        }

        return new self($kit, $tools, $tags);
    }

    /** @return list<ModelCount> models of which more or fewer live in it than are planned on paper */
    public function againstPaper(): array
    {
        return $this->differing($this->tools, fn(string $tool): int => $this->kit->count($tool));
    }

    /** @return list<ModelCount> models of which more or fewer live in it than in the kit that it is a copy of */
    public function against(self $pattern): array
    {
        return $this->differing($pattern->tools + $this->tools, $pattern->there(...));
    }

    private function there(string $tool): int
    {
        return count($this->tags[$tool] ?? []);
    }

    /**
     * @param array<string, Tool>   $tools
     * @param \Closure(string): int $wanted
     *
     * @return list<ModelCount>
     */
    private function differing(array $tools, \Closure $wanted): array
    {
        $counts = [];
        foreach ($tools as $id => $tool) {
            if ($wanted((string) $id) !== $this->there((string) $id)) {
                $counts[] = new ModelCount($tool, $wanted((string) $id), $this->tags[$id] ?? []);
            }
        }

        return $counts;
    }
}
