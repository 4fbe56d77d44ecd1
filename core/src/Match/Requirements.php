<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;

/**
 * Which tools of a kit lack what they require. A required tool counts when it is in the kit, has its energy and may be where
 * the work is, and has what it requires itself; tools that require each other in a ring count together.
 */
final class Requirements
{
    /** @var array<string, array<string, true>> ids of usable tools, by what the place asks */
    private array $usable = [];

    private readonly bool $areAny;

    public function __construct(private readonly KitAsItStands $kit)
    {
        $areAny = false;
        foreach ($kit->tools as $part) {
            $areAny = $areAny || $part->tool->needs->requires !== [];
        }
        $this->areAny = $areAny;
    }

    /** @return list<string> names, or ids where the kit has no such tool, of what a tool requires and cannot use here */
    public function missing(Tool $tool, Conditions $conditions): array
    {
        if (!$this->areAny || $tool->needs->requires === []) {
            return [];
        }
        $usable = $this->usable[($conditions->noMains ? 'm' : '') . ($conditions->mustTravel ? 't' : '')] ??= $this->usableUnder($conditions);
        $missing = array_filter($tool->needs->requires, static fn(string $id): bool => !isset($usable[$id]));

        return array_values(array_map(fn(string $id): string => $this->kit->tool($id)->name ?? $id, $missing));
    }

    /**
     * All that may be here, less what requires one of those that are out, and so on: each tool falls out once.
     *
     * @return array<string, true> by id
     */
    private function usableUnder(Conditions $conditions): array
    {
        $usable = [];
        $requiredBy = [];
        foreach ($this->kit->tools as $part) {
            $needs = $part->tool->needs;
            if (!($conditions->noMains && $needs->energy === Energy::Mains) && !($conditions->mustTravel && $needs->inPlaceOnly)) {
                $usable[$part->tool->id] = true;
            }
            foreach ($needs->requires as $required) {
                $requiredBy[$required][] = $part->tool->id;
            }
        }
        $out = array_values(array_filter(array_map(strval(...), array_keys($requiredBy)), static fn(string $id): bool => !isset($usable[$id])));
        while ($out !== []) {
            foreach ($requiredBy[array_pop($out)] ?? [] as $id) {
                if (isset($usable[$id])) {
                    unset($usable[$id]);
                    $out[] = $id;
                }
            }
        }

        return $usable;
    }
}
