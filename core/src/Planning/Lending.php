<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Tool;

/** What another kit can do without: as long as nothing that it does now becomes a hole. Of what it has twice, one may always go. */
final class Lending
{
    private readonly Matrix $matrix;

    /** @var list<list<array<int, true>>> by task that it does: the tools that each way of doing it rests on */
    private array $rests = [];

    /** @param list<PlannedScope> $scopes all work that the kit may be for */
    public function __construct(public readonly Kit $kit, array $scopes)
    {
        $reports = array_map(static fn(PlannedScope $of): Report => Coverage::of($kit, $of->scope, $of->rules), $scopes);
        $tools = array_map(static fn(KitEntry $entry): Tool => $entry->tool, $kit->tools);
        $this->matrix = new Matrix($reports, $tools, true);
        foreach ($this->matrix->tasks as $task) {
            $rests = [];
            foreach (array_keys($task->doers) as $tool) {
                $rests[] = [$tool => true] + array_fill_keys($this->matrix->closure($tool) ?? [], true);
            }
            if ($rests !== []) {
                $this->rests[] = $rests;
            }
        }
    }

    /** @return list<Way> each of which it can do without, by itself */
    public function ways(): array
    {
        $ways = array_map(fn(KitEntry $entry): Way => Way::moving($entry->tool, $this->kit->id), $this->kit->tools);

        return array_values(array_filter($ways, fn(Way $way): bool => $this->canDoWithout([$way])));
    }

    /** @param list<Way> $ways those of other kits are no matter */
    public function canDoWithout(array $ways): bool
    {
        $gone = [];
        foreach ($ways as $way) {
            if ($way->means === Means::Move && $way->from === $this->kit->id && $this->kit->count($way->tool->id) === 1) {
                $gone[(int) $this->matrix->at($way->tool->id)] = true;
            }
        }
        foreach ($gone === [] ? [] : $this->rests as $rests) {
            foreach ($rests as $on) {
                if (array_intersect_key($on, $gone) === []) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }
}
