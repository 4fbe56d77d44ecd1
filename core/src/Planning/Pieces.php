<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Verdict\Findings;

/**
 * Who does which step for so much a piece, at their own bench where the tool stays there: only work that can be brought goes
 * there. What that tool requires, it has beside it; no hand but its owner's closes it.
 */
final class Pieces
{
    /** @var array<string, array{?Way, ?Way}> the cheapest that does it properly, and at all */
    private array $known = [];

    /**
     * @param list<Way>    $ways    by the piece
     * @param list<Report> $reports of the scopes, whose lines are asked about
     */
    public function __construct(private readonly array $ways, private readonly array $reports) {}

    /** Null when nobody does it. */
    public function for(PlannedLine $line, int $step, bool $isProper): ?Way
    {
        return $this->ways === [] ? null : ($this->known[$line->scope . '/' . $line->id . '/' . $step] ??= $this->ask($line, $step))[$isProper ? 0 : 1];
    }

    /** @return array{?Way, ?Way} */
    private function ask(PlannedLine $line, int $step): array
    {
        $rules = $this->reports[$line->scope]->rules;
        $operations = new Operations($rules);
        $judge = new Judge($operations, $rules);
        $found = [null, null];
        foreach ($this->reports[$line->scope]->lines as $cover) {
            if ($cover->line !== $line->line) {
                continue;
            }
            $asked = $cover->steps[$step]->step;
            $around = $line->line->surroundings;
            foreach ($this->ways as $way) {
                $of = $operations->of($asked->operation);
                $conditions = $way->tool->needs->inPlaceOnly
                    ? new Conditions(mustTravel: !$around->movable)
                    : new Conditions($around->noMains, $around->access, true);
                $score = $way->tool->capabilitiesFor($asked->operation) === [] ? null : $judge->choice($way->tool, $asked->operation, $of, $of->work($line->line, $asked->end, $conditions));
                foreach ($score === null ? [] : [0 => $score < Findings::MAKESHIFT, 1 => true] as $level => $does) {
                    if ($does && ($found[$level] === null || $way->cost < $found[$level]->cost)) {
                        $found[$level] = $way;
                    }
                }
            }
        }

        return $found;
    }
}
