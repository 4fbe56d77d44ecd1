<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Coverage\Choice;
use Gondrik\Core\Match\Reach;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;

/**
 * Finds where a bar looks like cover and is none: the sizes of the lane that it reaches, and whose work its tool does not do
 * with whatever it has. Each tool is held against each work once.
 */
final class Misses
{
    /** @var array<string, Reason|null> why a tool does not do a work, null where it does; by operation, tool and work */
    private array $why = [];

    public function __construct(private readonly Choice $choice) {}

    /**
     * @param array<string, array{area: float, works: list<array{string, Work}>}> $places of the lane: at each size its works, each with the id of its line
     *
     * @return list<RulerMiss> from thin to thick
     */
    public function of(TakingPart $part, Operation $operation, Reach $reach, array $places): array
    {
        $misses = [];
        foreach ($places as ['area' => $area, 'works' => $works]) {
            if (!$reach->covers($area)) {
                continue;
            }
            $all = $failing = [];
            $first = null;
            foreach ($works as [$line, $work]) {
                $all[$line] = true;
                $reason = $this->why($part, $operation, $work);
                if ($reason !== null) {
                    $failing[$line] = $line;
                    $first ??= $reason;
                }
            }
            if ($first !== null) {
                $misses[] = new RulerMiss($area, array_values($failing), count($all), $first);
            }
        }
        usort($misses, static fn(RulerMiss $one, RulerMiss $other): int => $one->area <=> $other->area);

        return $misses;
    }

    private function why(TakingPart $part, Operation $operation, Work $work): ?Reason
    {
        $key = $operation->value . '|' . $part->tool->id . '|' . $work->key();
        if (!array_key_exists($key, $this->why)) {
            $isDone = $this->choice->verdict($part, $operation, $work)->fit !== Fit::Unsuitable;
            $this->why[$key] = $isDone ? null : self::failing($this->choice->match($part, $operation, $work)->reasons);
        }

        return $this->why[$key];
    }

    /** @param list<Reason> $reasons */
    private static function failing(array $reasons): ?Reason
    {
        foreach ($reasons as $reason) {
            if ($reason->fit === Fit::Unsuitable) {
                return $reason;
            }
        }

        return null;
    }
}
