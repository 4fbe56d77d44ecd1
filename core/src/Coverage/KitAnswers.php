<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Requirements;
use Gondrik\Core\Tool\KitAsItStands;

/** What one kit makes of works of which it is known which tools do them. */
final class KitAnswers
{
    /** @var array<string, Status> by operation and work */
    private array $known = [];

    /** @var array<string, bool> whether one of it takes part that is good for everything, by tool */
    private array $isGood = [];

    private readonly Requirements $requirements;

    public function __construct(public readonly KitAsItStands $kit)
    {
        foreach ($kit->tools as $part) {
            $this->isGood[$part->tool->id] = ($this->isGood[$part->tool->id] ?? false) || !$part->isSeldom;
        }
        $this->requirements = new Requirements($kit);
    }

    /** What was found of a work before; null for nothing. */
    public function known(string $key): ?Status
    {
        return $this->known[$key] ?? null;
    }

    /**
     * @param string              $key       operation and work
     * @param array<string, true> $proper    ids of tools that do it properly
     * @param array<string, true> $makeshift ids of those that do it as a makeshift
     */
    public function find(string $key, Conditions $conditions, array $proper, array $makeshift): Status
    {
        return $this->known[$key] = $this->status($conditions, $proper, $makeshift);
    }

    /**
     * @param array<string, true> $proper
     * @param array<string, true> $makeshift
     */
    private function status(Conditions $conditions, array $proper, array $makeshift): Status
    {
        $isMakeshift = false;
        foreach ([[$proper, true], [$makeshift, false]] as [$doers, $isProper]) {
            foreach (array_keys(array_intersect_key($this->isGood, $doers)) as $id) {
                $tool = $this->kit->tool((string) $id);
                if ($tool !== null && $this->requirements->missing($tool, $conditions) === []) {
                    if ($isProper && $this->isGood[$id]) {
                        return Status::Covered;
                    }
                    $isMakeshift = true;
                }
            }
        }

        return $isMakeshift ? Status::Makeshift : Status::Hole;
    }
}
