<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Operation;

/** Groups the steps that nothing covers by what one tool could cover, and finds what comes nearest. */
final readonly class HoleFinder
{
    public function __construct(private Choice $choice) {}

    /**
     * @param list<LineCover> $lines
     *
     * @return list<Hole> in the order of work
     */
    public function holes(array $lines): array
    {
        $groups = [];
        foreach ($this->choice->operations->all() as $operation => $rules) {
            $groups[$operation] = [];
        }
        foreach ($lines as $line) {
            foreach ($line->steps as $cover) {
                if ($cover->status === Status::Hole) {
                    $operation = $cover->step->operation;
                    $group = implode('|', $this->choice->operations->of($operation)->group($cover->work));
                    $groups[$operation->value][$group]['lines'][$line->line->id] = $line->line;
                    $groups[$operation->value][$group]['covers'][] = $cover;
                }
            }
        }
        $holes = [];
        foreach ($groups as $operation => $byGroup) {
            foreach ($byGroup as ['lines' => $of, 'covers' => $covers]) {
                $holes[] = $this->hole(Operation::from($operation), array_values($of), $covers);
            }
        }

        return $holes;
    }

    /**
     * @param non-empty-list<Line>      $lines
     * @param non-empty-list<StepCover> $covers of one group
     */
    private function hole(Operation $operation, array $lines, array $covers): Hole
    {
        $works = [];
        foreach ($covers as $cover) {
            // Equal works are one object.
            $works[spl_object_id($cover->work)] = $cover->work;
        }
        $works = array_values($works);

        return new Hole($operation, $lines, $covers, $this->choice->operations->of($operation)->wanted($works), $this->nearest($operation, $works));
    }

    /** @param non-empty-list<Work> $works */
    private function nearest(Operation $operation, array $works): ?ToolMatch
    {
        $nearest = null;
        foreach ($this->choice->partsFor($operation) as $part) {
            foreach ($works as $work) {
                $verdict = $this->choice->verdict($part, $operation, $work);
                if ($nearest === null || $verdict->compare($nearest[0]) < 0) {
                    $nearest = [$verdict, $part, $work];
                }
            }
        }

        return $nearest === null ? null : $this->choice->match($nearest[1], $operation, $nearest[2]);
    }
}
